package mildlantern.pest;

import mildlantern.message.MessageKey;

/** Where a stage of a pest sits, and so what can reach it. */
public enum Place implements MessageKey {
    LEAF,
    /** In folded growth and crevices. */
    BUD,
    /** Under a shell, wax or egg sac. */
    SHELL,
    /** Inside a leaf or root. */
    TISSUE,
    MEDIUM,
    /** On the wing. */
    AIR
}

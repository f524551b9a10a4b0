package mildlantern.handwork;

import mildlantern.message.MessageKey;

/** What a damaged leaf looks like. */
public enum Damage implements MessageKey {
    DRY_TIP,
    DRY_EDGE,
    /** Burnt, frozen, torn or scarred: dry and at rest. */
    OLD_SCAR,
    SPOTS,
    /** Mined by larvae. */
    TUNNELS,
    /** Soft, wet or smelling. */
    SOFT,
    YELLOW,
    DRY
}

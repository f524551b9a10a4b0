package mildlantern.pest;

import mildlantern.message.MessageKey;

/** How a pest is looked for and counted. */
public enum LookWith implements MessageKey {
    LENS,
    EYE,
    /** A shoot tapped over white paper. */
    TAP,
    /** A sticky card left for a week. */
    CARD,
    /** After dark. */
    TORCH,
    /** Out of its pot, the ball's outside and the top of the medium. */
    UNPOT
}

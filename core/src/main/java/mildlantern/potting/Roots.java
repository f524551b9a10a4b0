package mildlantern.potting;

import mildlantern.message.MessageKey;

/** How the roots look when the ball is slipped out of its pot. */
public enum Roots implements MessageKey {
    NOT_SEEN,
    /** Medium shows between them, and they are firm. */
    ROOM,
    /** They hold the whole ball together. */
    FILL,
    /** They run round the wall, or out of the holes. */
    CIRCLING,
    /** Firm, but far fewer than the medium has room for. */
    FEW,
    /** Soft, hollow or smelling. */
    ROTTEN
}

package mildlantern.nutrition;

import mildlantern.message.MessageKey;

/** How a plant is fed. */
public enum FeedHow implements MessageKey {
    /** So many mg/L nitrogen on moist roots. */
    ROOTS,
    /** The same, at half strength to begin again. */
    ROOTS_GENTLY,
    /** So many pitchers to a third, about so many mL each. */
    PITCHERS,
    /** So many sticky leaves. */
    STICKY_LEAVES,
    /** So many mL to the root zone. */
    SNAP_TRAPS
}

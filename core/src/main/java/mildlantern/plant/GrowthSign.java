package mildlantern.plant;

import mildlantern.message.MessageKey;

/** What a grower sees of a plant's year. */
public enum GrowthSign implements MessageKey {
    NEW_GROWTH,
    /** It has lost its leaves, as it does for its rest. */
    BARE,
    /** A flower spike, or buds that can be told from leaf buds. */
    SPIKE,
    /** Buds that swell and show colour. */
    BUDS_SWELL
}

package mildlantern.plant;

import mildlantern.message.MessageKey;

/** Where the water comes from. */
public enum WaterSource implements MessageKey {
    RAIN,
    REVERSE_OSMOSIS,
    DISTILLED,
    SOFT_TAP,
    HARD_TAP,
    SOFTENED_TAP
}

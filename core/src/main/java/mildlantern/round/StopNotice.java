package mildlantern.round;

import mildlantern.message.MessageKey;

/** What the air of a stop asks of whoever waters there. */
public enum StopNotice implements MessageKey {
    /** Leaves stay wet and warm for so long, hours, at how many °C, that leaf spots can begin. */
    LEAF_SPOT,
    /** Nights are cold, °C: what is wet by evening stays cold and wet. */
    WATER_EARLY_COLD,
    /** Nights are so moist, hours, that what is wet by evening does not dry. */
    WATER_EARLY_MOIST
}

package mildlantern.treatment;

import mildlantern.message.MessageKey;

/** A line of a care sheet: one matter in which a plant's keeping is settled. */
public enum CareSetting implements MessageKey {
    WATERING,
    WATER,
    LIGHT,
    PLACE,
    HUMIDITY,
    FEEDING,
    POTTING,
    HEALTH
}

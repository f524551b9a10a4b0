package mildlantern.care;

import mildlantern.message.MessageKey;

/** What a change of care is, why it helps, and what it costs. */
public enum ChangeSays implements MessageKey {
    /** To a stop. */
    MOVE,
    MOVE_BY_STEPS,
    /** Somebody would have to make room. */
    FULL_STOP,
    WEEKS_OF_STEPS,
    ONE_CARRYING,
    /** A need: there, instead of here, in its unit. */
    INSTEAD,
    /** What is said of all needs that differ. */
    DIFFERS,
    MUCH_THE_SAME,
    SOFTER_WATER_BLENDED,
    SOFTER_WATER,
    SOFTER_WATER_COSTS,
    FEED_EVERY,
    FLUSH,
    FLUSH_COSTS,
    RHYTHM,
    /** For what grows on wood, and has no pot to look into. */
    RHYTHM_ON_WOOD,
    LESS_WATER,
    MORE_LOOKS,
    LAMP,
    LAMP_BY_DAY_ONLY,
    LAMP_BEFORE_DUSK,
    LAMP_ADDS,
    LAMP_COSTS,
    HUMIDIFIER,
    HUMIDIFIER_WHY,
    HUMIDIFIER_COSTS_IN_A_CASE,
    HUMIDIFIER_COSTS_IN_A_ROOM,
    HELPS_OTHERS,
    OTHERS_LIKE_IT_LESS,
    NOTHING_FOR_OTHERS
}

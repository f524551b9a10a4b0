package mildlantern.care;

import mildlantern.message.MessageKey;

/** What is amiss with a need: what the plant gets, and what it wants. */
public enum NeedMissed implements MessageKey {
    TOO_DARK,
    TOO_BRIGHT,
    DRY_AIR,
    MOIST_AIR,
    COOL_DAYS,
    HOT_DAYS,
    /** It rests, and wants it cooler. */
    WARM_DAYS_FOR_REST,
    WARM_NIGHTS,
    WARM_NIGHTS_FOR_REST,
    COLD_NIGHTS,
    /** At the leaf, which stands by the glass. */
    COLD_NIGHTS_AT_THE_LEAF,
    WATERED_TOO_OFTEN,
    WATERED_TOO_SELDOM,
    HARD_WATER,
    HUNGRY,
    SALTY
}

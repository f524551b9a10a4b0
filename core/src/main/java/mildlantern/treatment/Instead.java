package mildlantern.treatment;

import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import mildlantern.mixing.Rate;

/** The nearest safe way where something must not be used. */
public enum Instead implements MessageKey {
    /** The name of what serves. */
    USE,
    LEAVE_IT,
    /** The name of what this plant bears. */
    NEAREST,
    NOTHING_ELSE,
    /** The flowers off first, or what this plant bears as it is. */
    CUT_FLOWERS_OR,
    CUT_FLOWERS,
    WATER_FIRST,
    LET_SETTLE,
    END_TRIAL,
    HALF_WHEN_CLOSED,
    COOLER,
    WARMER,
    MOISTER,
    WARM_MEDIUM,
    EVENING,
    EVENING_UNTIL_RINSED,
    OUTDOORS,
    MEASURE_AS_LABEL,
    /** The strongest rate. */
    MIX,
    ANOTHER_DAY,
    /** The day. */
    NOT_BEFORE,
    /** Days. */
    DAYS_BETWEEN,
    LOOK_ON_LABEL,
    RIGHT_PRODUCT,
    /** A rate: amount, unit, and in how much. */
    RATE;

    static Message rate(Rate rate) {
        return RATE.with(rate.amount(), rate.measure(), rate.carrier());
    }
}

package mildlantern.round;

import mildlantern.message.MessageKey;

/** Why something is due. */
public enum DueReason implements MessageKey {
    /** A paused case has rested its time. */
    CASE_RESTED,
    /** A case was opened, when, and no cause is decided on. */
    CASE_OPEN,
    /** The trial's day is today. */
    TRIAL_TODAY,
    /** The trial's day was, when. */
    TRIAL_PAST,
    /** A step, as it was planned. */
    AS_PLANNED,
    NOT_WATERED_YET,
    /** When it is likely dry, since when it was watered, and how long that lasts. */
    LIKELY_DRY,
    LIKELY_DRY_NEVER_WATERED,
    /** It rests dry: since when it was watered, and how often a little is enough. */
    RESTS_DRY,
    /** The same of a tray. */
    TRAY_GONE,
    TRAY_GONE_NEVER_FILLED,
    /** The day on which it may join the others. */
    ALONE,
    ALONE_OVER,
    /** Why no clock ends it. */
    ALONE_FOR_GOOD,
    /** A neighbour has something contagious; how often to look. */
    CATCHING_NEAR,
    /** When it was last looked at. */
    LOOKED,
    NOT_LOOKED_YET,
    /** When it was last fed, and how it is fed. */
    FED,
    NOT_FED_YET,
    /** At the roots, where nothing more is known. */
    FEED_ROOTS,
    CUP_IN_THE_COLD,
    /** An air plant was wetted today and a cold night comes. */
    WET_IN_THE_COLD
}

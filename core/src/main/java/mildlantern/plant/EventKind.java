package mildlantern.plant;

/** What happened to a plant. */
public enum EventKind {
    ACQUIRED,
    MOVED,
    BROUGHT_IN,
    PUT_OUT,
    REPOTTED,
    FED,
    SPRAYED,
    CHILLED,
    FORCED_FLOWERING,
    SHADE_LOST,
    /** Wind, hail or heavy rain. */
    STORM,
    /** The heating came on for the season. */
    HEATING_ON,
    AWAY
}

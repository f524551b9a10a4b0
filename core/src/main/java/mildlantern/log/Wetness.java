package mildlantern.log;

/** What a probe says. */
public enum Wetness {
    DRY,
    MOIST,
    WET
}

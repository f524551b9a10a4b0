package mildlantern.plant;

/** Where the water comes from. */
public enum WaterSource {
    RAIN,
    REVERSE_OSMOSIS,
    DISTILLED,
    SOFT_TAP,
    HARD_TAP,
    SOFTENED_TAP
}

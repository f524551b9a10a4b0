package mildlantern.plant;

/** How dry the medium gets before the next watering. */
public enum Dryness {
    BOG,
    EVENLY_MOIST,
    SURFACE_DRY,
    TOP_DRY,
    NEARLY_DRY,
    LONG_DRY
}

package mildlantern.plant;

/** How far a plant has grown. */
public enum Stage {
    SEEDLING,
    CUTTING,
    ADULT
}

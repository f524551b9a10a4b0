package mildlantern.plant;

/** How free of minerals a plant's water must be. */
public enum WaterWant {
    MINERAL_FREE,
    SOFT,
    ANY
}

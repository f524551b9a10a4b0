package mildlantern.plant;

/** How bright a place is through the day, from dark to direct sun; the order counts. */
public enum Brightness {
    DARK,
    LOW,
    MEDIUM,
    BRIGHT,
    DIRECT
}

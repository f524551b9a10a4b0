package mildlantern.plant;

/** The season where the plant stands. */
public enum Season {
    SPRING,
    SUMMER,
    AUTUMN,
    WINTER
}

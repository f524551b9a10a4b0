package mildlantern.plant;

/** The season where the plant stands. */
public enum Season {
    SPRING,
    SUMMER,
    AUTUMN,
    WINTER;

    /** Whether most plants grow in it. */
    public boolean growing() {
        return this == SPRING || this == SUMMER;
    }
}

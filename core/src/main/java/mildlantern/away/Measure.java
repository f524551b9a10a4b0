package mildlantern.away;

/** What is done with a plant before its grower goes, from the least work to the most. */
public enum Measure {
    /** Nothing: it lasts. */
    NOTHING,
    /** Nothing, and nobody else waters it: it rests dry. */
    KEPT_DRY,
    /** Wetted through on the last day. */
    SOAK,
    /** Wetted through, and out of the sun. */
    SHADE,
    /** Wetted through, out of the sun and close together with others. */
    GROUP,
    /** On a wick or in a tray with enough water. */
    RESERVOIR;

    /** Whether it is wetted through before. */
    public boolean soaked() {
        return compareTo(SOAK) >= 0;
    }
}

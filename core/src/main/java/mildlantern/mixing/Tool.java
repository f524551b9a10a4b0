package mildlantern.mixing;

import mildlantern.message.MessageKey;

/** Something a grower measures with: two syringes, a spoon, a jug and a pocket scale. */
public enum Tool implements MessageKey {
    SMALL_SYRINGE(Measure.Kind.VOLUME, 0.05, 1),
    SYRINGE(Measure.Kind.VOLUME, 0.5, 10),
    SPOON(Measure.Kind.VOLUME, 2.5, 50),
    JUG(Measure.Kind.VOLUME, 10, 5000),
    SCALE(Measure.Kind.MASS, 0.1, 500);

    private final Measure.Kind kind;
    private final double step;
    private final double holds;

    Tool(Measure.Kind kind, double step, double holds) {
        this.kind = kind;
        this.step = step;
        this.holds = holds;
    }

    /** What it measures. */
    public Measure.Kind kind() {
        return kind;
    }

    /** Its finest mark, mL or g. */
    public double step() {
        return step;
    }

    /** What it holds at once, mL or g. */
    public double holds() {
        return holds;
    }
}

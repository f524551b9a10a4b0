package mildlantern.pest;

import java.util.ArrayList;
import java.util.List;
import mildlantern.quantity.Range;

/**
 * One draw of what is not known for sure: the pest's own figures, how well the plant was wetted, what of it is killed, and how many
 * there were to begin with.
 */
record Drawn(LifeTable table, double coverage, double kill, double start) {
    /** How many more or fewer there may be than were counted or assumed at the start. */
    private static final Range START_UNSURE = new Range(0.5, 2);

    private static final double COVERAGE_UNSURE = 0.05;

    /** Evenly spread over each uncertain figure, each in an order of its own: a low-discrepancy sequence (Kronecker, by roots of primes). */
    static List<Drawn> of(LifeTable table, Conditions conditions, int count) {
        double[] roots = {Math.sqrt(2), Math.sqrt(3), Math.sqrt(5), Math.sqrt(7), Math.sqrt(11), Math.sqrt(13)};
        List<Drawn> made = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            double[] u = new double[roots.length];
            for (int j = 0; j < u.length; j++) {
                u[j] = (0.5 + i * roots[j]) % 1;
            }
            LifeTable.Unsure unsure = table.unsure();
            LifeTable here = table.in(conditions.humidity());
            double coverage = conditions.coverage() + (2 * u[3] - 1) * COVERAGE_UNSURE;
            made.add(new Drawn(
                    here.moved(
                            between(unsure.development(), u[0]),
                            between(unsure.laying(), u[1]),
                            between(unsure.loss(), u[2])),
                    Math.max(0, Math.min(1, coverage)),
                    u[4],
                    conditions.start()
                            * START_UNSURE.low()
                            * Math.pow(START_UNSURE.high() / START_UNSURE.low(), u[5])));
        }
        return List.copyOf(made);
    }

    private static double between(Range range, double where) {
        return range.low() + where * (range.high() - range.low());
    }
}

package mildlantern.outcome;

import java.util.List;

/**
 * Lengths of leaves as they came, cm.
 *
 * @param before those that were noted before a change
 * @param since those that were noted after it
 */
public record Leaves(List<Double> before, List<Double> since) {
    /** By how much longer those since are: the difference of the means of their natural logarithms. */
    double longer() {
        return mean(since) - mean(before);
    }

    private static double mean(List<Double> lengths) {
        return lengths.stream().mapToDouble(Math::log).average().orElse(0);
    }

    /** The variance of that difference, in the variance of one leaf. */
    double weight() {
        return 1.0 / before.size() + 1.0 / since.size();
    }
}

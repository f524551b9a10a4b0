package mildlantern.bench;

import java.util.List;

/** Medians and the like. */
final class Shares {
    private Shares() {}

    static double median(List<Double> values) {
        return of(values, 0.5);
    }

    /** The value under which so large a share of them lies. */
    static double of(List<Double> values, double share) {
        double[] sorted =
                values.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        return sorted.length == 0
                ? 0
                : sorted[(int) Math.min(sorted.length - 1L, Math.round(share * (sorted.length - 1)))];
    }

    static double since(long began) {
        return (System.nanoTime() - began) / 1e6;
    }
}

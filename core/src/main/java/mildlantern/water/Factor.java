package mildlantern.water;

import java.util.Arrays;

/**
 * What is believed of a plant's own factor: how much faster or slower than reckoned its pot dries. A grid over the factor's natural
 * logarithm with a weight a point; the prior is normal.
 */
final class Factor {
    private static final int POINTS = 45;

    /** The grid reaches so many standard deviations of the prior to both sides. */
    private static final double REACH = 3.2;

    final double[] factor = new double[POINTS];
    final double[] weight = new double[POINTS];
    private final double[] log = new double[POINTS];
    private final double spacing;

    Factor(double meanLog, double spread) {
        spacing = 2 * REACH * spread / (POINTS - 1);
        for (int i = 0; i < POINTS; i++) {
            double z = -REACH + 2 * REACH * i / (POINTS - 1);
            log[i] = meanLog + z * spread;
            factor[i] = Math.exp(log[i]);
            weight[i] = Math.exp(-z * z / 2);
        }
        normalise();
    }

    int points() {
        return POINTS;
    }

    /** Takes in how likely an observation was under each factor. */
    void observe(double[] likelihood) {
        for (int i = 0; i < POINTS; i++) {
            weight[i] *= likelihood[i];
        }
        normalise();
    }

    /** Lets the factor drift: a step of a random walk with this variance of the logarithm. */
    void drift(double variance) {
        double share = Math.min(0.33, variance / (2 * spacing * spacing));
        double[] before = weight.clone();
        for (int i = 0; i < POINTS; i++) {
            double below = before[Math.max(0, i - 1)];
            double above = before[Math.min(POINTS - 1, i + 1)];
            weight[i] = (1 - 2 * share) * before[i] + share * (below + above);
        }
        normalise();
    }

    private void normalise() {
        double sum = Arrays.stream(weight).sum();
        for (int i = 0; i < POINTS; i++) {
            weight[i] /= sum;
        }
    }

    double meanLog() {
        double mean = 0;
        for (int i = 0; i < POINTS; i++) {
            mean += weight[i] * log[i];
        }
        return mean;
    }

    double spreadLog() {
        double mean = meanLog();
        double variance = 0;
        for (int i = 0; i < POINTS; i++) {
            variance += weight[i] * (log[i] - mean) * (log[i] - mean);
        }
        return Math.sqrt(variance);
    }

    /**
     * The value below which a share of the weight lies.
     *
     * @param values one a grid point, in any order
     */
    double quantile(double[] values, double share) {
        Integer[] order = new Integer[POINTS];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (a, b) -> Double.compare(values[a], values[b]));
        double sum = 0;
        for (int i : order) {
            sum += weight[i];
            if (sum >= share) {
                return values[i];
            }
        }
        return values[order[POINTS - 1]];
    }

    double mean(double[] values) {
        double mean = 0;
        for (int i = 0; i < POINTS; i++) {
            mean += weight[i] * values[i];
        }
        return mean;
    }
}

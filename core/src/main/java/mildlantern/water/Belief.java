package mildlantern.water;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * What is believed of a plant's thirst and of its pot's store: how much faster or slower its leaves lose, and how much more or less its medium holds,
 * than reckoned. A grid over both natural logarithms with a weight a point; the priors are normal and independent. The thirst goes with the plant into
 * another pot, the store stays with the old one.
 */
final class Belief {
    private static final int THIRSTS = 13;
    private static final int STORES = 5;
    private static final int POINTS = THIRSTS * STORES;

    /** The grids reach so many standard deviations of the prior to both sides. */
    private static final double REACH = 2.6;

    private static final double STORE_REACH = 2;

    private final double[] logThirst = new double[THIRSTS];
    private final double[] logStore = new double[STORES];
    private final double[] thirst = new double[THIRSTS];
    private final int[] order = IntStream.range(0, POINTS).toArray();
    private double[] weight = new double[POINTS];

    /**
     * @param meanLog of the thirst
     * @param spread of its logarithm
     */
    Belief(double meanLog, double spread) {
        for (int t = 0; t < THIRSTS; t++) {
            double z = -REACH + 2 * REACH * t / (THIRSTS - 1);
            logThirst[t] = meanLog + z * spread;
            thirst[t] = Math.exp(logThirst[t]);
            for (int s = 0; s < STORES; s++) {
                weight[t * STORES + s] = Math.exp(-z * z / 2);
            }
        }
        normalise();
    }

    int points() {
        return POINTS;
    }

    double thirst(int i) {
        return thirst[i / STORES];
    }

    double store(int i) {
        return Math.exp(logStore[i % STORES]);
    }

    double weight(int i) {
        return weight[i];
    }

    /**
     * Goes into another pot: of its store only the prior is known.
     *
     * @param meanLog of the store
     * @param spread of its logarithm
     */
    void into(double meanLog, double spread) {
        double[] ofThirst = new double[THIRSTS];
        for (int i = 0; i < POINTS; i++) {
            ofThirst[i / STORES] += weight[i];
        }
        for (int s = 0; s < STORES; s++) {
            double z = -STORE_REACH + 2 * STORE_REACH * s / (STORES - 1);
            logStore[s] = meanLog + z * spread;
            for (int t = 0; t < THIRSTS; t++) {
                weight[t * STORES + s] = ofThirst[t] * Math.exp(-z * z / 2);
            }
        }
        normalise();
    }

    /** Takes in how likely an observation was under each point. */
    void observe(double[] likelihood) {
        for (int i = 0; i < POINTS; i++) {
            weight[i] *= likelihood[i];
        }
        normalise();
    }

    /** Lets the thirst drift: a step of a random walk with this variance of the logarithm. */
    void drift(double variance) {
        double spacing = logThirst[1] - logThirst[0];
        double share = variance / (2 * spacing * spacing);
        int times = (int) Math.ceil(share / 0.3);
        for (int n = 0; n < times; n++) {
            step(share / times);
        }
    }

    private void step(double share) {
        double[] before = weight;
        weight = new double[POINTS];
        for (int i = 0; i < POINTS; i++) {
            double below = before[i < STORES ? i : i - STORES];
            double above = before[i + STORES >= POINTS ? i : i + STORES];
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

    double meanLogThirst() {
        double mean = 0;
        for (int i = 0; i < POINTS; i++) {
            mean += weight[i] * logThirst[i / STORES];
        }
        return mean;
    }

    double mean(double[] values) {
        double mean = 0;
        for (int i = 0; i < POINTS; i++) {
            mean += weight[i] * values[i];
        }
        return mean;
    }

    /** Standard deviation of the natural logarithm of values above 0, one a point. */
    double spreadLog(double[] values) {
        double[] logs = Arrays.stream(values).map(Math::log).toArray();
        double mean = mean(logs);
        return Math.sqrt(
                mean(Arrays.stream(logs).map(it -> (it - mean) * (it - mean)).toArray()));
    }

    /**
     * The value below which a share of the weight lies; between two points in proportion.
     *
     * @param values one a point, in any order
     */
    double quantile(double[] values, double share) {
        sort(values);
        double sum = 0;
        double lastSum = 0;
        double last = values[order[0]];
        for (int i : order) {
            double middle = sum + weight[i] / 2;
            if (middle >= share) {
                double part = middle == lastSum ? 1 : (share - lastSum) / (middle - lastSum);
                return last + Math.max(0, part) * (values[i] - last);
            }
            sum += weight[i];
            lastSum = middle;
            last = values[i];
        }
        return last;
    }

    /** By insertion from the last order: from day to day it hardly changes. */
    private void sort(double[] values) {
        for (int i = 1; i < POINTS; i++) {
            int moved = order[i];
            double value = values[moved];
            int to = i;
            while (to > 0 && values[order[to - 1]] > value) {
                order[to] = order[to - 1];
                to--;
            }
            order[to] = moved;
        }
    }
}

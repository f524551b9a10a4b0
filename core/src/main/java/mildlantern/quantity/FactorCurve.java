package mildlantern.quantity;

import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * A positive factor that depends on a number: given points, log-linear between them, level beyond the outermost.
 * Log-linear, because factors on odds multiply: halfway between 1 and 4 lies 2.
 */
public final class FactorCurve {
    private final double[] at;
    private final double[] logFactor;

    /**
     * @param points number to factor, at least one; factors are positive
     * @throws IllegalArgumentException if there is no point or a factor is not positive
     */
    public FactorCurve(Map<Double, Double> points) {
        if (points.isEmpty()) {
            throw new IllegalArgumentException("a curve needs at least one point");
        }
        SortedMap<Double, Double> sorted = new TreeMap<>(points);
        at = new double[sorted.size()];
        logFactor = new double[sorted.size()];
        int i = 0;
        for (Map.Entry<Double, Double> point : sorted.entrySet()) {
            if (!(point.getValue() > 0)) {
                throw new IllegalArgumentException("the factor at " + point.getKey() + " must be above 0");
            }
            at[i] = point.getKey();
            logFactor[i++] = Math.log(point.getValue());
        }
    }

    /** Natural logarithm of the factor at a number. */
    public double logAt(double x) {
        if (x <= at[0]) {
            return logFactor[0];
        }
        for (int i = 1; i < at.length; i++) {
            if (x <= at[i]) {
                double share = (x - at[i - 1]) / (at[i] - at[i - 1]);
                return logFactor[i - 1] + share * (logFactor[i] - logFactor[i - 1]);
            }
        }
        return logFactor[at.length - 1];
    }
}

package mildlantern.water;

import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Days with their doubt: that of what is believed of the plant, and that of the day-to-day run, which add as independent ones do.
 *
 * @param days one a point of what is believed
 * @param noise standard deviation of the day-to-day run, days
 */
record Doubt(Belief belief, double[] days, double noise) {
    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);

    /** The days below which a share of the doubt lies; not below 0. */
    double at(double share) {
        double middle = belief.quantile(days, 0.5);
        double there = belief.quantile(days, share) - middle;
        double run = NORMAL.inverseCumulativeProbability(share) * noise;
        return Math.max(0, middle + Math.signum(share - 0.5) * Math.hypot(there, run));
    }
}

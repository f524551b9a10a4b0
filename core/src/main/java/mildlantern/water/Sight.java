package mildlantern.water;

import java.util.function.DoubleUnaryOperator;

/**
 * How likely something seen is under each moisture of the medium, tabled once, so that it can be asked for many.
 *
 * <p>A share of entries are slips of the pen that say nothing, so that one wrong entry cannot outweigh the rest.
 */
final class Sight {
    private static final double FROM = -0.8;
    private static final double STEP = 0.02;
    private static final int STEPS = 121;

    /** A normal density at steps of three quarters of a deviation. */
    private static final double[] DEVIATIONS = {-2.25, -1.5, -0.75, 0, 0.75, 1.5, 2.25};

    private static final double[] SHARES = new double[DEVIATIONS.length];

    static {
        double sum = 0;
        for (int i = 0; i < SHARES.length; i++) {
            SHARES[i] = Math.exp(-DEVIATIONS[i] * DEVIATIONS[i] / 2);
            sum += SHARES[i];
        }
        for (int i = 0; i < SHARES.length; i++) {
            SHARES[i] /= sum;
        }
    }

    private final double[] sound = new double[STEPS];
    private final double slip;

    /**
     * @param sound how likely it is under a moisture, 0 to 1
     * @param slips share of entries that are slips
     * @param anything how likely it is where it says nothing
     */
    Sight(DoubleUnaryOperator sound, double slips, double anything) {
        for (int i = 0; i < STEPS; i++) {
            this.sound[i] = (1 - slips) * sound.applyAsDouble(FROM + i * STEP);
        }
        this.slip = slips * anything;
    }

    private double at(double moisture) {
        double step = Math.max(0, Math.min(STEPS - 1.001, (moisture - FROM) / STEP));
        int below = (int) step;
        return sound[below] + (step - below) * (sound[below + 1] - sound[below]);
    }

    /** The moisture that it stands for by itself, 0 to 1: for starting from and for drawing. */
    double moisture() {
        return Math.max(0, Math.min(1, taken(0.5, 0.4).moisture()));
    }

    /**
     * What it makes of a reckoned moisture.
     *
     * @param doubt standard deviation of the reckoning
     */
    Taken taken(double moisture, double doubt) {
        double likely = 0;
        double mean = 0;
        for (int i = 0; i < SHARES.length; i++) {
            double there = moisture + doubt * DEVIATIONS[i];
            double share = SHARES[i] * at(there);
            likely += share;
            mean += share * there;
        }
        double all = likely + slip;
        return new Taken(all, (mean + slip * moisture) / all, likely / all);
    }

    /**
     * @param likelihood how likely it was
     * @param moisture what is reckoned with from now on
     * @param believed how far it is believed to be no slip, 0 to 1
     */
    record Taken(double likelihood, double moisture, double believed) {}
}

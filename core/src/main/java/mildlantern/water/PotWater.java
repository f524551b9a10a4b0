package mildlantern.water;

import java.util.ArrayList;
import java.util.List;

/**
 * The water balance of one pot. Water is counted in mL from bone dry; what a tray or reservoir holds lies above what the medium
 * holds, and goes first.
 *
 * <p>Loss a day = factor · (leaf · pull of the day · stress + bare · deficit · saturation²). Stress is 1 while more than the given
 * share of the usable water is left and falls in proportion below it (Allen et al. 1998, FAO paper 56, equation 84); the loss of
 * surface and wall falls with the square of saturation, as of a medium that dries from outside in.
 */
public final class PotWater {
    /** Most water, as share of what the medium holds, that may go in one step; the error of a dry-down then stays below 1 %. */
    private static final double A_STEP = 0.06;

    /** Steps a day while it is sought when a pot is dry. */
    private static final int STEPS = 4;

    private static final double LONGEST_DAYS = 120;

    private final double capacityMl;
    /** What is held so tightly that roots cannot take it. */
    private final double boundMl;

    private final double reservoirMl;
    private final double leafMl;
    private final double surfaceMl;
    private final double stressBelow;
    private final double left;
    private final double waitDays;
    private final WaterKnowledge knowledge;

    PotWater(
            double capacityMl,
            double boundMl,
            double reservoirMl,
            double leafMl,
            double surfaceMl,
            double stressBelow,
            double left,
            double waitDays,
            WaterKnowledge knowledge) {
        this.capacityMl = capacityMl;
        this.boundMl = boundMl;
        this.reservoirMl = reservoirMl;
        this.leafMl = leafMl;
        this.surfaceMl = surfaceMl;
        this.stressBelow = stressBelow;
        this.left = left;
        this.waitDays = waitDays;
        this.knowledge = knowledge;
    }

    /** What the medium holds when it has drained, mL. */
    public double capacityMl() {
        return capacityMl;
    }

    /** What reservoir or tray hold when full, mL; 0 without one. */
    public double reservoirMl() {
        return reservoirMl;
    }

    /** All the pot can hold: medium and reservoir, mL. */
    public double topMl() {
        return capacityMl + reservoirMl;
    }

    /** What is left, mL, when the plant wants water again; with a reservoir, when that has just run out. */
    public double thresholdMl() {
        return reservoirMl > 0 ? capacityMl : boundMl + left * (capacityMl - boundMl);
    }

    /** Share of the usable water in the medium that is left: 1 at capacity, 0 when roots find nothing, below 0 towards bone dry. */
    public double moisture(double waterMl) {
        return (Math.min(waterMl, capacityMl) - boundMl) / (capacityMl - boundMl);
    }

    /** The water, mL, at which so much of the usable share is left. */
    public double waterAt(double moisture) {
        return boundMl + moisture * (capacityMl - boundMl);
    }

    /** What is there to be used, 0 to 1, reservoir included: for drawing. */
    public double fullness(double waterMl) {
        return Math.max(0, (waterMl - boundMl) / (topMl() - boundMl));
    }

    /**
     * What is poured in.
     *
     * @param waterMl what is there
     * @param pouredMl what is poured, 0 or more
     */
    public Poured pour(double waterMl, double pouredMl) {
        double after = Math.min(topMl(), waterMl + pouredMl);
        return new Poured(after, waterMl + pouredMl - after);
    }

    /**
     * After pouring.
     *
     * @param waterMl what is there now
     * @param runOffMl what ran out below
     */
    public record Poured(double waterMl, double runOffMl) {}

    /** What a day's climate draws from this pot, mL a day at a factor of 1 while nothing is short. */
    Pull pull(Climate climate) {
        double[] pull = knowledge.pull(climate);
        return new Pull(leafMl * pull[0], surfaceMl * pull[1]);
    }

    /**
     * @param leafMl by the leaves, mL a day
     * @param bareMl by surface and wall, mL a day
     */
    record Pull(double leafMl, double bareMl) {}

    /** Loss a day, mL, at this much water. */
    public double lossPerDay(double waterMl, Climate climate, double factor) {
        return loss(waterMl, pull(climate), factor);
    }

    private double loss(double waterMl, Pull pull, double factor) {
        double stress = Math.max(0, Math.min(1, moisture(waterMl) / stressBelow));
        double saturation = Math.max(0, Math.min(1, waterMl / capacityMl));
        return factor * (pull.leafMl() * stress + pull.bareMl() * saturation * saturation);
    }

    /**
     * What is left after some days without watering.
     *
     * @param waterMl what is there, 0 to {@link #topMl()}
     * @param days how long, 0 or more
     * @return mL, from 0 to what was there
     */
    public double after(double waterMl, Climate climate, double factor, double days) {
        return after(waterMl, pull(climate), factor, days);
    }

    double after(double waterMl, Pull pull, double factor, double days) {
        int steps = (int) Math.max(1, Math.ceil(days * loss(waterMl, pull, factor) / (A_STEP * capacityMl)));
        double step = days / steps;
        double water = waterMl;
        for (int i = 0; i < steps; i++) {
            double halfway = Math.max(0, water - loss(water, pull, factor) * step / 2);
            water = Math.max(0, water - Math.min(water, loss(halfway, pull, factor) * step));
        }
        return water;
    }

    /**
     * Days until the plant wants water.
     *
     * @return 0 where it does now; at most 120, where it never comes to that
     */
    public double daysToDry(double waterMl, Climate climate, double factor) {
        return daysTo(thresholdMl(), waterMl, pull(climate), factor) + waitDays;
    }

    private double daysTo(double thresholdMl, double waterMl, Pull pull, double factor) {
        double water = waterMl;
        double days = 0;
        double step = 1.0 / STEPS;
        while (water > thresholdMl && days < LONGEST_DAYS) {
            double next = after(water, pull, factor, step);
            if (next <= thresholdMl) {
                return days + step * (water - thresholdMl) / Math.max(1e-9, water - next);
            }
            water = next;
            days += step;
        }
        return Math.min(days, LONGEST_DAYS);
    }

    /**
     * A dry-down from full at a factor of 1 in one climate. As all loss is in proportion to the factor, it tells the days of every
     * factor and of every amount of water.
     */
    DryDown dryDown(Pull pull) {
        List<Double> left = new ArrayList<>(List.of(topMl()));
        double water = topMl();
        while (water > thresholdMl() && left.size() <= LONGEST_DAYS * STEPS * LEAST_FACTOR) {
            water = after(water, pull, 1, 1.0 / STEPS);
            left.add(water);
        }
        return new DryDown(left.stream().mapToDouble(Double::doubleValue).toArray());
    }

    /** The lowest factor for which {@link #dryDown} reaches to the longest days. */
    private static final int LEAST_FACTOR = 4;

    /** What is left at each step of a dry-down. */
    final class DryDown {
        private final double[] left;

        private DryDown(double[] left) {
            this.left = left;
        }

        /** Days from so much water until the plant wants some, waiting included. */
        double days(double waterMl, double factor) {
            double whole = steps(thresholdMl()) - steps(Math.max(waterMl, thresholdMl()));
            return Math.min(LONGEST_DAYS, Math.max(0, whole) / STEPS / factor) + waitDays;
        }

        /** Steps from full to so much water. */
        private double steps(double waterMl) {
            int low = 0;
            int high = left.length - 1;
            if (waterMl <= left[high]) {
                return high;
            }
            while (high - low > 1) {
                int middle = (low + high) >>> 1;
                if (left[middle] > waterMl) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return low + Math.max(0, (left[low] - waterMl) / Math.max(1e-12, left[low] - left[high]));
        }
    }

    /** Days it stays dry before the next watering is wanted. */
    double waitDays() {
        return waitDays;
    }

    /**
     * How much to pour to wet it through so that some runs out below.
     *
     * @param waterMl what is there
     * @return mL; with a reservoir just what fills it
     */
    public double toWetThroughMl(double waterMl) {
        double missing = Math.max(0, topMl() - waterMl);
        return reservoirMl > 0 ? missing : missing / (1 - knowledge.runOff.middle());
    }
}

package mildlantern.pest;

import java.util.Arrays;

/** What will be noticed day by day, if all goes as it was reckoned, in each of many collections. */
public final class Outlook {
    private static final double FEW = 0.05;
    private static final double MANY = 0.95;

    private final double[][] noticed;

    /** @param noticed by day, how many in each collection */
    Outlook(double[][] noticed) {
        this.noticed = noticed;
        for (double[] day : noticed) {
            Arrays.sort(day);
        }
    }

    /** How far it reaches, days. */
    public int days() {
        return noticed.length - 1;
    }

    /** The fewest in nine of ten collections. */
    public double low(int day) {
        return at(day, FEW);
    }

    /** As many as half of the collections have. */
    public double middle(int day) {
        return at(day, 0.5);
    }

    /** The most in nine of ten collections. */
    public double high(int day) {
        return at(day, MANY);
    }

    private double at(int day, double share) {
        double[] sorted = noticed[Math.min(day, days())];
        return sorted[(int) (share * sorted.length)];
    }

    /** Share of those at the start that is gone by a day, 0 to 1. */
    public double fewer(int day) {
        return middle(0) <= 0 ? 0 : Math.max(0, 1 - middle(day) / middle(0));
    }

    /**
     * Chance to count as many or more: the mean over the collections of the upper tail of a Poisson count.
     *
     * @param counted how many were counted on that day, 0 or more
     */
    public double chanceOf(int day, int counted) {
        return Arrays.stream(noticed[Math.min(day, days())])
                .map(expected -> Poisson.atLeast(counted, expected))
                .average()
                .orElse(1);
    }
}

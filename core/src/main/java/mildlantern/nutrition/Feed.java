package mildlantern.nutrition;

import mildlantern.quantity.Limits;

/**
 * What a feed holds, as elements, however its label says it.
 *
 * @param nitrogen share of N by mass, percent
 * @param phosphorus share of P (element), percent
 * @param potassium share of K (element), percent
 */
public record Feed(double nitrogen, double phosphorus, double potassium) {
    /** P in P₂O₅ and K in K₂O, by atomic masses (P 30.974, K 39.098, O 15.999). */
    public static final double P_IN_OXIDE = 2 * 30.974 / (2 * 30.974 + 5 * 15.999);

    public static final double K_IN_OXIDE = 2 * 39.098 / (2 * 39.098 + 15.999);

    /**
     * @throws IllegalArgumentException if a share lies outside 0 to 100 %
     */
    public Feed {
        Limits.require("nitrogen", nitrogen, 0, 100, "%");
        Limits.require("phosphorus", phosphorus, 0, 100, "%");
        Limits.require("potassium", potassium, 0, 100, "%");
    }

    /** A label of N, P₂O₅ and K₂O in percent by mass, as in 20-20-20. */
    public static Feed oxides(double n, double p2o5, double k2o) {
        return new Feed(n, p2o5 * P_IN_OXIDE, k2o * K_IN_OXIDE);
    }

    /** A label of elements in grams per kilogram. */
    public static Feed elements(double n, double p, double k) {
        return new Feed(n / 10, p / 10, k / 10);
    }

    /**
     * A label of a ratio of elements with the total in brackets, as in 6:1:3 (10).
     *
     * @param total N, P and K together, percent
     * @throws IllegalArgumentException if the ratio is all zeros
     */
    public static Feed ratio(double n, double p, double k, double total) {
        double sum = n + p + k;
        if (!(sum > 0)) {
            throw new IllegalArgumentException("a ratio needs at least one number above 0");
        }
        return new Feed(n / sum * total, p / sum * total, k / sum * total);
    }

    /**
     * Feed in a litre for so much nitrogen: g/L = mg/L ÷ (10 × percent).
     *
     * @param milligramsPerLitre nitrogen wanted, mg/L
     * @return g/L
     * @throws IllegalArgumentException if the feed holds no nitrogen
     */
    public double gramsPerLitreFor(double milligramsPerLitre) {
        if (!(nitrogen > 0)) {
            throw new IllegalArgumentException("this feed holds no nitrogen, so no amount of it gives any");
        }
        return Limits.require("nitrogen wanted", milligramsPerLitre, 0, 2000, "mg/L") / (10 * nitrogen);
    }

    /** Milligrams of an element in a litre, from its percentage and grams of feed in the litre. */
    public static double milligramsPerLitre(double percent, double gramsPerLitre) {
        return percent * gramsPerLitre * 10;
    }
}

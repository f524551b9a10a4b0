package mildlantern.mixing;

import java.util.List;
import mildlantern.quantity.Limits;

/**
 * One mixture for several plants.
 *
 * @param shares what each plant gets, mL
 * @param millilitres what to make: their sum, with a tenth to spare, rounded up to a mark of the jug, mL
 */
public record Batch(List<Double> shares, double millilitres) {
    /** What sticks to the bottle and drips off. */
    private static final double SPARE = 0.10;

    private static final double JUG_MARK = 10;

    /** Spray that wets one cm² of leaf to the point of dripping, mL; 500 L to the hectare of leaf, the usual of spraying to run-off. */
    private static final double WETS = 0.05;

    /**
     * @param shares mL for each plant, each 0 or more
     */
    public static Batch of(List<Double> shares) {
        shares.forEach(share -> Limits.require("share", share, 0, 1e6, "mL"));
        double sum = shares.stream().mapToDouble(Double::doubleValue).sum();
        double marks = Math.ceil(sum * (1 + SPARE) / JUG_MARK - 1e-9);
        return new Batch(List.copyOf(shares), marks * JUG_MARK);
    }

    /**
     * Spray that wets both sides of a plant's leaves.
     *
     * @param leafSquareCm leaf area, one side, cm²
     * @return mL
     */
    public static double spray(double leafSquareCm) {
        return 2 * WETS * Limits.require("leaf area", leafSquareCm, 0, 1e6, "cm²");
    }
}

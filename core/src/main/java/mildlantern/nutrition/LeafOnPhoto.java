package mildlantern.nutrition;

import mildlantern.quantity.Limits;

/** The length of a leaf on a photo, by something of known width that lies beside it. */
public final class LeafOnPhoto {
    /** Ends that are closer than so many points of the photo cannot be told apart by a finger. */
    private static final double LEAST_POINTS = 8;

    private LeafOnPhoto() {}

    /** A point of the photo, in points from its upper left. */
    public record Tap(double x, double y) {
        double to(Tap other) {
            return Math.hypot(x - other.x, y - other.y);
        }
    }

    /**
     * Length = known width × points of the leaf ÷ points of the known thing. Both are taken to lie in one plane across the line of sight; a leaf that
     * leans by 20° shows 6 % short (cos 20°).
     *
     * @param knownMm width of the known thing, 1 to 500 mm
     * @param one its one edge
     * @param other its other edge
     * @param base of the leaf
     * @param tip of the leaf
     * @return cm
     * @throws IllegalArgumentException if two ends lie on one point, or the width is out of range; the message is for the grower
     */
    public static double lengthCm(double knownMm, Tap one, Tap other, Tap base, Tap tip) {
        Limits.require("known width", knownMm, 1, 500, "mm");
        if (one.to(other) < LEAST_POINTS || base.to(tip) < LEAST_POINTS) {
            throw new IllegalArgumentException(
                    "two ends lie on one point; tap the edges of the coin or label, then both ends of the leaf");
        }
        return Limits.require("length of the leaf", knownMm / 10 * base.to(tip) / one.to(other), 0.1, 300, "cm");
    }
}

package mildlantern.quantity;

/**
 * A closed range of one quantity, in the unit that its owner names.
 *
 * @param low lower end
 * @param high upper end, not below the lower
 */
public record Range(double low, double high) {
    /**
     * @throws IllegalArgumentException if an end is not finite or the ends are crossed
     */
    public Range {
        if (!Double.isFinite(low) || !Double.isFinite(high) || high < low) {
            throw new IllegalArgumentException("a range runs from low to high, not from " + low + " to " + high);
        }
    }

    /** The value halfway between the ends. */
    public double middle() {
        return (low + high) / 2;
    }

    /** Whether the value lies within, ends included. */
    public boolean contains(double value) {
        return value >= low && value <= high;
    }
}

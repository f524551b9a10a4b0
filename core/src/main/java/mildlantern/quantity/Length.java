package mildlantern.quantity;

/**
 * A length or a distance; below 0 where it is told from a mark.
 *
 * @param centimetres from -100,000 to 100,000 cm
 */
public record Length(double centimetres) implements Measured {
    /**
     * @throws IllegalArgumentException if it lies outside
     */
    public Length {
        Limits.require("length", centimetres, -100_000, 100_000, "cm");
    }

    @Override
    public double amount() {
        return centimetres;
    }
}

package mildlantern.quantity;

/**
 * An amount of water or of what is mixed with it.
 *
 * @param millilitres from 0 to 1,000,000 mL
 */
public record Volume(double millilitres) implements Measured {
    /**
     * @throws IllegalArgumentException if it lies outside
     */
    public Volume {
        Limits.require("volume", millilitres, 0, 1_000_000, "mL");
    }

    @Override
    public double amount() {
        return millilitres;
    }
}

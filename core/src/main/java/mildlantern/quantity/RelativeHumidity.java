package mildlantern.quantity;

/**
 * Relative humidity of the air.
 *
 * @param percent share of saturation, from 0 to 100 %
 */
public record RelativeHumidity(double percent) {
    /**
     * @throws IllegalArgumentException if the value lies outside 0 to 100 %
     */
    public RelativeHumidity {
        Limits.require("relative humidity", percent, 0, 100, "%");
    }
}

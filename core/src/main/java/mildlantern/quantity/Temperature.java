package mildlantern.quantity;

/**
 * An air temperature.
 *
 * @param celsius degrees Celsius, from -60 to 70 (what thermometers near plants can show)
 */
public record Temperature(double celsius) implements Measured {
    /**
     * @throws IllegalArgumentException if the value lies outside -60 to 70 °C
     */
    public Temperature {
        Limits.require("temperature", celsius, -60, 70, "°C");
    }

    @Override
    public double amount() {
        return celsius;
    }
}

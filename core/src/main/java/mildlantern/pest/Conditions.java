package mildlantern.pest;

import mildlantern.quantity.Limits;

/**
 * Where and how a pest is fought.
 *
 * @param celsius mean temperature at the stop, °C, -5 to 45
 * @param coverage share of the plant's surface that an application wets, 0 to 1
 * @param start living of all stages at the beginning, above 0
 */
public record Conditions(double celsius, double coverage, double start) {
    /**
     * @throws IllegalArgumentException if a value is out of range
     */
    public Conditions {
        Limits.require("temperature", celsius, -5, 45, "°C");
        Limits.require("coverage", coverage, 0, 1, "of the surface");
        Limits.require("numbers at the start", start, 0.001, 1e9, "animals");
    }
}

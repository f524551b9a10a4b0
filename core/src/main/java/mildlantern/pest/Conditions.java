package mildlantern.pest;

import java.util.OptionalDouble;
import mildlantern.quantity.Limits;

/**
 * Where and how a pest is fought.
 *
 * @param celsius mean temperature at the stop, °C, -5 to 45
 * @param humidity mean relative humidity there, percent; it acts on mites
 * @param coverage share of the plant's surface that an application wets, 0 to 1
 * @param start living of all stages at the beginning, above 0
 * @param refuge share of the surface that every application misses, 0 to 0.5
 */
public record Conditions(double celsius, OptionalDouble humidity, double coverage, double start, double refuge) {
    /**
     * @throws IllegalArgumentException if a value is out of range
     */
    public Conditions {
        Limits.require("temperature", celsius, -5, 45, "°C");
        humidity.ifPresent(percent -> Limits.require("humidity", percent, 0, 100, "%"));
        Limits.require("coverage", coverage, 0, 1, "of the surface");
        Limits.require("numbers at the start", start, 0.001, 1e9, "animals");
        Limits.require("refuge", refuge, 0, 0.5, "of the surface");
    }

    /** Air of no particular humidity, and no spot that is always missed. */
    public Conditions(double celsius, double coverage, double start) {
        this(celsius, OptionalDouble.empty(), coverage, start, 0);
    }

    Conditions withRefuge(double share) {
        return new Conditions(celsius, humidity, coverage, start, share);
    }
}

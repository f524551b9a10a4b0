package mildlantern.arrival;

import mildlantern.quantity.Limits;

/**
 * The way home.
 *
 * @param celsius outdoors, -40 to 50 °C
 * @param outMinutes in the open, on foot or waiting, 0 to 10 000
 * @param carMinutes left in a parked car without heating, 0 to 10 000
 * @param sunny whether the sun shone on that car
 * @param wrap how the plant was wrapped
 */
public record Journey(double celsius, double outMinutes, double carMinutes, boolean sunny, Wrap wrap) {
    /**
     * @throws IllegalArgumentException if a figure lies outside its range
     */
    public Journey {
        Limits.require("temperature", celsius, -40, 50, "°C");
        Limits.require("minutes outdoors", outMinutes, 0, 10_000, "min");
        Limits.require("minutes in the car", carMinutes, 0, 10_000, "min");
    }
}

package mildlantern.water;

import mildlantern.quantity.DailyLight;
import mildlantern.quantity.VapourPressureDeficit;

/**
 * What a day draws out of a pot, and what it brings.
 *
 * @param day deficit by day, when most plants open their pores
 * @param night deficit by night, when others do
 * @param light sum of the day
 * @param celsius mean temperature of day and night, which roots have too, °C
 * @param outdoors rain and wind; calm and dry indoors
 */
public record Climate(
        VapourPressureDeficit day, VapourPressureDeficit night, DailyLight light, double celsius, Outdoors outdoors) {
    private static final double ROOM = 20;

    /** The same deficit by day and night, in a room of 20 °C. */
    public static Climate even(VapourPressureDeficit deficit, DailyLight light) {
        return new Climate(deficit, deficit, light, ROOM, Outdoors.NONE);
    }

    /** The same under the open sky. */
    public Climate in(Outdoors weather) {
        return new Climate(day, night, light, celsius, weather);
    }

    /**
     * Rain and wind of a day.
     *
     * @param rainMm rain, mm
     * @param windMs mean wind where plants stand, m/s
     */
    public record Outdoors(double rainMm, double windMs) {
        /** Under a roof. */
        public static final Outdoors NONE = new Outdoors(0, 0);
    }
}

package mildlantern.web.stop;

import java.time.LocalDate;
import mildlantern.plant.Brightness;
import org.jspecify.annotations.Nullable;

/**
 * What was read at a stop on a day; what was not read is null.
 *
 * @param dailyLight mol/m²
 * @param humidityPercent percent
 * @param dayCelsius temperature by day, °C
 * @param nightCelsius lowest temperature of the night, °C
 * @param measured whether sensors measured it
 */
public record ReadOnDay(
        LocalDate onDay,
        @Nullable Brightness light,
        @Nullable Double dailyLight,
        @Nullable Double humidityPercent,
        @Nullable Double dayCelsius,
        @Nullable Double nightCelsius,
        boolean measured) {
    /** A later reading, with what only this one has: what was not read again is as it was. */
    public ReadOnDay with(ReadOnDay later) {
        return new ReadOnDay(
                later.onDay,
                later.light == null ? light : later.light,
                later.dailyLight == null ? dailyLight : later.dailyLight,
                later.humidityPercent == null ? humidityPercent : later.humidityPercent,
                later.dayCelsius == null ? dayCelsius : later.dayCelsius,
                later.nightCelsius == null ? nightCelsius : later.nightCelsius,
                later.measured);
    }
}

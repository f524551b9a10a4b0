package mildlantern.weather;

import java.time.Instant;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;

/**
 * Weather at a moment.
 *
 * @param at the moment
 * @param air temperature in the shade
 * @param humidity relative humidity
 * @param cloud share of the sky that is covered, 0 to 1
 * @param rainMm rain, mm an hour
 * @param windMs wind where plants stand, m/s
 */
public record WeatherHour(
        Instant at, Temperature air, RelativeHumidity humidity, double cloud, double rainMm, double windMs) {}

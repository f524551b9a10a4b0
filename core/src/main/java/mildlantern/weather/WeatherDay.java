package mildlantern.weather;

import java.time.LocalDate;

/**
 * What a day brought outdoors.
 *
 * @param dayCelsius mean from nine to six, °C
 * @param nightCelsius lowest of the night before, °C
 * @param humidityPercent mean of the day
 * @param rainMm rain of the day, mm
 * @param windMs mean wind where plants stand, m/s
 */
public record WeatherDay(
        LocalDate day, double dayCelsius, double nightCelsius, double humidityPercent, double rainMm, double windMs) {}

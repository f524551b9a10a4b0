package mildlantern.weather;

import java.time.LocalDate;
import mildlantern.quantity.Range;
import mildlantern.quantity.Temperature;

/**
 * What a night is said to bring.
 *
 * @param evening the day on whose evening it begins
 * @param lowest the lowest temperature that is expected
 * @param likely the range that it lies in four times of five, °C
 */
public record NightForecast(LocalDate evening, Temperature lowest, Range likely) {}

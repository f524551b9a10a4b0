package mildlantern.sensing;

import java.time.Instant;
import java.util.OptionalDouble;

/**
 * What an hour came to.
 *
 * @param hour its beginning
 * @param celsius mean temperature, °C
 * @param lowest lowest, °C
 * @param highest highest, °C
 * @param humidity mean relative humidity, percent
 * @param ppfd mean plant-usable light, µmol/m²s
 */
public record HourOfAir(
        Instant hour,
        OptionalDouble celsius,
        OptionalDouble lowest,
        OptionalDouble highest,
        OptionalDouble humidity,
        OptionalDouble ppfd) {}

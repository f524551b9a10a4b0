package mildlantern.sensing;

import java.time.Instant;
import java.util.OptionalDouble;

/**
 * What was read at one moment; what was not read is missing.
 *
 * @param at the moment
 * @param celsius temperature of the air, °C
 * @param humidity relative humidity, percent
 * @param ppfd plant-usable light, µmol/m²s
 */
public record Sample(Instant at, OptionalDouble celsius, OptionalDouble humidity, OptionalDouble ppfd) {
    /** Whether nothing was read at all. */
    public boolean empty() {
        return celsius.isEmpty() && humidity.isEmpty() && ppfd.isEmpty();
    }
}

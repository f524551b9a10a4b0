package mildlantern.season;

import mildlantern.knowledge.Entry;

/**
 * How long what was read at a place says what it is there, in days: {@code year.yaml}, 'readings-hold'. Kind of source: practice.
 *
 * @param meter light that was measured, carried over by the sun
 * @param measured warmth that a sensor told
 * @param typed warmth that the grower wrote down
 * @param latest the last days whose mean is expected of days to come
 */
public record ReadingsHold(int meter, int measured, int typed, int latest) {
    static ReadingsHold read(Entry entry) {
        return new ReadingsHold(
                (int) entry.number("meter", 1, 365),
                (int) entry.number("measured", 1, 90),
                (int) entry.number("typed", 1, 365),
                (int) entry.number("latest", 1, 90));
    }
}

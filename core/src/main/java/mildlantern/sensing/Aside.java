package mildlantern.sensing;

import java.time.Instant;

/**
 * A value that cannot be true and was set aside.
 *
 * @param at when it was read
 * @param what what was read: temperature, humidity or light
 * @param value as it was read, in the unit of {@link Sample}
 * @param why in a few words
 */
public record Aside(Instant at, String what, double value, String why) {}

package mildlantern.outcome;

import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.care.Figure;

/**
 * What was read on the day of the look, in the unit of the need.
 *
 * @param now what the plant gets
 * @param left what it would get today at the stop that it left; empty where it left none
 * @param elsewhere the mean of what the stops give today that the change does not touch; empty where nothing is known of any
 */
public record Seen(Figure now, Optional<Figure> left, OptionalDouble elsewhere) {}

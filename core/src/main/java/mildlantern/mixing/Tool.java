package mildlantern.mixing;

/**
 * Something a grower measures with.
 *
 * @param name its name
 * @param kind what it measures
 * @param step its finest mark, mL or g
 * @param holds what it holds at once, mL or g
 */
public record Tool(String name, Measure.Kind kind, double step, double holds) {}

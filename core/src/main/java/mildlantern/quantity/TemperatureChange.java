package mildlantern.quantity;

/**
 * How far one temperature is from another.
 *
 * @param kelvin degrees Celsius between them, 0 or more
 */
public record TemperatureChange(double kelvin) {}

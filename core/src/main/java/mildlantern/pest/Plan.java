package mildlantern.pest;

/**
 * A number of applications, so many days apart.
 *
 * @param applications how many, 0 or more
 * @param intervalDays days between them
 * @param risk chance that any survives it, 0 to 1
 * @param ends whether the risk is below what was asked for
 * @param lastDay day of the last application
 */
public record Plan(int applications, int intervalDays, double risk, boolean ends, int lastDay) {}

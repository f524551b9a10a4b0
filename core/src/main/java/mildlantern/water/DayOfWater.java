package mildlantern.water;

import java.time.LocalDate;

/**
 * The water at the start of a day, before anything was poured.
 *
 * @param fullness likeliest share of all the pot can hold for the plant, 0 to 1
 * @param low a tenth of the doubt lies below
 * @param high a tenth lies above
 * @param after the share after what was poured that day; the same as before where nothing was
 */
public record DayOfWater(LocalDate day, double fullness, double low, double high, double after) {}

package mildlantern.water;

import mildlantern.quantity.DailyLight;
import mildlantern.quantity.VapourPressureDeficit;

/**
 * What a day draws out of a pot.
 *
 * @param deficit mean of the day
 * @param light sum of the day
 */
public record Climate(VapourPressureDeficit deficit, DailyLight light) {}

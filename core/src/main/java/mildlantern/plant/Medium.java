package mildlantern.plant;

import mildlantern.quantity.Range;

/**
 * A potting medium.
 *
 * @param id its id, as in {@code bark}
 * @param name its name in a sentence
 * @param lifeMonths months until it has usually broken down
 * @param holds water held at container capacity, share of the volume of the pot, 0 to 1
 */
public record Medium(String id, String name, Range lifeMonths, Range holds) {}

package mildlantern.plant;

import mildlantern.quantity.Range;

/**
 * A potting medium.
 *
 * @param id its id, as in {@code bark}
 * @param name its name in a sentence
 * @param lifeMonths months until it has usually broken down
 */
public record Medium(String id, String name, Range lifeMonths) {}

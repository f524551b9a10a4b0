package mildlantern.water;

/**
 * The water that is there.
 *
 * @param mediumMl in medium and reservoir, mL from bone dry
 * @param tissueMl in leaves and stems, of what they can store, mL
 */
public record Held(double mediumMl, double tissueMl) {}

package mildlantern.water;

/**
 * What a pot weighs, in g.
 *
 * @param wetGrams wet through
 * @param dryGrams bone dry, below the former
 */
public record Scale(int wetGrams, int dryGrams) {
    public Scale {
        if (dryGrams >= wetGrams) {
            throw new IllegalArgumentException(
                    "a pot weighs more wet than dry: " + wetGrams + " g wet, " + dryGrams + " g dry");
        }
    }

    /** The share of its water that a pot of a weight, g, holds: 0 bone dry, 1 wet through. */
    double share(int grams) {
        return Math.max(0, Math.min(1.05, (double) (grams - dryGrams) / (wetGrams - dryGrams)));
    }
}

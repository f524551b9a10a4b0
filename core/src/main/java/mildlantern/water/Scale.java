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
}

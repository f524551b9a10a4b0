package mildlantern.mixing;

import mildlantern.quantity.Limits;

/** Rubbing alcohol brought to a weaker strength. */
public final class Alcohol {
    /** Stronger burns leaves and dries before it kills; it is never made up above this. */
    public static final double MOST_PERCENT = 70;

    private Alcohol() {}

    /**
     * What to pour together.
     *
     * @param alcohol of the bottle, mL
     * @param water to make it up to the volume wanted, mL; a little more runs in, as the two shrink together (by 3 % at most)
     */
    public record Parts(double alcohol, double water) {}

    /**
     * Volume by strength: alcohol = volume wanted × strength wanted ÷ strength of the bottle.
     *
     * @param bottle strength of the bottle, percent by volume, above the strength wanted, at most 100
     * @param wanted strength wanted, percent by volume, above 0, at most {@link #MOST_PERCENT}
     * @param millilitres volume wanted, mL
     * @throws IllegalArgumentException if it would have to be strengthened, or is wanted above 70 %
     */
    public static Parts dilute(double bottle, double wanted, double millilitres) {
        Limits.require("strength of the bottle", bottle, 1, 100, "%");
        Limits.require("strength wanted", wanted, 1, MOST_PERCENT, "%");
        if (wanted > bottle) {
            throw new IllegalArgumentException("water makes alcohol weaker: the bottle has " + Limits.plain(bottle)
                    + " %, so " + Limits.plain(wanted) + " % cannot be made from it");
        }
        double alcohol = Limits.require("volume", millilitres, 1, 1e6, "mL") * wanted / bottle;
        return new Parts(alcohol, millilitres - alcohol);
    }
}

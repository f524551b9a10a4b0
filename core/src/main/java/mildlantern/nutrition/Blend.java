package mildlantern.nutrition;

import mildlantern.quantity.Limits;

/** Two waters mixed to a strength between them: what conducts in each adds up by volume (dilute solutions). */
public final class Blend {
    private Blend() {}

    /**
     * Share of the harder water: (target − pure) ÷ (tap − pure).
     *
     * @param tap of the harder water, any unit that adds up by volume (mS/cm, mg/L)
     * @param pure of the purer water, same unit
     * @param target wanted, between them
     * @return 0 to 1
     * @throws IllegalArgumentException if the target does not lie between them, or both are alike
     */
    public static double shareOfTap(double tap, double pure, double target) {
        Limits.require("tap water", tap, 0, 10_000, "");
        if (!(pure < tap)) {
            throw new IllegalArgumentException("the purer water must hold less than the tap: " + Limits.plain(pure)
                    + " against " + Limits.plain(tap));
        }
        // A target reckoned from the waters themselves may miss their ends by the last digit of a number.
        double slack = 1e-9 * tap;
        if (target < pure - slack || target > tap + slack) {
            throw new IllegalArgumentException("mixing gives only what lies between the two waters: "
                    + Limits.plain(pure) + " to " + Limits.plain(tap) + ", not " + Limits.plain(target));
        }
        return Math.max(0, Math.min(1, (target - pure) / (tap - pure)));
    }
}

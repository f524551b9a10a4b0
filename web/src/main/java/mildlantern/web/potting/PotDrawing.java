package mildlantern.web.potting;

import mildlantern.potting.PotDeed;
import mildlantern.potting.PotState;
import mildlantern.potting.Roots;

/**
 * How the pot is drawn beside the one it goes into: widths as shares of the wider one.
 *
 * @param before width of the pot that it stands in, 0 to 100
 * @param after width of the pot that it goes into, 0 to 100; 0 where it stays
 * @param roots how its roots are drawn
 * @param trims whether the line of a cut is drawn round the roots
 * @param holes whether holes are drawn through the ball
 */
record PotDrawing(double before, double after, String roots, boolean trims, boolean holes) {
    private static final double WIDEST = 100;

    static PotDrawing of(PotDeed deed, PotState state) {
        double after = deed.potCm().orElse(0);
        double widest = Math.max(after, state.acrossCm());
        boolean rotten = state.roots() == Roots.ROTTEN || deed.because() == PotDeed.Because.SOUR;
        return new PotDrawing(
                WIDEST * state.acrossCm() / widest,
                WIDEST * after / widest,
                rotten ? "rotten" : state.roots() == Roots.CIRCLING || state.roots() == Roots.FILL ? "many" : "few",
                rotten || deed.deed() == PotDeed.Deed.SAME_POT,
                deed.deed() == PotDeed.Deed.HOLES);
    }
}

package mildlantern.pest;

import java.util.List;
import mildlantern.quantity.Range;

/**
 * What one application of a means does to the stages of one pest.
 *
 * @param atOnce share of each stage that dies of being met, 0 to 1, in the order of the life table; only what is met dies
 * @param daily share of each stage that dies each day while it lasts, met or not (what is in the sap or lives on the plant)
 * @param lastsDays days that it goes on working, 0 or more
 * @param startsDays days until it works, 0 or more
 * @param thorough whether what it does at once it does on every spot, as a dip does: not only on what a spray wets
 */
public record Effect(List<Range> atOnce, List<Range> daily, int lastsDays, int startsDays, boolean thorough) {
    /**
     * @throws IllegalArgumentException if the lists differ in length, a share lies outside 0 to 1 or a time is below 0
     */
    public Effect {
        if (atOnce.size() != daily.size()) {
            throw new IllegalArgumentException(
                    "an effect names the same stages twice: " + atOnce.size() + " and " + daily.size());
        }
        atOnce.forEach(Effect::requireShare);
        daily.forEach(Effect::requireShare);
        if (lastsDays < 0 || startsDays < 0) {
            throw new IllegalArgumentException("an effect lasts and starts in 0 days or more");
        }
    }

    /** What wets only a share of the surface. */
    public Effect(List<Range> atOnce, List<Range> daily, int lastsDays, int startsDays) {
        this(atOnce, daily, lastsDays, startsDays, false);
    }

    private static void requireShare(Range share) {
        if (share.low() < 0 || share.high() > 1) {
            throw new IllegalArgumentException("a share that dies is from 0 to 1, not " + share);
        }
    }

    /** Share of a stage that dies of it at most, at once or by and by. */
    public double on(int stage) {
        return Math.max(
                atOnce.get(stage).high(), 1 - Math.pow(1 - daily.get(stage).high(), lastsDays));
    }
}

package mildlantern.care;

import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.nutrition.WaterAnalysis;

/**
 * What a plant's pot and water give.
 *
 * @param intervalDays usual days between waterings
 * @param cycleDays days that its pot takes from wet through to wanting water
 * @param cycleSpread doubt of that, as standard deviation of its natural logarithm
 * @param surely whether it was learned from enough readings to speak of a rhythm
 * @param waterMg dissolved in its water, mg/L
 * @param water the analysis of its water
 * @param nitrogen in the pot's water, mg/L, where the account is kept
 * @param hungryBelow nitrogen below which a growing plant goes short, mg/L
 * @param conductivity of the pot's water, mS/cm
 * @param saltyAbove conductivity above which it wants a flush, mS/cm
 * @param widthCm of the pot, cm
 */
public record PotGives(
        OptionalDouble intervalDays,
        OptionalDouble cycleDays,
        double cycleSpread,
        boolean surely,
        Optional<Figure> waterMg,
        Optional<WaterAnalysis> water,
        OptionalDouble nitrogen,
        double hungryBelow,
        OptionalDouble conductivity,
        double saltyAbove,
        OptionalDouble widthCm) {
    /** Nothing is known of it. */
    public static final PotGives NOTHING = new PotGives(
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            0,
            false,
            Optional.empty(),
            Optional.empty(),
            OptionalDouble.empty(),
            0,
            OptionalDouble.empty(),
            2,
            OptionalDouble.empty());
}

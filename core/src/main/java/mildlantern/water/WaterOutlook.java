package mildlantern.water;

import java.util.OptionalDouble;

/**
 * What is to be expected of one pot from today on. Days count from the start of today and are not rounded.
 *
 * @param known whether the log holds a watering or a reading to start from; without one, days are the usual ones
 * @param dryEarly days until it wants water, a tenth of the doubt lies below
 * @param dryLikely likeliest days; below 0 where it has wanted water for so long
 * @param dryLate a tenth of the doubt lies above
 * @param checkFrom days from which a look into the pot is worth it
 * @param checkBy days by which it should be looked into
 * @param fullness share that is left now, 0 to 1
 * @param threshold share at which it wants water, 0 to 1
 * @param wetThroughMl what wets it through when it wants water, or now where it is drier than that, with some running out below, mL
 * @param cycleDays days from wet through to wanting water, as learned, in today's climate
 * @param expectedDays the same for a usual plant of its kind in this pot and place
 * @param thirst the plant's own thirst against its kind: above 1 it drinks faster
 * @param spread doubt of the cycle, as standard deviation of its natural logarithm
 * @param observations from how many readings it was learned
 * @param measured whether one of them was a probe or a weight
 * @param earlyShare share of the latest waterings that came well before they were wanted; only where there were enough
 */
public record WaterOutlook(
        boolean known,
        double dryEarly,
        double dryLikely,
        double dryLate,
        double checkFrom,
        double checkBy,
        double fullness,
        double threshold,
        double wetThroughMl,
        double cycleDays,
        double expectedDays,
        double thirst,
        double spread,
        int observations,
        boolean measured,
        OptionalDouble earlyShare) {

    /** Nothing was written down yet. */
    static WaterOutlook unknown(PotWater pot, double expectedDays) {
        return new WaterOutlook(
                false,
                0,
                0,
                expectedDays,
                0,
                0,
                0,
                pot.fullness(pot.thresholdMl()),
                pot.toWetThroughMl(pot.thresholdMl()),
                expectedDays,
                expectedDays,
                1,
                0,
                0,
                false,
                OptionalDouble.empty());
    }
}

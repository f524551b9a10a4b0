package mildlantern.water;

import mildlantern.knowledge.Entry;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.Wetness;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * How the grower's readings are taken.
 *
 * @param dryBelow available share under which a probe feels dry, at its depth; wet above {@code wetFrom}
 * @param overDepth how much drier the top is than the middle, and wetter the bottom
 * @param depthSpread doubt of a probe at one depth
 * @param weightSpread doubt of a weight
 * @param feltSpread doubt of what was felt
 * @param ready doubt of "ready", as share of the way from wet through to wanting water
 * @param stillWet "still wet" is at least so much more than wanted
 * @param boneDry "bone dry" is at most so much left
 * @param reckoningSpread doubt in the reckoned moisture itself, at the end of a dry-down
 * @param unmarkedSpread how near to its time a watering is taken to have been of which nothing is said
 * @param unmarkedTells how far that is believed, 0 to 1
 */
record Readings(
        double dryBelow,
        double wetFrom,
        double overDepth,
        double depthSpread,
        double weightSpread,
        double feltSpread,
        double ready,
        double stillWet,
        double boneDry,
        double reckoningSpread,
        double unmarkedSpread,
        double unmarkedTells) {
    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);

    /** Three levels at three depths: a slip says any of them. */
    private static final double ANY_PROBE = 0.1;

    /** A slip of a figure is even over all that it can say. */
    private static final double ANY_FIGURE = 0.2;

    private static final double LEAST_DOUBT = 0.35;

    static Readings read(Entry reading, Entry unmarked) {
        Entry probe = reading.at("probe");
        Entry felt = reading.at("felt");
        return new Readings(
                probe.number("dry-below", -1, 2),
                probe.number("wet-from", -1, 2),
                probe.number("over-depth", 0, 1),
                probe.number("spread", 0.01, 1),
                reading.at("weight").number("spread", 0.001, 1),
                felt.number("spread", 0.01, 1),
                felt.number("ready", 0.01, 1),
                felt.number("still-wet", 0, 1),
                felt.number("bone-dry", 0, 1),
                reading.number("reckoning", 0.01, 1),
                unmarked.number("spread", 0.05, 3),
                unmarked.number("tells", 0, 1));
    }

    /** Doubt of the reckoned moisture: small after a soak, and growing on the way to the next. */
    double doubt(double used) {
        return reckoningSpread * Math.max(LEAST_DOUBT, Math.min(1, used));
    }

    /** What a probe at three depths says of the moisture in the middle of the ball. */
    Sight sight(LogEntry.Probed probed, double slips) {
        return new Sight(
                m -> at(probed.top(), m - overDepth) * at(probed.middle(), m) * at(probed.bottom(), m + overDepth),
                slips,
                ANY_PROBE);
    }

    private double at(Wetness felt, double moisture) {
        return switch (felt) {
            case DRY -> below(dryBelow, moisture, depthSpread);
            case MOIST -> below(wetFrom, moisture, depthSpread) - below(dryBelow, moisture, depthSpread);
            case WET -> 1 - below(wetFrom, moisture, depthSpread);
        };
    }

    private static double below(double edge, double moisture, double spread) {
        return NORMAL.cumulativeProbability((edge - moisture) / spread);
    }

    /** What a weight says, given the moisture that it stands for. */
    Sight sightOfWeight(double moisture, double slips) {
        return new Sight(m -> bell((m - moisture) / weightSpread), slips, ANY_FIGURE);
    }

    /** What "still wet" or "bone dry" says, given the moisture at which water is wanted: a half-line rather than a value. */
    Sight sightOfFelt(Felt found, double wanted, double slips) {
        double edge = edge(found, wanted);
        return new Sight(
                m -> found == Felt.STILL_WET ? 1 - below(edge, m, feltSpread) : below(edge, m, feltSpread), slips, 0.5);
    }

    /** Where the half-line of what was felt begins. */
    double edge(Felt found, double wanted) {
        return found == Felt.STILL_WET ? Math.min(0.95, wanted + stillWet) : boneDry;
    }

    /** How likely "ready" is so far on the way from wet through to wanting water. */
    double ready(double used, double slips) {
        return (1 - slips) * bell((used - 1) / ready) + slips * ANY_FIGURE;
    }

    /** How likely a watering is of which nothing is said: most who water think that it was time, and many water by the calendar. */
    double unmarked(double moisture, double wanted) {
        return unmarkedTells * bell((moisture - wanted) / unmarkedSpread) + (1 - unmarkedTells);
    }

    private static double bell(double z) {
        return Math.exp(-z * z / 2);
    }
}

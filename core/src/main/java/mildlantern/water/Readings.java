package mildlantern.water;

import java.util.List;
import mildlantern.log.LogEntry;
import mildlantern.log.Wetness;

/**
 * How the grower's readings are taken.
 *
 * @param dry usable share that a dry probe stands for; moist and wet likewise
 * @param weights what top, middle and bottom count
 */
record Readings(
        double dry,
        double moist,
        double wet,
        List<Double> weights,
        double probeSpread,
        double weightSpread,
        double feltSpread,
        double stillWet,
        double boneDry,
        double reckoningSpread) {
    /** Usable share that a probe at three depths stands for. */
    double moisture(LogEntry.Probed probed) {
        return share(probed.top()) * weights.get(0)
                + share(probed.middle()) * weights.get(1)
                + share(probed.bottom()) * weights.get(2);
    }

    private double share(Wetness wetness) {
        return switch (wetness) {
            case DRY -> dry;
            case MOIST -> moist;
            case WET -> wet;
        };
    }
}

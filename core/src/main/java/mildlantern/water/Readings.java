package mildlantern.water;

import java.util.List;
import mildlantern.knowledge.Entry;
import mildlantern.log.LogEntry;
import mildlantern.log.Wetness;

/**
 * How the grower's readings are taken.
 *
 * @param dry usable share that a dry probe stands for; moist and wet likewise
 * @param weights what top, middle and bottom count
 * @param unmarkedSpread how near to its time a watering is taken to have been of which nothing is said
 * @param unmarkedTells how far that is believed, 0 to 1
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
        double reckoningSpread,
        double unmarkedSpread,
        double unmarkedTells) {
    static Readings read(Entry reading, Entry unmarked) {
        Entry probe = reading.at("probe");
        Entry felt = reading.at("felt");
        return new Readings(
                probe.number("dry", -1, 2),
                probe.number("moist", -1, 2),
                probe.number("wet", -1, 2),
                probe.at("weights").members().stream().map(w -> w.number(0, 1)).toList(),
                probe.number("spread", 0.01, 1),
                reading.at("weight").number("spread", 0.001, 1),
                felt.number("spread", 0.01, 1),
                felt.number("still-wet", 0, 1),
                felt.number("bone-dry", 0, 1),
                reading.number("reckoning", 0.01, 1),
                unmarked.number("spread", 0.05, 3),
                unmarked.number("tells", 0, 1));
    }

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

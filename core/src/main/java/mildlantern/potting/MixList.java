package mildlantern.potting;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import mildlantern.plant.PotKind;
import mildlantern.quantity.Limits;
import mildlantern.water.WaterKnowledge;

/**
 * What is put ready for a list of pots: which pots, how much of each mix, and how much of each material goes into it.
 *
 * <p>The volume of a pot is that of a cone cut off: area of its top · height · taper · share that is filled, as for its water.
 * What stays of the old ball is taken off. Dry parts make less mix than they measure, so each mix is made with that much more.
 */
public final class MixList {
    private final Potting potting;
    private final WaterKnowledge pots;

    public MixList(Potting potting, WaterKnowledge pots) {
        this.potting = potting;
        this.pots = pots;
    }

    /**
     * A plant to be potted.
     *
     * @param deed how
     * @param pot what its pot is made of
     * @param fromCm across the top of the pot that it stands in, cm
     * @param toCm across the top of the pot that it goes into, cm
     * @param medium id of the medium
     */
    public record Job(PotDeed.Deed deed, PotKind pot, double fromCm, double toCm, String medium) {
        /**
         * @throws IllegalArgumentException if a pot is no pot, or the deed needs no medium
         */
        public Job {
            Limits.require("pot", fromCm, 2, 200, "cm");
            Limits.require("pot", toCm, 2, 200, "cm");
            if (!deed.repots()) {
                throw new IllegalArgumentException(deed + " needs no medium");
            }
        }
    }

    /**
     * A mix to be made.
     *
     * @param medium its id
     * @param litres how much of it is needed
     * @param parts litres of each material
     */
    public record Mix(String medium, double litres, Map<Material, Double> parts) {}

    /**
     * All that is put ready.
     *
     * @param potsNeeded pots that are needed and not at hand yet, by cm across
     * @param mixes mixes by medium
     * @param materials litres of each material in all mixes, to be bought
     */
    public record Ready(Map<Double, Integer> potsNeeded, List<Mix> mixes, Map<Material, Double> materials) {}

    /** Litres of fresh medium that a job takes. */
    public double litres(Job job) {
        double full = pots.litres(job.pot(), job.toCm(), OptionalDouble.empty());
        // The old ball is set into the larger pot as it is; otherwise the old medium comes off.
        return job.deed() == PotDeed.Deed.POT_ON
                ? Math.max(full / 10, full - pots.litres(job.pot(), job.fromCm(), OptionalDouble.empty()))
                : full;
    }

    /** What is put ready for jobs. */
    public Ready ready(List<Job> jobs) {
        Map<Double, Integer> needed = new TreeMap<>();
        Map<String, Double> litres = new LinkedHashMap<>();
        for (Job job : jobs) {
            if (job.toCm() != job.fromCm()) {
                needed.merge(job.toCm(), 1, Integer::sum);
            }
            litres.merge(job.medium(), litres(job), Double::sum);
        }
        List<Mix> mixes = new ArrayList<>();
        Map<Material, Double> all = new EnumMap<>(Material.class);
        litres.forEach((medium, volume) -> {
            Map<Material, Double> parts = parts(medium, volume);
            parts.forEach((material, much) -> all.merge(material, much, Double::sum));
            mixes.add(new Mix(medium, volume, parts));
        });
        return new Ready(Collections.unmodifiableMap(needed), List.copyOf(mixes), Collections.unmodifiableMap(all));
    }

    private Map<Material, Double> parts(String medium, double litres) {
        Map<Material, Integer> parts = potting.parts(medium);
        int whole = parts.values().stream().mapToInt(Integer::intValue).sum();
        // One material alone fills no gaps of another.
        double extra = parts.size() > 1 ? potting.mixExtra() : 1;
        Map<Material, Double> measured = new EnumMap<>(Material.class);
        parts.forEach((material, part) -> measured.put(material, litres * extra * part / whole));
        return Collections.unmodifiableMap(measured);
    }
}

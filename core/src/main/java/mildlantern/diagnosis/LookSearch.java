package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import mildlantern.knowledge.FindingId;

/**
 * How soon looks lead to what is true, on plants made up from the knowledge base, each from one complaint.
 *
 * @param toCause by plant, looks until a true cause led with {@value #SURE} or more; a number above the most where none did
 * @param toDeed by plant, looks until the change that costs the plant least, or one hardly dearer, led to the end
 */
public record LookSearch(List<Integer> toCause, List<Integer> toDeed) {
    private static final double SURE = 0.5;

    /** A change that costs so much more than the best is as right as it. */
    private static final double AS_RIGHT = 0.05;

    /** By what the next look is chosen. */
    public enum Way {
        /** By what it changes in what one would do, and in the names of causes. */
        DEED,
        /** By the names alone. */
        NAMES,
        /** The cheapest first, whatever was seen. */
        CHECKLIST,
        RANDOM,
        /** All of them as the first look: what can be known at all. */
        ALL
    }

    /**
     * Draws plants that have at least one cause and show at least one sign, which is the complaint.
     *
     * @param number how many plants, 1 or more
     * @param most looks at most on each
     * @param seed the same seed gives the same plants
     */
    public static LookSearch of(
            MadeUpPlants plants,
            DiagnosisKnowledge knowledge,
            Diagnosis diagnosis,
            Way way,
            int number,
            int most,
            long seed) {
        List<Integer> toCause = new ArrayList<>();
        List<Integer> toDeed = new ArrayList<>();
        Random chance = new Random(seed);
        while (toCause.size() < number) {
            MadeUpPlants.MadeUp plant = plants.draw(chance);
            List<FindingId> signs = plant.findings().entrySet().stream()
                    .filter(seen -> seen.getValue().equals(Finding.PRESENT))
                    .map(Map.Entry::getKey)
                    .filter(id -> !knowledge.finding(id).orElseThrow().neutral())
                    .toList();
            if (plant.causes().isEmpty() || signs.isEmpty()) {
                continue;
            }
            FindingId complaint = signs.get(chance.nextInt(signs.size()));
            new Search(diagnosis, plant, way, new Random(chance.nextLong())).from(complaint, most, toCause, toDeed);
        }
        return new LookSearch(List.copyOf(toCause), List.copyOf(toDeed));
    }

    /** Share of plants that were there within so many looks. */
    public static double within(List<Integer> looks, int most) {
        return looks.stream().filter(number -> number <= most).count() / (double) looks.size();
    }

    /** The middle number of looks. */
    public static int median(List<Integer> looks) {
        return looks.stream().sorted().skip(looks.size() / 2).findFirst().orElseThrow();
    }

    private record Search(Diagnosis diagnosis, MadeUpPlants.MadeUp plant, Way way, Random chance) {
        void from(FindingId complaint, int most, List<Integer> toCause, List<Integer> toDeed) {
            Evidence evidence = Evidence.NONE.with(complaint, Finding.PRESENT);
            int cause = most + 1;
            int deed = most + 1;
            for (int looks = 0; looks <= most; looks++) {
                Differential differential = diagnosis.consider(plant.record(), evidence);
                cause = cause > most && named(differential) ? looks : cause;
                // A change counts from the look from which it was held to the end.
                deed = !right(differential) ? most + 1 : deed > most ? looks : deed;
                List<Finding> open = differential.open();
                if (looks == most || open.isEmpty()) {
                    break;
                }
                evidence = way == Way.ALL ? Evidence.of(plant.findings()) : looked(evidence, next(differential, open));
            }
            toCause.add(cause);
            toDeed.add(deed);
        }

        private Evidence looked(Evidence evidence, FindingId at) {
            return evidence.with(at, Objects.requireNonNull(plant.findings().get(at)));
        }

        private boolean named(Differential differential) {
            Cause first = differential.ladder().get(0);
            return first.probability() >= SURE
                    && plant.causes().contains(first.disorder().id());
        }

        private boolean right(Differential differential) {
            double[] truth = differential.disorders().stream()
                    .mapToDouble(disorder -> plant.causes().contains(disorder.id()) ? 1 : 0)
                    .toArray();
            return differential
                    .deeds()
                    .best()
                    .filter(deed -> deed.expected(truth) <= differential.deeds().least(truth) + AS_RIGHT)
                    .isPresent();
        }

        private FindingId next(Differential differential, List<Finding> open) {
            return switch (way) {
                case DEED -> best(differential, open, LookAhead.A_PLANT_IN_BITS);
                case NAMES -> best(differential, open, 0.01);
                case CHECKLIST -> cheapest(open);
                case RANDOM, ALL -> open.get(chance.nextInt(open.size())).id();
            };
        }

        private static FindingId best(Differential differential, List<Finding> open, double plantInBits) {
            return differential.ahead(plantInBits).nextLooks(1, Set.of()).stream()
                    .map(look -> look.finding().id())
                    .findFirst()
                    .orElseGet(() -> cheapest(open));
        }

        private static FindingId cheapest(List<Finding> open) {
            return open.stream()
                    .min(Comparator.comparingDouble(finding -> finding.minutes() + 4 * finding.stress()))
                    .orElseThrow()
                    .id();
        }
    }
}

package mildlantern.potting;

import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.ByKind;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;

/** What is known of repotting: pots, habits of kinds, mixes. */
public final class Potting {
    private static final Set<String> KEYS =
            Set.of("trim", "crowds", "seasons", "water", "shade", "feed", "source", "sure");

    private static final Set<String> SOURCES = Set.of("handbook", "practice", "reckoned");

    /**
     * How a kind takes work at its pot.
     *
     * @param trimShare share of its roots that it bears to lose; 0 for dead ones only
     * @param crowds whether it likes to fill its pot
     * @param seasons when it is repotted
     * @param after what it needs afterwards
     */
    record Habit(double trimShare, boolean crowds, Set<Season> seasons, PotDeed.After after) {}

    private final List<Double> sizes;
    private final double stepShare;
    private final double stepCm;
    private final int settlesDays;
    private final int lookDays;
    private final double mixExtra;
    private final ByKind<Habit> habits;
    private final Map<String, Map<Material, Integer>> mixes = new LinkedHashMap<>();

    private Potting(Entry file, PlantKnowledge plants) {
        sizes = file.at("sizes").members().stream()
                .map(size -> size.number(2, 200))
                .sorted()
                .toList();
        stepShare = file.at("step").number("share", 1, 2);
        stepCm = file.at("step").number("cm", 0.1, 10);
        settlesDays = (int) file.number("settles", 1, 365);
        lookDays = (int) file.number("look", 1, 180);
        mixExtra = file.number("mix-extra", 1, 2);
        habits = ByKind.read(file, plants, Potting::habit);
        for (Medium medium : plants.media()) {
            mixes.put(medium.id(), mix(file.at("mixes").at(medium.id())));
        }
    }

    private static Habit habit(Entry entry) {
        entry.allowOnly(KEYS);
        entry.requireSource(SOURCES);
        return new Habit(
                entry.number("trim", 0, 0.5),
                entry.flag("crowds"),
                entry.constants(Season.class, "seasons"),
                new PotDeed.After(entry.range("water", 0, 60), (int) entry.number("shade", 0, 90), (int)
                        entry.number("feed", 0, 180)));
    }

    private static Map<Material, Integer> mix(Entry entry) {
        Map<Material, Integer> parts = new EnumMap<>(Material.class);
        entry.children()
                .forEach((id, part) -> parts.put(
                        Words.find(Material.class, id).orElseThrow(() -> part.failure("is no material")),
                        (int) part.number(1, 100)));
        return Collections.unmodifiableMap(parts);
    }

    /**
     * @throws KnowledgeException if {@code potting.yaml} is wrong; the message names the key
     */
    public static Potting load(PlantKnowledge plants) {
        return new Potting(KnowledgeFiles.open("potting.yaml"), plants);
    }

    Habit habit(Profile kind) {
        return habits.of(kind);
    }

    /** What a kind needs after it was potted. */
    public PotDeed.After after(Profile kind) {
        return habit(kind).after();
    }

    /** Days until the look whether a repotted plant has taken. */
    public int lookDays() {
        return lookDays;
    }

    /** How many times the volume of a mix its parts need. */
    public double mixExtra() {
        return mixExtra;
    }

    /** Parts of each material in a medium, by its id. */
    public Map<Material, Integer> parts(String medium) {
        return Objects.requireNonNullElse(mixes.get(medium), Map.of());
    }

    int settlesDays() {
        return settlesDays;
    }

    /** The next pot, cm across: wide enough for a finger's width of fresh medium around the ball. */
    public double larger(double acrossCm) {
        double least = Math.max(acrossCm * stepShare, acrossCm + stepCm);
        return sizes.stream().filter(size -> size >= least).findFirst().orElse(Math.ceil(least));
    }

    /** The pot before it, cm across. */
    public double smaller(double acrossCm) {
        return sizes.stream()
                .filter(size -> larger(size) <= acrossCm + 1e-9)
                .reduce((one, next) -> next)
                .orElse(sizes.get(0));
    }
}

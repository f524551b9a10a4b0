package mildlantern.propagation;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.ByKind;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;

/** By which ways kinds are multiplied, when, and in which steps. */
public final class Propagation {
    private static final Set<String> KEYS =
            Set.of("when", "takes", "roots", "callus", "cover", "size", "parts", "length", "medium", "pot");

    private static final Set<String> SOURCES = Set.of("handbook", "practice", "reckoned");
    private static final int WEEK = 7;

    /** How a kind is multiplied. */
    private record Habit(Map<Way, Recipe> ways, List<Way> not) {}

    private record Callus(double toCm, Range days) {}

    private final List<Callus> callus = new ArrayList<>();
    private final double weight;
    private final int againDays;
    private final Range footCelsius;
    private final ByKind<Habit> habits;

    private Propagation(Entry file, PlantKnowledge plants) {
        file.at("callus")
                .members()
                .forEach(line -> callus.add(new Callus(line.number("to", 0.1, 100), line.range("days", 0, 60))));
        weight = file.number("weight", 0, 100);
        againDays = (int) file.number("again", 1, 90);
        footCelsius = file.range("foot", 5, 40);
        habits = ByKind.read(file, plants, entry -> habit(entry, plants));
    }

    private static Habit habit(Entry entry, PlantKnowledge plants) {
        entry.allowOnly(Set.of("ways", "not", "source", "sure"));
        entry.requireSource(SOURCES);
        Map<Way, Recipe> ways = new LinkedHashMap<>();
        entry.at("ways").children().forEach((id, way) -> {
            Way named = Words.find(Way.class, id).orElseThrow(() -> way.failure("is no way"));
            ways.put(named, recipe(named, way, plants));
        });
        List<Way> not = new ArrayList<>();
        for (String id : entry.words("not")) {
            Way named = Words.find(Way.class, id).orElseThrow(() -> entry.failure("'" + id + "' is no way"));
            if (ways.containsKey(named)) {
                throw entry.failure("'" + id + "' works and does not");
            }
            not.add(named);
        }
        return new Habit(ways, List.copyOf(not));
    }

    private static Recipe recipe(Way way, Entry entry, PlantKnowledge plants) {
        entry.allowOnly(KEYS);
        String medium = entry.text("medium");
        if (!medium.equals(Recipe.WATER) && plants.medium(medium).isEmpty()) {
            throw entry.at("medium").failure("'" + medium + "' is no medium");
        }
        OptionalDouble parts = entry.optionalNumber("parts", 1, 20);
        return new Recipe(
                way,
                entry.constants(Season.class, "when"),
                entry.number("takes", 0.05, 1),
                entry.range("roots", 0.5, 104),
                entry.flag("callus"),
                entry.flag("cover"),
                entry.optionalNumber("size", 0.1, 1).orElse(0),
                parts.isPresent() ? OptionalInt.of((int) parts.getAsDouble()) : OptionalInt.empty(),
                entry.has("length") ? Optional.of(entry.range("length", 0.5, 60)) : Optional.empty(),
                medium,
                (int) entry.number("pot", 0, 104));
    }

    /**
     * @throws KnowledgeException if {@code propagation.yaml} is wrong; the message names the key
     */
    public static Propagation load(PlantKnowledge plants) {
        return new Propagation(KnowledgeFiles.open("propagation.yaml"), plants);
    }

    /** Days until the next pull where a cutting does not hold yet. */
    public int againDays() {
        return againDays;
    }

    /** Temperature at the foot of a cutting that roots slowly, °C. */
    public Range footCelsius() {
        return footCelsius;
    }

    /** The ways that work for a kind, the usual one first. */
    public List<Recipe> ways(Profile kind) {
        return List.copyOf(habits.of(kind).ways().values());
    }

    /** How a kind is multiplied in a way; empty where that does not work. */
    public Optional<Recipe> recipe(Profile kind, Way way) {
        return Optional.ofNullable(habits.of(kind).ways().get(way));
    }

    /** Ways that are often tried on a kind and do not work, or take years. */
    public List<Way> not(Profile kind) {
        return habits.of(kind).not();
    }

    /**
     * Days that a fleshy cut dries before it is set.
     *
     * @param stemCm thickness of the stem, 0.1 to 60 cm
     */
    public Range callusDays(double stemCm) {
        Limits.require("stem", stemCm, 0.1, 60, "cm");
        return callus.stream()
                .filter(line -> stemCm <= line.toCm())
                .findFirst()
                .orElse(callus.get(callus.size() - 1))
                .days();
    }

    /** Today where a way suits the season, else the first day that does. */
    public LocalDate best(Recipe recipe, LocalDate today, Function<LocalDate, Season> seasons) {
        return Season.first(today, recipe.when(), seasons);
    }

    /**
     * The steps of a way, with their days. What dries is set on its last day; what was set dry waits as many days again for its
     * first water, a week at most; roots are looked for when the first may hold.
     *
     * @param stemCm thickness of the stem, cm
     * @param from the day on which it is made
     */
    public List<Step> steps(Recipe recipe, double stemCm, LocalDate from) {
        List<Step> steps = new ArrayList<>();
        steps.add(new Step(Step.What.MAKE, from));
        LocalDate set = from;
        if (recipe.callus()) {
            int dries = (int) Math.round(callusDays(stemCm).high());
            set = from.plusDays(dries);
            steps.add(new Step(Step.What.SET, set));
            steps.add(new Step(Step.What.WATER, set.plusDays(Math.min(WEEK, dries))));
        }
        LocalDate roots = set.plusDays(Math.round(recipe.rootWeeks().low() * WEEK));
        LocalDate held = set.plusDays(Math.round(recipe.rootWeeks().high() * WEEK));
        steps.add(new Step(Step.What.ROOTS, roots));
        if (recipe.cover()) {
            steps.add(new Step(Step.What.UNCOVER, held));
        }
        if (recipe.potWeeks() > 0) {
            LocalDate pot = set.plusWeeks(recipe.potWeeks());
            steps.add(new Step(Step.What.POT, pot.isBefore(roots) ? roots : pot));
        }
        steps.sort((one, next) -> one.day().compareTo(next.day()));
        return List.copyOf(steps);
    }

    /**
     * The share that is to be expected here: the book's share counts as a few cuttings, and one's own are added to it.
     *
     * @param rooted how many grew on
     * @param failed how many did not
     * @return 0 to 1
     */
    public double expected(Recipe recipe, int rooted, int failed) {
        return (recipe.takes() * weight + rooted) / (weight + rooted + failed);
    }
}

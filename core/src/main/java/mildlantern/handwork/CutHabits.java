package mildlantern.handwork;

import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.plant.ByKind;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.quantity.Range;

/** How kinds of plants take a cut. */
final class CutHabits {
    private static final Set<String> KEYS = Set.of(
            "breaks",
            "seasons",
            "share",
            "regrows",
            "pinch",
            "pinch-last",
            "canes",
            "sheaths",
            "stem",
            "source",
            "sure");

    private static final Set<String> SOURCES = Set.of("handbook", "practice", "reckoned");

    /** From where a plant shoots again. */
    enum Breaks {
        OLD_WOOD,
        /** Only above leaves or green buds. */
        GREEN_WOOD,
        JOINT,
        BASE,
        NEVER
    }

    /** What becomes of a stem that has flowered. */
    enum Stem {
        BASE,
        JOINT,
        LEAVE
    }

    /**
     * How a kind takes a cut.
     *
     * @param breaks from where it shoots again
     * @param seasons when it is cut hard
     * @param share most of it at once, 0 to 1
     * @param regrows weeks until new shoots stand
     * @param pinchWeeks weeks between pinches; empty where it is not pinched
     * @param pinchLast the last season for it
     * @param canes whether it stands on canes that are kept while green
     * @param sheaths whether dry sheaths may come off
     * @param stem what becomes of a stem that has flowered
     */
    record Habit(
            Breaks breaks,
            Set<Season> seasons,
            double share,
            Range regrows,
            OptionalInt pinchWeeks,
            Season pinchLast,
            boolean canes,
            boolean sheaths,
            Stem stem) {}

    private final List<Double> twig;
    private final int lookDays;
    private final Set<GrowthForm> twiggy;
    private final int fewLeaves;
    private final ByKind<Habit> habits;
    private final Set<String> hardy;
    private final int hardyWeeks;

    private CutHabits(Entry file, PlantKnowledge plants) {
        twig = file.at("twig").members().stream().map(step -> step.number(0, 1)).toList();
        lookDays = (int) file.number("look", 1, 90);
        twiggy = file.constants(GrowthForm.class, "twiggy");
        fewLeaves = (int) file.number("few-leaves", 1, 20);
        habits = ByKind.read(file, plants, CutHabits::habit);
        hardy = Set.copyOf(file.at("hardy").words("kinds"));
        hardyWeeks = (int) file.at("hardy").number("weeks", 1, 52);
    }

    private static Habit habit(Entry entry) {
        entry.allowOnly(KEYS);
        entry.requireSource(SOURCES);
        OptionalDouble pinch = entry.optionalNumber("pinch", 1, 26);
        return new Habit(
                entry.constant(Breaks.class, "breaks"),
                entry.constants(Season.class, "seasons"),
                entry.number("share", 0, 1),
                entry.range("regrows", 1, 520),
                pinch.isPresent() ? OptionalInt.of((int) pinch.getAsDouble()) : OptionalInt.empty(),
                pinch.isPresent() ? entry.constant(Season.class, "pinch-last") : Season.SUMMER,
                entry.flag("canes"),
                entry.flag("sheaths"),
                entry.constant(Stem.class, "stem"));
    }

    /**
     * @throws KnowledgeException if {@code cut-back.yaml} is wrong; the message names the key
     */
    static CutHabits load(PlantKnowledge plants) {
        return new CutHabits(KnowledgeFiles.open("cut-back.yaml"), plants);
    }

    Habit of(Profile kind) {
        return habits.of(kind);
    }

    /** The heights at which a twig is tested, from its tip down. */
    List<Double> twig() {
        return twig;
    }

    /** Whether it has twigs that can be tested. */
    boolean twiggy(Profile kind) {
        return twiggy.contains(kind.form());
    }

    /** A plant with fewer leaves does not flower twice from one stem. */
    int fewLeaves() {
        return fewLeaves;
    }

    int lookDays() {
        return lookDays;
    }

    /** Whether its roots may live when all of it above the ground is dead. */
    boolean hardy(Profile kind) {
        return kind.isAmong(hardy);
    }

    int hardyWeeks() {
        return hardyWeeks;
    }
}

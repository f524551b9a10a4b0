package mildlantern.pest;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;

/** The life tables that the knowledge base knows. */
public final class Pests {
    private static final Set<String> KEYS = Set.of(
            "base",
            "best",
            "stops",
            "stages",
            "adult",
            "female",
            "seen",
            "look",
            "unit",
            "most",
            "wander",
            "alone",
            "ants",
            "hopeless",
            "moist",
            "spread",
            "unsure",
            "sure",
            "source");
    private static final Set<String> STAGE_KEYS = Set.of("kind", "dd", "loss", "at");
    private static final Set<String> ADULT_KEYS = Set.of("before", "life", "lays", "loss", "at");
    private static final Set<String> SOURCES = Set.of("handbook", "practice", "reckoned");
    private static final double MOST_DEGREE_DAYS = 5000;

    /** At this warmth it is reckoned how many there are in all when enough of them are noticed, °C. */
    private static final double USUAL_CELSIUS = 21;

    private final Map<DisorderId, LifeTable> byId;

    private Pests(Map<DisorderId, LifeTable> byId) {
        this.byId = byId;
    }

    /**
     * Reads the life tables.
     *
     * @throws KnowledgeException if the file is wrong; the message names the key
     */
    public static Pests load() {
        Map<DisorderId, LifeTable> tables = new LinkedHashMap<>();
        KnowledgeFiles.open("pests.yaml").children().forEach((key, entry) -> {
            DisorderId id = new DisorderId(key);
            tables.put(id, table(id, entry));
        });
        return new Pests(Collections.unmodifiableMap(tables));
    }

    public Optional<LifeTable> find(DisorderId id) {
        return Optional.ofNullable(byId.get(id));
    }

    public Collection<LifeTable> all() {
        return byId.values();
    }

    private static LifeTable table(DisorderId id, Entry entry) {
        entry.allowOnly(KEYS);
        entry.requireSource(SOURCES);
        Entry adult = entry.at("adult");
        adult.allowOnly(ADULT_KEYS);
        List<Stage> stages = new ArrayList<>();
        entry.at("stages").children().forEach((name, stage) -> stages.add(stage(name, stage)));
        for (String part : List.of("before", "life")) {
            stages.add(new Stage(
                    LifeTable.ADULTS,
                    StageKind.ADULT,
                    adult.number(part, 1, MOST_DEGREE_DAYS),
                    adult.number("loss", 0, 0.9),
                    adult.constant(Place.class, "at")));
        }
        Set<String> seen = new LinkedHashSet<>(entry.at("seen").words("stages"));
        if (seen.isEmpty() || !stages.stream().map(Stage::name).toList().containsAll(seen)) {
            throw entry.at("seen").failure("'stages' names stages of this pest, at least one");
        }
        Entry unsure = entry.at("unsure");
        double base = entry.number("base", -5, 20);
        double best = entry.number("best", base + 1, 45);
        LifeTable table = new LifeTable(
                id,
                base,
                best,
                entry.number("stops", best + 1, 50),
                List.copyOf(stages),
                adult.number("lays", 0.001, 20),
                entry.number("female", 0.01, 1),
                Collections.unmodifiableSet(seen),
                entry.at("seen").number("from", 1, 1e6),
                entry.at("seen").number("find", 1, 1e6),
                1,
                entry.text("unit"),
                entry.constant(LookWith.class, "look"),
                entry.number("most", 10, 1e7),
                entry.number("wander", 0, 1),
                entry.find("alone").map(Entry::flag).orElse(true),
                entry.find("ants").map(Entry::flag).orElse(false),
                entry.has("hopeless") ? Optional.of(entry.constant(Hopeless.class, "hopeless")) : Optional.empty(),
                entry.find("moist")
                        .map(moist -> new LifeTable.Moist(moist.number("from", 0, 99), moist.number("laying", 0, 1))),
                entry.number("spread", 0.05, 0.6),
                new LifeTable.Unsure(
                        unsure.range("development", 0.3, 3),
                        unsure.range("laying", 0.05, 5),
                        unsure.range("loss", 0, 5)));
        return table.startingWith(PestClock.startFor(table, USUAL_CELSIUS, table.seenFrom()));
    }

    private static Stage stage(String name, Entry entry) {
        entry.allowOnly(STAGE_KEYS);
        return new Stage(
                name,
                entry.constant(StageKind.class, "kind"),
                entry.number("dd", 1, MOST_DEGREE_DAYS),
                entry.number("loss", 0, 0.9),
                entry.constant(Place.class, "at"));
    }
}

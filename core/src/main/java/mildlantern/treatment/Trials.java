package mildlantern.treatment;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;

/** The trials that the knowledge base knows. */
public final class Trials {
    private static final Set<String> KEYS = Set.of(
            "name",
            "do",
            "expect",
            "again",
            "does",
            "holds",
            "recheck",
            "care",
            "caution",
            "uses",
            "not-on",
            "only-on",
            "not-when",
            "only-when",
            "by-kind");

    private final Map<String, Trial> byId;

    private Trials(Map<String, Trial> byId) {
        this.byId = byId;
    }

    /**
     * Reads the trials.
     *
     * @throws KnowledgeException if the file is wrong; the message names the key
     */
    public static Trials load() {
        Map<String, Trial> trials = new LinkedHashMap<>();
        KnowledgeFiles.open("trials.yaml").children().forEach((id, entry) -> trials.put(id, trial(id, entry)));
        return new Trials(Collections.unmodifiableMap(trials));
    }

    private static Trial trial(String id, Entry entry) {
        entry.allowOnly(KEYS);
        return new Trial(
                id,
                entry.text("name"),
                entry.text("do"),
                entry.text("expect"),
                (int) entry.number("again", 1, 365),
                entry.find("does").map(Trials::holds).orElse(List.of()),
                holds(entry.at("holds")),
                entry.findings("recheck"),
                care(entry.at("care")),
                entry.optionalText("caution"),
                List.copyOf(entry.words("uses")),
                Set.copyOf(entry.words("not-on")),
                Set.copyOf(entry.words("only-on")),
                states(entry, "not-when"),
                states(entry, "only-when"),
                entry.find("by-kind").stream()
                        .flatMap(kinds -> kinds.members().stream())
                        .map(Trials::forKinds)
                        .toList());
    }

    private static Trial.ForKinds forKinds(Entry entry) {
        entry.allowOnly(Set.of("of", "name", "do", "expect", "care"));
        return new Trial.ForKinds(
                Set.copyOf(entry.words("of")),
                entry.optionalText("name"),
                entry.text("do"),
                entry.optionalText("expect"),
                entry.find("care").map(Trials::care).orElse(Map.of()));
    }

    private static Map<CareSetting, String> care(Entry entry) {
        Map<CareSetting, String> care = new EnumMap<>(CareSetting.class);
        entry.children()
                .forEach((setting, text) -> care.put(
                        Words.find(CareSetting.class, setting)
                                .orElseThrow(
                                        () -> text.failure("is no setting; known are " + Words.ids(CareSetting.class))),
                        text.text()));
        return Collections.unmodifiableMap(care);
    }

    private static Set<Situation.State> states(Entry entry, String key) {
        return entry.has(key) ? entry.constants(Situation.State.class, key) : Set.of();
    }

    private static List<Hold> holds(Entry list) {
        List<Hold> holds = new ArrayList<>();
        for (Entry hold : list.members()) {
            holds.add(Words.find(Hold.class, hold.text())
                    .orElseThrow(() -> hold.failure("is no hold; known are " + Words.ids(Hold.class))));
        }
        return List.copyOf(holds);
    }

    public Optional<Trial> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    public Collection<Trial> all() {
        return byId.values();
    }
}

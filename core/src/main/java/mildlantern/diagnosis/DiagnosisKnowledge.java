package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import mildlantern.diagnosis.Disorder.Hosts;
import mildlantern.diagnosis.Disorder.Kind;
import mildlantern.diagnosis.Disorder.Nature;
import mildlantern.diagnosis.Disorder.Sign;
import mildlantern.diagnosis.Disorder.Undone;
import mildlantern.diagnosis.Disorder.Urgency;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;
import mildlantern.quantity.FactorCurve;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;

/** Findings and disorders that the knowledge base knows, checked against one another. */
public final class DiagnosisKnowledge {
    private static final Set<String> FINDING_KEYS = Set.of(
            "part", "look", "seen", "not", "states", "anyway", "minutes", "stress", "of", "words", "best", "neutral",
            "after");
    private static final Set<String> DISORDER_KEYS = Set.of(
            "name",
            "short",
            "base",
            "hosts",
            "nature",
            "excludes",
            "extent",
            "signs",
            "record",
            "trials",
            "watch",
            "caution",
            "source");

    /** No single fact may multiply the odds of a cause by more than this, nor divide them by more. */
    private static final double WIDEST_FACTOR = 50;

    private final Map<String, Finding> findings;
    private final Map<String, Disorder> disorders;
    private final RecordFacts facts;
    private final double furtherCause;
    private final Map<List<String>, Hypotheses> sets = new ConcurrentHashMap<>();

    private DiagnosisKnowledge(
            Map<String, Finding> findings, Map<String, Disorder> disorders, RecordFacts facts, double furtherCause) {
        this.findings = Collections.unmodifiableMap(findings);
        this.disorders = Collections.unmodifiableMap(disorders);
        this.facts = facts;
        this.furtherCause = furtherCause;
    }

    /**
     * Reads findings and disorders.
     *
     * @param plants the known kinds of plants
     * @param trials the known trials
     * @throws KnowledgeException if a file is wrong or names something unknown; the message names
     *     file and key
     */
    public static DiagnosisKnowledge load(PlantKnowledge plants, Trials trials) {
        Map<String, Finding> findings = new LinkedHashMap<>();
        KnowledgeFiles.open("findings.yaml").children().forEach((id, entry) -> findings.put(id, finding(id, entry)));
        RecordFacts facts = RecordFacts.load();
        Map<String, Disorder> disorders = new LinkedHashMap<>();
        DisorderReader reader = new DisorderReader(findings, facts.ids(), plants, trials);
        for (Kind kind : Kind.values()) {
            KnowledgeFiles.open("disorders/" + Words.id(kind) + ".yaml")
                    .children()
                    .forEach((id, entry) -> disorders.put(id, reader.read(id, kind, entry)));
        }
        DiagnosisKnowledge knowledge = new DiagnosisKnowledge(
                findings, disorders, facts, KnowledgeFiles.open("prior.yaml").number("further-cause", 0.05, 1));
        knowledge.check(trials);
        knowledge.checkHabits(plants);
        return knowledge;
    }

    /** The same knowledge, cut down to some causes: for tests that count everything by hand. */
    DiagnosisKnowledge only(Collection<String> disorderIds) {
        Map<String, Disorder> kept = new LinkedHashMap<>(disorders);
        kept.keySet().retainAll(disorderIds);
        return new DiagnosisKnowledge(findings, kept, facts, furtherCause);
    }

    private void check(Trials trials) {
        for (Disorder disorder : disorders.values()) {
            String file = "disorders/" + Words.id(disorder.kind()) + ".yaml";
            disorder.excludes()
                    .forEach(other -> require(
                            disorders.containsKey(other), file, disorder.id(), "excludes", other, "is no disorder"));
        }
        for (Finding finding : findings.values()) {
            finding.after()
                    .forEach(first -> require(
                            findings.containsKey(first),
                            "findings.yaml",
                            finding.id(),
                            "after",
                            first,
                            "is no finding"));
        }
        for (Trial trial : trials.all()) {
            trial.recheck()
                    .forEach(finding -> require(
                            findings.containsKey(finding),
                            "trials.yaml",
                            trial.id(),
                            "recheck",
                            finding,
                            "is no finding"));
        }
    }

    private void checkHabits(PlantKnowledge plants) {
        for (Profile profile : plants.profiles()) {
            for (String habit : profile.habits()) {
                boolean harmless = disorder(habit)
                        .filter(d -> d.nature().harmless() && d.mayBefall(profile))
                        .isPresent();
                require(
                        harmless,
                        "profiles.yaml",
                        profile.id(),
                        "habits",
                        habit,
                        "is no harmless cause that it can have");
            }
        }
    }

    private static void require(boolean holds, String file, String id, String key, String named, String problem) {
        if (!holds) {
            throw new KnowledgeException(file + ", " + id + "." + key, "'" + named + "' " + problem);
        }
    }

    private static Finding finding(String id, Entry entry) {
        entry.allowOnly(FINDING_KEYS);
        List<Part> parts = new ArrayList<>();
        for (Entry part : entry.at("part").members()) {
            parts.add(Words.find(Part.class, part.text())
                    .orElseThrow(() -> part.failure("is no part; known are " + Words.ids(Part.class))));
        }
        boolean yesNo = !entry.has("states");
        return new Finding(
                id,
                List.copyOf(parts),
                entry.text("look"),
                yesNo ? yesNoStates(entry) : states(entry.at("states")),
                yesNo,
                entry.number("minutes", 0, 60),
                entry.optionalNumber("stress", 0, 3).orElse(0),
                Set.copyOf(entry.words("of")),
                best(entry, yesNo),
                entry.words("after"),
                entry.words("words"));
    }

    private static List<String> best(Entry entry, boolean yesNo) {
        if (yesNo) {
            return entry.flag("neutral") ? List.of() : List.of(Finding.ABSENT, Finding.PRESENT);
        }
        List<String> best = entry.words("best");
        for (String state : best) {
            if (!entry.at("states").has(state)) {
                throw entry.at("best").failure("'" + state + "' is no state");
            }
        }
        return best;
    }

    private static List<Finding.State> yesNoStates(Entry entry) {
        double anyway = entry.number("anyway", 0.0005, 0.6);
        return List.of(
                new Finding.State(Finding.PRESENT, entry.text("seen"), anyway),
                new Finding.State(Finding.ABSENT, entry.text("not"), 1 - anyway));
    }

    private static List<Finding.State> states(Entry entry) {
        List<Finding.State> states = new ArrayList<>();
        double sum = 0;
        for (Map.Entry<String, Entry> state : entry.children().entrySet()) {
            List<Entry> pair = state.getValue().members();
            if (pair.size() != 2) {
                throw state.getValue().failure("a state is written [words, how usual]");
            }
            double usual = pair.get(1).number(0.005, 0.99);
            sum += usual;
            states.add(new Finding.State(state.getKey(), pair.get(0).text(), usual));
        }
        if (states.size() < 2 || states.size() > Finding.MOST_STATES) {
            throw entry.failure("a finding has 2 to " + Finding.MOST_STATES + " states");
        }
        if (Math.abs(sum - 1) > 1e-6) {
            throw entry.failure("the shares add up to " + sum + ", not to 1");
        }
        return List.copyOf(states);
    }

    public Optional<Finding> finding(String id) {
        return Optional.ofNullable(findings.get(id));
    }

    /** All findings in the order of the file, which is the order in which evidence is heard. */
    public Collection<Finding> findings() {
        return findings.values();
    }

    public Optional<Disorder> disorder(String id) {
        return Optional.ofNullable(disorders.get(id));
    }

    public Collection<Disorder> disorders() {
        return disorders.values();
    }

    /** The causes that can befall a plant. */
    List<Disorder> befalling(PlantRecord record) {
        return disorders.values().stream().filter(d -> d.befalls(record)).toList();
    }

    /** All sets of up to three of some causes; worked out once for each kind of plant. */
    Hypotheses setsOf(List<Disorder> causes) {
        return sets.computeIfAbsent(causes.stream().map(Disorder::id).toList(), ids -> Hypotheses.over(causes));
    }

    /** What each cause beyond the first multiplies the prior weight of a set by, above 0 and at most 1. */
    double furtherCause() {
        return furtherCause;
    }

    /** What a record tells. */
    public List<Fact> facts(PlantRecord record) {
        return facts.of(record);
    }

    private record DisorderReader(
            Map<String, Finding> findings, Set<String> factIds, PlantKnowledge plants, Trials trials) {

        Disorder read(String id, Kind kind, Entry entry) {
            entry.allowOnly(DISORDER_KEYS);
            Map<String, Sign> signs = new LinkedHashMap<>();
            entry.at("signs").children().forEach((finding, sign) -> signs.put(finding, sign(finding, sign)));
            List<RecordRule> rules = new ArrayList<>();
            entry.find("record")
                    .ifPresent(record -> record.children().forEach((fact, rule) -> rules.add(rule(fact, rule))));
            for (Entry trial : entry.at("trials").members()) {
                if (trials.find(trial.text()).isEmpty()) {
                    throw trial.failure("'" + trial.text() + "' is no trial");
                }
            }
            return new Disorder(
                    id,
                    entry.text("name"),
                    entry.text("short"),
                    kind,
                    entry.number("base", 0.0005, 0.6),
                    hosts(entry),
                    nature(entry.at("nature")),
                    Collections.unmodifiableMap(signs),
                    List.copyOf(rules),
                    Set.copyOf(entry.words("excludes")),
                    extent(entry),
                    entry.words("trials"),
                    entry.text("watch"),
                    entry.optionalText("caution"),
                    entry.text("source"));
        }

        private Set<String> extent(Entry entry) {
            for (String id : entry.words("extent")) {
                if (!findings.containsKey(id)) {
                    throw entry.at("extent").failure("'" + id + "' is no finding");
                }
            }
            return Set.copyOf(entry.words("extent"));
        }

        private Hosts hosts(Entry entry) {
            Optional<Entry> hosts = entry.find("hosts");
            hosts.ifPresent(h -> h.allowOnly(Set.of("families", "profiles", "stages", "not")));
            return new Hosts(
                    ids(hosts, "families"),
                    profileIds(hosts, "profiles"),
                    ids(hosts, "stages"),
                    profileIds(hosts, "not"));
        }

        private static Set<String> ids(Optional<Entry> hosts, String key) {
            return hosts.map(h -> (Set<String>) new LinkedHashSet<>(h.words(key)))
                    .orElse(Set.of());
        }

        private Set<String> profileIds(Optional<Entry> hosts, String key) {
            Set<String> ids = ids(hosts, key);
            for (String id : ids) {
                if (plants.profile(id).isEmpty()) {
                    throw hosts.orElseThrow().failure("'" + id + "' is no profile");
                }
            }
            return ids;
        }

        private static Nature nature(Entry entry) {
            entry.allowOnly(Set.of("harmless", "urgency", "catching", "undone", "recovers"));
            return new Nature(
                    entry.flag("harmless"),
                    entry.constant(Urgency.class, "urgency"),
                    entry.flag("catching"),
                    entry.constant(Undone.class, "undone"),
                    entry.text("recovers"));
        }

        private Sign sign(String findingId, Entry entry) {
            Finding finding = findings.get(findingId);
            if (finding == null) {
                throw entry.failure("'" + findingId + "' is no finding");
            }
            if (finding.yesNo()) {
                return new Sign(List.of(entry.number(0, 0.99)));
            }
            Map<String, Double> factors = new HashMap<>();
            entry.children().forEach((state, factor) -> {
                if (finding.indexOf(state) < 0) {
                    throw factor.failure("'" + state + "' is no state of " + findingId);
                }
                factors.put(state, factor.number(1 / WIDEST_FACTOR / 4, WIDEST_FACTOR));
            });
            return new Sign(finding.states().stream()
                    .map(state -> factors.getOrDefault(state.id(), 1.0))
                    .toList());
        }

        private RecordRule rule(String fact, Entry entry) {
            if (!factIds.contains(fact)) {
                throw entry.failure("'" + fact + "' is no fact of the record; known are " + factIds);
            }
            Map<Double, Double> points = new LinkedHashMap<>();
            Map<String, Double> words = new LinkedHashMap<>();
            entry.children().forEach((key, value) -> {
                double factor = value.number(1 / WIDEST_FACTOR, WIDEST_FACTOR);
                try {
                    points.put(Double.parseDouble(key), factor);
                } catch (NumberFormatException e) {
                    words.put(key, Math.log(factor));
                }
            });
            if (points.isEmpty() == words.isEmpty()) {
                throw entry.failure("a rule has either numbers or words as keys");
            }
            return new RecordRule(
                    fact,
                    points.isEmpty() ? Optional.empty() : Optional.of(new FactorCurve(points)),
                    Map.copyOf(words));
        }
    }
}

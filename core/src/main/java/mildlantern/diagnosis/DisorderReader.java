package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.diagnosis.Disorder.Hosts;
import mildlantern.diagnosis.Disorder.Kind;
import mildlantern.diagnosis.Disorder.Nature;
import mildlantern.diagnosis.Disorder.Sign;
import mildlantern.diagnosis.Disorder.Undone;
import mildlantern.diagnosis.Disorder.Urgency;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.quantity.FactorCurve;
import mildlantern.treatment.Trials;

/** Reads one disorder from the knowledge base, held against what it names; what is wrong fails with file and key. */
record DisorderReader(Map<FindingId, Finding> findings, Set<String> factIds, PlantKnowledge plants, Trials trials) {
    private static final Set<String> KEYS = Set.of(
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

    Disorder read(DisorderId id, Kind kind, Entry entry) {
        entry.allowOnly(KEYS);
        Map<FindingId, Sign> signs = new LinkedHashMap<>();
        entry.at("signs").children().forEach((key, sign) -> {
            FindingId finding = new FindingId(key);
            signs.put(finding, sign(finding, sign));
        });
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
                Set.copyOf(entry.disorders("excludes")),
                extent(entry),
                entry.words("trials"),
                entry.text("watch"),
                entry.optionalText("caution"),
                entry.text("source"));
    }

    private Set<FindingId> extent(Entry entry) {
        for (FindingId id : entry.findings("extent")) {
            if (!findings.containsKey(id)) {
                throw entry.at("extent").failure("'" + id + "' is no finding");
            }
        }
        return Set.copyOf(entry.findings("extent"));
    }

    private Hosts hosts(Entry entry) {
        Optional<Entry> hosts = entry.find("hosts");
        hosts.ifPresent(h -> h.allowOnly(Set.of("families", "profiles", "stages", "not")));
        return new Hosts(
                ids(hosts, "families"), profileIds(hosts, "profiles"), ids(hosts, "stages"), profileIds(hosts, "not"));
    }

    private static Set<String> ids(Optional<Entry> hosts, String key) {
        return hosts.map(h -> (Set<String>) new LinkedHashSet<>(h.words(key))).orElse(Set.of());
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

    private Sign sign(FindingId findingId, Entry entry) {
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
                if (fact.equals("profile") && plants.profile(key).isEmpty()) {
                    throw entry.failure("'" + key + "' is no profile");
                }
                words.put(key, Math.log(factor));
            }
        });
        if (points.isEmpty() == words.isEmpty()) {
            throw entry.failure("a rule has either numbers or words as keys");
        }
        return new RecordRule(
                fact, points.isEmpty() ? Optional.empty() : Optional.of(new FactorCurve(points)), Map.copyOf(words));
    }
}

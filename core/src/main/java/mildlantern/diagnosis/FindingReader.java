package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;

/** Reads one finding from the knowledge base; what is wrong fails with file and key. */
final class FindingReader {
    private static final Set<String> KEYS = Set.of(
            "part", "look", "seen", "not", "states", "anyway", "minutes", "stress", "of", "never", "words", "best",
            "neutral", "after");

    private FindingReader() {}

    static Finding read(FindingId id, Entry entry) {
        entry.allowOnly(KEYS);
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
                Set.copyOf(entry.words("never")),
                best(entry, yesNo),
                entry.findings("after"),
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
}

package mildlantern.sign;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Finding;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;

/** What each sign looks like, and what tells it from those that it is confused with: {@code signs.yaml}. */
public final class SignKnowledge {
    private final Map<FindingId, Map<String, Sign>> signs = new LinkedHashMap<>();
    private final List<Alike> alike = new ArrayList<>();

    /**
     * Two signs that are easily confused.
     *
     * @param one the one
     * @param other the other
     * @param tell what tells them apart, as a sentence
     */
    public record Alike(FindingId one, FindingId other, String tell) {
        private boolean has(FindingId finding) {
            return one.equals(finding) || other.equals(finding);
        }

        /** The one that is not the one asked for. */
        public FindingId than(FindingId finding) {
            return one.equals(finding) ? other : one;
        }
    }

    private SignKnowledge(Entry file, DiagnosisKnowledge diagnosis) {
        Map<String, Entry> drawn = file.at("signs").children();
        drawn.keySet().stream()
                .filter(id -> diagnosis.finding(new FindingId(id)).isEmpty())
                .findFirst()
                .ifPresent(id -> {
                    throw file.at("signs").at(id).failure("is no finding");
                });
        for (Finding finding : diagnosis.findings()) {
            Entry entry = Optional.ofNullable(drawn.get(finding.id().value()))
                    .orElseThrow(() -> file.at("signs").failure("shows nothing of " + finding.id()));
            signs.put(finding.id(), signs(finding, entry));
        }
        for (Entry entry : file.at("alike").members()) {
            List<FindingId> both = entry.findings("of");
            if (both.size() != 2) {
                throw entry.failure("names two signs");
            }
            both.stream()
                    .filter(id -> diagnosis.finding(id).isEmpty())
                    .findFirst()
                    .ifPresent(id -> {
                        throw entry.failure(id + " is no finding");
                    });
            alike.add(new Alike(both.get(0), both.get(1), entry.text("tell")));
        }
    }

    private static Map<String, Sign> signs(Finding finding, Entry entry) {
        entry.allowOnly(Set.of("on", "marks", "states"));
        Scene scene = entry.constant(Scene.class, "on");
        Map<String, Sign> byState = new LinkedHashMap<>();
        if (finding.yesNo()) {
            byState.put(Finding.PRESENT, new Sign(finding.id(), Finding.PRESENT, scene, marks(entry.at("marks"))));
            byState.put(Finding.ABSENT, new Sign(finding.id(), Finding.ABSENT, scene, List.of()));
            return byState;
        }
        Map<String, Entry> states = entry.at("states").children();
        for (Finding.State state : finding.states()) {
            Entry marks = Optional.ofNullable(states.get(state.id()))
                    .orElseThrow(() -> entry.at("states").failure("shows nothing of " + state.id()));
            byState.put(state.id(), new Sign(finding.id(), state.id(), scene, marks(marks)));
        }
        return byState;
    }

    private static List<Mark> marks(Entry entry) {
        return entry.members().stream().map(Mark::read).toList();
    }

    /**
     * @throws KnowledgeException if {@code signs.yaml} is wrong, or leaves out a state of a finding; the message names the key
     */
    public static SignKnowledge load(DiagnosisKnowledge diagnosis) {
        return new SignKnowledge(KnowledgeFiles.open("signs.yaml"), diagnosis);
    }

    /** What a finding's states look like, in the order in which the finding has them. */
    public List<Sign> of(Finding finding) {
        return finding.states().stream()
                .map(state -> Objects.requireNonNull(
                        Objects.requireNonNull(signs.get(finding.id())).get(state.id())))
                .toList();
    }

    /** What a finding is confused with. */
    public List<Alike> alike(FindingId finding) {
        return alike.stream().filter(pair -> pair.has(finding)).toList();
    }
}

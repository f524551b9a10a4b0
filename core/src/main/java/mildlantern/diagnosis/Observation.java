package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A finding in a state that was seen.
 *
 * @param finding the finding
 * @param state position of the state among the finding's states
 * @param likelihoods how likely its states are under any set of causes
 */
record Observation(Finding finding, int state, Likelihoods likelihoods) {
    String words() {
        return finding.states().get(state).words();
    }

    /**
     * All that was seen, in the order in which evidence is heard.
     *
     * @throws IllegalArgumentException if something was seen that the knowledge base lacks
     */
    static List<Observation> all(DiagnosisKnowledge knowledge, Evidence evidence, List<Disorder> disorders) {
        List<Observation> seen = new ArrayList<>();
        int heard = 0;
        for (Finding finding : knowledge.findings()) {
            Optional<String> state = evidence.state(finding.id());
            if (state.isPresent()) {
                int index = finding.indexOf(state.get());
                if (index < 0) {
                    throw new IllegalArgumentException("'" + state.get() + "' is no state of " + finding.id());
                }
                seen.add(new Observation(finding, index, new Likelihoods(finding, disorders)));
                heard++;
            }
        }
        if (heard != evidence.states().size()) {
            throw new IllegalArgumentException("evidence names a finding that the knowledge base lacks: "
                    + evidence.states().keySet().stream()
                            .filter(id -> knowledge.finding(id).isEmpty())
                            .sorted()
                            .toList());
        }
        return seen;
    }
}

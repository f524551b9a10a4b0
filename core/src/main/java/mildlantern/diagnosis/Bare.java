package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.FindingId;

/**
 * When a plant has nothing left of some parts, so that looks at them are not proposed: {@code prior.yaml}, 'bare'.
 *
 * @param when what was seen then: one of these sets of findings, each with its state
 * @param parts what it has no more
 */
record Bare(List<Map<FindingId, String>> when, Set<Part> parts) {
    static Bare read(Entry entry, Map<FindingId, Finding> findings) {
        List<Map<FindingId, String>> when = new ArrayList<>();
        for (Entry one : entry.at("when").members()) {
            Map<FindingId, String> all = new LinkedHashMap<>();
            one.children().forEach((id, state) -> {
                Finding finding = Optional.ofNullable(findings.get(new FindingId(id)))
                        .orElseThrow(() -> state.failure("'" + id + "' is no finding"));
                if (finding.state(state.text()).isEmpty()) {
                    throw state.failure("'" + state.text() + "' is no state of " + id);
                }
                all.put(finding.id(), state.text());
            });
            when.add(all);
        }
        return new Bare(when, entry.constants(Part.class, "parts"));
    }

    /** Whether there is nothing left to look at for a finding. */
    boolean hides(Finding finding, Evidence evidence) {
        return parts.containsAll(finding.parts())
                && when.stream()
                        .anyMatch(all -> all.entrySet().stream()
                                .allMatch(seen -> evidence.state(seen.getKey()).equals(Optional.of(seen.getValue()))));
    }
}

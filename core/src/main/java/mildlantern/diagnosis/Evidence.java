package mildlantern.diagnosis;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import mildlantern.knowledge.FindingId;

/**
 * What was seen, and what was looked for and is not there. A finding that is missing here was not looked for.
 * Immutable; the order in which answers came plays no part.
 */
public final class Evidence {
    /** Nothing looked at yet. */
    public static final Evidence NONE = new Evidence(Map.of());

    private final Map<FindingId, String> states;

    private Evidence(Map<FindingId, String> states) {
        this.states = states;
    }

    /** Evidence from finding ids and the ids of their states. */
    public static Evidence of(Map<FindingId, String> states) {
        return new Evidence(Map.copyOf(states));
    }

    /** This evidence with one finding more, or changed. */
    public Evidence with(FindingId finding, String state) {
        Map<FindingId, String> more = new LinkedHashMap<>(states);
        more.put(finding, state);
        return of(more);
    }

    public Optional<String> state(FindingId finding) {
        return Optional.ofNullable(states.get(finding));
    }

    public Map<FindingId, String> states() {
        return states;
    }
}

package mildlantern.diagnosis;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What was seen, and what was looked for and is not there. A finding that is missing here was not looked for.
 * Immutable; the order in which answers came plays no part.
 */
public final class Evidence {
    /** Nothing looked at yet. */
    public static final Evidence NONE = new Evidence(Map.of());

    private final Map<String, String> states;

    private Evidence(Map<String, String> states) {
        this.states = states;
    }

    /** Evidence from finding ids and the ids of their states. */
    public static Evidence of(Map<String, String> states) {
        return new Evidence(Map.copyOf(states));
    }

    /** This evidence with one finding more, or changed. */
    public Evidence with(String finding, String state) {
        Map<String, String> more = new LinkedHashMap<>(states);
        more.put(finding, state);
        return of(more);
    }

    public Optional<String> state(String finding) {
        return Optional.ofNullable(states.get(finding));
    }

    public Map<String, String> states() {
        return states;
    }
}

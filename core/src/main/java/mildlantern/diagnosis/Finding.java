package mildlantern.diagnosis;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.FindingId;
import mildlantern.knowledge.Words;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantRecord;

/**
 * Something that can be seen, felt or smelled, or looked for and not found.
 *
 * @param id its id, as in {@code soil.deep}
 * @param parts where it can be pinned, the most usual part first
 * @param look what to do to find out
 * @param states its states; a yes/no finding has {@link #PRESENT} and {@link #ABSENT}
 * @param yesNo whether it is a yes/no finding
 * @param minutes what the look costs in time
 * @param stress what the look costs the plant, from 0 (nothing) to 3 (very hard)
 * @param scope families, profiles or stages on which the look makes sense; empty means all
 * @param never profiles among those on which there is nothing to look at
 * @param best ids of its states from best to worst for the plant; empty where none is better than another
 * @param after ids of cheaper looks of which one comes first: while all of them are open, this look is not proposed
 * @param words other words growers use
 */
public record Finding(
        FindingId id,
        List<Part> parts,
        String look,
        List<State> states,
        boolean yesNo,
        double minutes,
        double stress,
        Set<String> scope,
        Set<String> never,
        List<String> best,
        List<FindingId> after,
        List<String> words) {

    /** A finding has at most this many states. */
    static final int MOST_STATES = 5;

    /** State of a yes/no finding that was seen. */
    public static final String PRESENT = "present";

    /** State of a yes/no finding that was looked for and is not there. */
    public static final String ABSENT = "absent";

    /**
     * One state of a finding.
     *
     * @param id its id
     * @param words the state in a few words, as in "wet at the bottom"
     * @param usual how usual it is on a worried-about plant when no known cause speaks, a probability;
     *     over all states of a finding they add up to 1
     */
    public record State(String id, String words, double usual) {}

    /** Whether it is no sign of trouble either way. */
    public boolean neutral() {
        return yesNo && best.isEmpty();
    }

    /** The state of an id, if the finding has it. */
    public Optional<State> state(String stateId) {
        return states.stream().filter(state -> state.id().equals(stateId)).findFirst();
    }

    /** Position of a state in {@link #states()}, or -1. */
    int indexOf(String stateId) {
        for (int i = 0; i < states.size(); i++) {
            if (states.get(i).id().equals(stateId)) {
                return i;
            }
        }
        return -1;
    }

    /** Whether it makes sense to look for this on the plant. */
    public boolean appliesTo(PlantRecord record) {
        return !record.profile().isAmong(never) && inScope(record) && (!ofThePot() || inAPot(record));
    }

    private boolean ofThePot() {
        return parts.get(0) == Part.MEDIUM || parts.get(0) == Part.POT;
    }

    /** What is tied to a mount has no pot to lift and nothing to probe. */
    private static boolean inAPot(PlantRecord record) {
        return !record.pot()
                .medium()
                .map(Medium::id)
                .orElse(record.profile().usualMedium())
                .equals(Medium.MOUNTED);
    }

    private boolean inScope(PlantRecord record) {
        return scope.isEmpty()
                || record.profile().isAmong(scope)
                || scope.contains(Words.id(record.profile().family()))
                || record.stage().map(stage -> scope.contains(Words.id(stage))).orElse(false);
    }
}

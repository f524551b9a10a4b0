package mildlantern.cases;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import mildlantern.diagnosis.Cause;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.NextLook;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;

/**
 * What the diagnosis said to a written-up case, and what it missed.
 *
 * @param written the case
 * @param causes the first four causes
 * @param looks the first three suggested looks
 * @param actNow whether it asks for isolation or a deed today
 * @param missed the expectations that were not met, in words
 */
public record Judgement(
        WrittenCase written, List<Cause> causes, List<NextLook> looks, boolean actNow, List<String> missed) {
    private static final int CAUSES = 4;
    private static final int LOOKS = 3;
    private static final double RULED_OUT_BELOW = 0.15;

    /** Asks the diagnosis and compares. */
    public static Judgement of(Diagnosis diagnosis, WrittenCase written) {
        Differential differential = diagnosis.consider(written.record(), written.evidence());
        List<Cause> causes = differential.ladder().stream().limit(CAUSES).toList();
        List<NextLook> looks = differential.nextLooks(LOOKS, Set.of());
        List<DisorderId> first = causes.stream().map(c -> c.disorder().id()).toList();
        WrittenCase.Expected expected = written.expected();
        List<String> missed = new ArrayList<>();
        if (!expected.first().isEmpty() && (first.isEmpty() || !expected.first().contains(first.get(0)))) {
            missed.add("first should be one of " + expected.first());
        }
        for (DisorderId id : expected.among()) {
            if (!first.contains(id)) {
                missed.add(id + " should be among the first four");
            }
        }
        for (DisorderId id : expected.not()) {
            double probability = differential.probability(id);
            if (probability >= RULED_OUT_BELOW) {
                missed.add("%s should stay under 15 %%, not %.0f %%".formatted(id, probability * 100));
            }
        }
        List<FindingId> asked = looks.stream().map(look -> look.finding().id()).toList();
        if (!expected.ask().isEmpty() && expected.ask().stream().noneMatch(asked::contains)) {
            missed.add("should ask one of " + expected.ask());
        }
        expected.actNow()
                .filter(wanted -> wanted != differential.actNow())
                .ifPresent(wanted -> missed.add(wanted ? "should ask to act now" : "should not ask to act now"));
        return new Judgement(written, causes, looks, differential.actNow(), List.copyOf(missed));
    }

    public boolean passed() {
        return missed.isEmpty();
    }
}

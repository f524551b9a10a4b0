package mildlantern.care;

import java.util.Optional;
import java.util.Set;
import mildlantern.message.Message;
import mildlantern.plant.Wants;

/** What a change would gain and cost, for the plant and for those beside it. */
final class Weighing {
    private final CareKnowledge knowledge;
    private final Needs needs;

    Weighing(CareKnowledge knowledge, Needs needs) {
        this.knowledge = knowledge;
        this.needs = needs;
    }

    Change change(
            Change.Kind kind, Need need, Message words, Message reason, Message cost, double gain, double others) {
        return new Change(
                kind,
                words,
                reason,
                cost,
                gain,
                others,
                gain + knowledge.others * others - knowledge.effort(kind),
                Set.of(need.kind()),
                (Math.abs(others) < 0.05
                                ? ChangeSays.NOTHING_FOR_OTHERS
                                : others > 0 ? ChangeSays.HELPS_OTHERS : ChangeSays.OTHERS_LIKE_IT_LESS)
                        .with(),
                Optional.empty());
    }

    double gain(Subject subject, Gives after) {
        Wants wants = subject.plant().wants();
        return Needs.missed(needs.ofStop(wants, subject.here().gives())) - Needs.missed(needs.ofStop(wants, after));
    }

    double others(Subject subject, Gives after) {
        return subject.here().standing().stream()
                .filter(other -> !other.id().equals(subject.plant().id()))
                .mapToDouble(other ->
                        Needs.missed(needs.ofStop(other.wants(), subject.here().gives()))
                                - Needs.missed(needs.ofStop(other.wants(), after)))
                .sum();
    }
}

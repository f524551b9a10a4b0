package mildlantern.treatment;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import mildlantern.knowledge.DisorderId;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;

/**
 * Whether something may be done to a plant now: by its kind, its stage and phase, what its case holds, and what would be refused on
 * it. Trials, and every deed of the hands, ask this one rule.
 */
public final class Allowed {
    private final TreatmentKnowledge knowledge;
    private final Refusals refusals;

    public Allowed(TreatmentKnowledge knowledge) {
        this.knowledge = knowledge;
        this.refusals = new Refusals(knowledge);
    }

    /** Why something is not for a plant now. */
    public enum WhyNot implements MessageKey {
        /** The traits of the plant that it is not for. */
        NOT_ON,
        /** The traits of the only plants that it is for. */
        ONLY_ON,
        /** The state in which it is not done. */
        NOT_WHEN,
        ONLY_WHEN,
        /** What its case holds. */
        HELD,
        /** What it uses is refused: the reason. */
        REFUSED
    }

    /**
     * The trials that a plant bears, in their order.
     *
     * @param trials those against a cause
     * @param on the day on which one would begin
     */
    public List<Trial> of(List<Trial> trials, DisorderId cause, Situation situation, LocalDate on) {
        return trials.stream()
                .filter(trial -> against(trial, cause, situation, on).isEmpty())
                .toList();
    }

    /** The first reason against a trial, where there is one. */
    public Optional<Message> against(Trial trial, DisorderId cause, Situation situation, LocalDate on) {
        List<String> not = knowledge.shared(situation.profile(), trial.notOn());
        if (!not.isEmpty()) {
            return Optional.of(WhyNot.NOT_ON.with(not));
        }
        if (!trial.onlyOn().isEmpty()
                && knowledge.shared(situation.profile(), trial.onlyOn()).isEmpty()) {
            return Optional.of(WhyNot.ONLY_ON.with(knowledge.words(trial.onlyOn())));
        }
        if (!Collections.disjoint(trial.notWhen(), situation.states())) {
            return Optional.of(WhyNot.NOT_WHEN.with());
        }
        if (!trial.onlyWhen().isEmpty() && Collections.disjoint(trial.onlyWhen(), situation.states())) {
            return Optional.of(WhyNot.ONLY_WHEN.with());
        }
        return against(trial.does(), situation)
                .or(() -> trial.uses().stream()
                        .map(knowledge::find)
                        .flatMap(Optional::stream)
                        .map(means -> refusals.refusal(Order.of(means, on, cause), situation))
                        .flatMap(Optional::stream)
                        .findFirst()
                        .map(verdict -> WhyNot.REFUSED.with(verdict.reason())));
    }

    /** What speaks against doing something by hand: that its case holds it. */
    public Optional<Message> against(Collection<Hold> does, Situation situation) {
        Set<Hold> held = new TreeSet<>(does);
        held.retainAll(situation.holds());
        return held.isEmpty() ? Optional.empty() : Optional.of(WhyNot.HELD.with(List.copyOf(held)));
    }
}

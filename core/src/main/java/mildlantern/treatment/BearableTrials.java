package mildlantern.treatment;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mildlantern.knowledge.DisorderId;

/** Which trials a plant bears: none that uses what would be refused on it, and none that is for other plants. */
public final class BearableTrials {
    private final TreatmentKnowledge knowledge;
    private final Refusals refusals;

    public BearableTrials(TreatmentKnowledge knowledge) {
        this.knowledge = knowledge;
        this.refusals = new Refusals(knowledge);
    }

    /**
     * The trials that a plant bears, in their order.
     *
     * @param trials those against a cause
     * @param on the day on which one would begin
     */
    public List<Trial> of(List<Trial> trials, DisorderId cause, Situation situation, LocalDate on) {
        return trials.stream()
                .filter(trial -> bears(trial, cause, situation, on))
                .toList();
    }

    private boolean bears(Trial trial, DisorderId cause, Situation situation, LocalDate on) {
        return knowledge.shared(situation.profile(), trial.notOn()).isEmpty()
                && (trial.onlyOn().isEmpty()
                        || !knowledge
                                .shared(situation.profile(), trial.onlyOn())
                                .isEmpty())
                && trial.uses().stream()
                        .map(knowledge::find)
                        .flatMap(Optional::stream)
                        .noneMatch(means -> refusals.refusal(
                                        new Order(means, on, cause, means.rate(), false, Optional.empty()), situation)
                                .isPresent());
    }
}

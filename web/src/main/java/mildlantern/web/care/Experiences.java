package mildlantern.web.care;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Change;
import mildlantern.care.Experience;
import mildlantern.diagnosis.Comparison;
import mildlantern.outcome.Verdict;
import mildlantern.plant.PlantId;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What changes did in a collection, those that were trials of cases among them, as the next proposals take it into account. */
@Component
@Transactional
class Experiences {
    private final CareChangeRows rows;
    private final CaseTroubles troubles;
    private final Plants plants;
    private final CareKnowledge knowledge;

    Experiences(CareChangeRows rows, CaseTroubles troubles, Plants plants, CareKnowledge knowledge) {
        this.rows = rows;
        this.troubles = troubles;
        this.plants = plants;
        this.knowledge = knowledge;
    }

    /** Changes of which something could be said, and that still count. */
    @Transactional(readOnly = true)
    Experience of(CollectionId collection) {
        Stream<Experience.Case> changes =
                rows.findByCollectionAndStateOrderByBeganOnDesc(collection, CareChange.State.JUDGED).stream()
                        .filter(change -> change.counts()
                                && change.verdict()
                                        .filter(it -> it != Verdict.CANNOT_TELL)
                                        .isPresent())
                        .map(change -> new Experience.Case(
                                change.plantKind(),
                                change.kind(),
                                change.to(),
                                helped(change.verdict().orElseThrow())));
        return knowledge.experience(Stream.concat(changes, trials(collection)).toList());
    }

    /** Trials of cases; that a plant got worse in one says no more than that it did not help, as nothing was held against it. */
    private Stream<Experience.Case> trials(CollectionId collection) {
        Map<String, Change.Kind> kinds = knowledge.trials();
        List<CaseTroubles.Tried> tried = troubles.tried(collection).stream()
                .filter(one -> kinds.containsKey(one.trial()))
                .toList();
        Map<PlantId, Plant> byId = tried.isEmpty()
                ? Map.of()
                : plants
                        .plants(
                                collection,
                                tried.stream()
                                        .map(CaseTroubles.Tried::plant)
                                        .distinct()
                                        .toList())
                        .stream()
                        .collect(Collectors.toMap(Plant::id, Function.identity()));
        return tried.stream()
                .filter(one -> byId.containsKey(one.plant()))
                .map(one -> new Experience.Case(
                        plants.profile(Objects.requireNonNull(byId.get(one.plant())))
                                .id(),
                        Objects.requireNonNull(kinds.get(one.trial())),
                        Objects.requireNonNull(byId.get(one.plant())).stop(),
                        one.verdict() == Comparison.Verdict.BETTER ? 1 : 0));
    }

    private static int helped(Verdict verdict) {
        return switch (verdict) {
            case BETTER -> 1;
            case WORSE -> -1;
            case SAME, CANNOT_TELL -> 0;
        };
    }

    /** Begins anew with what the book expects of such changes on plants of a kind. */
    void forget(CollectionId collection, String plantKind, Change.Kind kind) {
        rows.findByCollectionAndPlantKindAndKindAndState(collection, plantKind, kind, CareChange.State.JUDGED)
                .forEach(CareChange::forget);
        Set<String> trials = knowledge.trials().entrySet().stream()
                .filter(trial -> trial.getValue() == kind)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
        Set<PlantId> alike = plants.plants(collection).stream()
                .filter(plant -> plants.profile(plant).id().equals(plantKind))
                .map(Plant::id)
                .collect(Collectors.toSet());
        troubles.forgetTried(collection, trials, alike);
    }
}

package mildlantern.web.care;

import java.util.List;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Change;
import mildlantern.care.Experience;
import mildlantern.outcome.Verdict;
import mildlantern.web.platform.CollectionId;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What changes did in a collection, as the next proposals take it into account. */
@Component
@Transactional
class Experiences {
    private final CareChangeRows rows;
    private final CareKnowledge knowledge;

    Experiences(CareChangeRows rows, CareKnowledge knowledge) {
        this.rows = rows;
        this.knowledge = knowledge;
    }

    /** Changes of which something could be said, and that still count. */
    @Transactional(readOnly = true)
    Experience of(CollectionId collection) {
        List<Experience.Case> cases =
                rows.findByCollectionAndStateOrderByBeganOnDesc(collection, CareChange.State.JUDGED).stream()
                        .filter(change -> change.counts()
                                && change.verdict()
                                        .filter(it -> it != Verdict.CANNOT_TELL)
                                        .isPresent())
                        .map(change -> new Experience.Case(
                                change.plantKind(),
                                change.kind(),
                                change.to(),
                                helped(change.verdict().orElseThrow())))
                        .toList();
        return knowledge.experience(cases);
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
    }
}

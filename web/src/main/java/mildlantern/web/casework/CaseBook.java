package mildlantern.web.casework;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import mildlantern.diagnosis.Comparison;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Evidence;
import mildlantern.diagnosis.Finding;
import mildlantern.web.collection.CollectionService;
import mildlantern.web.collection.Plant;
import mildlantern.web.platform.NotHere;
import org.springframework.stereotype.Component;

/** What is known of a case: its answers, its evidence, its trial. Reads only. */
@Component
class CaseBook {
    private final CaseRepositories.Cases cases;
    private final CaseRepositories.Answers answers;
    private final CaseRepositories.CaseTrials trials;
    private final CollectionService collections;
    private final Diagnosis diagnosis;

    CaseBook(
            CaseRepositories.Cases cases,
            CaseRepositories.Answers answers,
            CaseRepositories.CaseTrials trials,
            CollectionService collections,
            Diagnosis diagnosis) {
        this.cases = cases;
        this.answers = answers;
        this.trials = trials;
        this.collections = collections;
        this.diagnosis = diagnosis;
    }

    /**
     * @throws NotHere if the collection has no such case
     */
    TroubleCase find(UUID collection, UUID caseId) {
        return cases.findByCollectionAndId(collection, caseId).orElseThrow(() -> new NotHere("case"));
    }

    /** Of each finding the latest answer, by pin. */
    List<CaseAnswer> latestAnswers(TroubleCase troubleCase) {
        Map<String, CaseAnswer> latest = new LinkedHashMap<>();
        for (CaseAnswer answer : answers.of(troubleCase.collection(), troubleCase.id())) {
            if (!answer.skipped() || !latest.containsKey(answer.finding())) {
                latest.put(answer.finding(), answer);
            }
        }
        return latest.values().stream()
                .sorted(Comparator.comparingInt(CaseAnswer::pin))
                .toList();
    }

    Optional<CaseTrial> latestTrial(UUID collection, UUID caseId) {
        return trials.of(collection, caseId).stream().max(Comparator.comparingInt(CaseTrial::number));
    }

    /** What is known of a case up to a visit: of each finding the latest answer that was not skipped. */
    Evidence evidence(TroubleCase troubleCase, int upToVisit) {
        Map<String, String> states = new LinkedHashMap<>();
        for (CaseAnswer answer : answers.of(troubleCase.collection(), troubleCase.id())) {
            if (answer.visit() <= upToVisit && !answer.skipped()) {
                states.put(answer.finding(), answer.state());
            }
        }
        return Evidence.of(states);
    }

    /** The latest look beside all that was known before it. */
    Comparison compare(TroubleCase troubleCase) {
        Map<String, String> now = new LinkedHashMap<>();
        for (CaseAnswer answer : answers.of(troubleCase.collection(), troubleCase.id())) {
            if (answer.visit() == troubleCase.visit() && !answer.skipped()) {
                now.put(answer.finding(), answer.state());
            }
        }
        return Comparison.of(
                diagnosis.knowledge().findings(), evidence(troubleCase, troubleCase.visit() - 1), Evidence.of(now));
    }

    Finding finding(String id) {
        return diagnosis.knowledge().finding(id).orElseThrow(() -> new IllegalStateException("no finding " + id));
    }

    /** What can be the matter, by the plant's record of today and all that was seen. */
    Differential differential(TroubleCase troubleCase) {
        Plant plant = collections.plant(troubleCase.collection(), troubleCase.plant());
        return diagnosis.consider(collections.record(plant), evidence(troubleCase, troubleCase.visit()));
    }

    /** The name of the cause decided on. */
    String causeName(TroubleCase troubleCase) {
        return Optional.ofNullable(troubleCase.decidedCause())
                .flatMap(diagnosis.knowledge()::disorder)
                .map(Disorder::name)
                .orElse("no cause decided on");
    }
}

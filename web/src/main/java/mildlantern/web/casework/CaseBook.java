package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.diagnosis.Comparison;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Evidence;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.Promises;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantRecord;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.routine.Records;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** What is known of a case: its answers, its evidence, its trial. Reads only. */
@Component
class CaseBook {
    /** The finding that the record itself can answer. */
    static final FindingId NEIGHBOUR_INFESTED = new FindingId("pest.neighbour-infested");

    /** So long after a case is closed its pest may still show itself next door: six weeks, the span of a mealybug's generation. */
    private static final int PEST_LINGERS_DAYS = 42;

    private final CaseRepositories.Cases cases;
    private final CaseRepositories.Answers answers;
    private final CaseRepositories.CaseTrials trials;
    private final Plants plants;
    private final Records records;
    private final Diagnosis diagnosis;
    private final Clock clock;

    CaseBook(
            CaseRepositories.Cases cases,
            CaseRepositories.Answers answers,
            CaseRepositories.CaseTrials trials,
            Plants plants,
            Records records,
            Diagnosis diagnosis,
            Clock clock) {
        this.cases = cases;
        this.answers = answers;
        this.trials = trials;
        this.plants = plants;
        this.records = records;
        this.diagnosis = diagnosis;
        this.clock = clock;
    }

    /**
     * @throws NotHere if the collection has no such case
     */
    TroubleCase find(CollectionId collection, CaseId caseId) {
        return cases.findByCollectionAndId(collection, caseId.value()).orElseThrow(() -> new NotHere("case"));
    }

    /** Of each finding the latest answer, by pin. */
    List<CaseAnswer> latestAnswers(TroubleCase troubleCase) {
        Map<FindingId, CaseAnswer> latest = new LinkedHashMap<>();
        for (CaseAnswer answer : answers.of(troubleCase.collection(), troubleCase.id())) {
            if (!answer.skipped() || !latest.containsKey(answer.finding())) {
                latest.put(answer.finding(), answer);
            }
        }
        return latest.values().stream()
                .sorted(Comparator.comparingInt(CaseAnswer::pin))
                .toList();
    }

    Optional<CaseTrial> latestTrial(CollectionId collection, CaseId caseId) {
        return trials.of(collection, caseId).stream()
                .filter(trial -> !trial.beside())
                .max(Comparator.comparingInt(CaseTrial::number));
    }

    /** The trials that run now: the latest, and what runs beside it. */
    List<CaseTrial> running(CollectionId collection, CaseId caseId) {
        int latest = latestTrial(collection, caseId).map(CaseTrial::number).orElse(0);
        return trials.of(collection, caseId).stream()
                .filter(trial -> trial.number() >= latest)
                .toList();
    }

    /** What is known of a case up to a visit: of each finding the latest answer that was not skipped. */
    Evidence evidence(TroubleCase troubleCase, int upToVisit) {
        Map<FindingId, String> states = new LinkedHashMap<>();
        for (CaseAnswer answer : answers.of(troubleCase.collection(), troubleCase.id())) {
            if (answer.visit() <= upToVisit && !answer.skipped()) {
                states.put(answer.finding(), answer.state());
            }
        }
        return Evidence.of(states);
    }

    /** The latest look beside all that was known before it. */
    Comparison compare(TroubleCase troubleCase) {
        Map<FindingId, String> now = new LinkedHashMap<>();
        for (CaseAnswer answer : answers.of(troubleCase.collection(), troubleCase.id())) {
            if (answer.visit() == troubleCase.visit() && !answer.skipped()) {
                now.put(answer.finding(), answer.state());
            }
        }
        return Comparison.of(
                diagnosis.knowledge().findings(), evidence(troubleCase, troubleCase.visit() - 1), Evidence.of(now));
    }

    Finding finding(FindingId id) {
        return diagnosis.knowledge().finding(id).orElseThrow(() -> new IllegalStateException("no finding " + id));
    }

    /** What can be the matter, by the plant's record of today and all that was seen. */
    Differential differential(TroubleCase troubleCase) {
        Plant plant = plants.plant(troubleCase.collection(), troubleCase.plant());
        return differential(troubleCase, plant, records.record(plant));
    }

    /** The same, where plant and record are at hand. */
    Differential differential(TroubleCase troubleCase, Plant plant, PlantRecord record) {
        Evidence seen = evidence(troubleCase, troubleCase.visit());
        boolean asked = seen.state(NEIGHBOUR_INFESTED).isPresent();
        return diagnosis.consider(
                record,
                asked || infestedNeighbours(plant).isEmpty() ? seen : seen.with(NEIGHBOUR_INFESTED, Finding.PRESENT));
    }

    /** Plants at the same stop that have, or lately had, a catching pest, each with its name: known without looking. */
    List<Neighbour> infestedNeighbours(Plant plant) {
        Map<PlantId, Plant> beside = new LinkedHashMap<>();
        List<TroubleCase> decided =
                cases.decidedSince(plant.collection(), LocalDate.now(clock).minusDays(PEST_LINGERS_DAYS));
        if (decided.isEmpty()) {
            return List.of();
        }
        plants.plantsAt(plant.collection(), plant.stop()).stream()
                .filter(other -> !other.id().equals(plant.id()))
                .forEach(other -> beside.put(other.id(), other));
        return decided.stream()
                .flatMap(other -> diagnosis.knowledge().disorder(other.decidedCause()).stream()
                        .filter(cause -> cause.kind() == Disorder.Kind.PEST
                                && cause.nature().catching())
                        .flatMap(cause -> Optional.ofNullable(beside.get(other.plant())).stream()
                                .map(neighbour -> new Neighbour(
                                        neighbour.name(),
                                        cause.name(),
                                        other.state().open()))))
                .toList();
    }

    /** A neighbour that has a pest now, or had it lately. */
    record Neighbour(String name, String pest, boolean now) {}

    /** Another case of the same plant that is open. */
    Optional<CaseId> openBeside(TroubleCase troubleCase) {
        return cases.findByCollectionAndPlantOrderByOpenedOnDesc(troubleCase.collection(), troubleCase.plant()).stream()
                .filter(other -> other.state().open() && !other.id().equals(troubleCase.id()))
                .map(TroubleCase::id)
                .findFirst();
    }

    /** Whether a cause that was decided on can go to other plants. */
    boolean catching(TroubleCase troubleCase) {
        return Stream.of(
                        Optional.ofNullable(troubleCase.decidedCause()), Optional.ofNullable(troubleCase.secondCause()))
                .flatMap(Optional::stream)
                .flatMap(id -> diagnosis.knowledge().disorder(id).stream())
                .anyMatch(cause -> cause.nature().catching());
    }

    /** The name of the cause that a trial is for. */
    String causeOf(TroubleCase troubleCase, CaseTrial trial) {
        return Optional.ofNullable(trial.beside() ? troubleCase.secondCause() : troubleCase.decidedCause())
                .flatMap(diagnosis.knowledge()::disorder)
                .map(Disorder::name)
                .orElse(Wording.say("casework.case-book.no-cause-decided"));
    }

    /** The names of the causes decided on. */
    String causeName(TroubleCase troubleCase) {
        List<String> names = Stream.of(
                        Optional.ofNullable(troubleCase.decidedCause()), Optional.ofNullable(troubleCase.secondCause()))
                .flatMap(Optional::stream)
                .flatMap(id -> diagnosis.knowledge().disorder(id).stream())
                .map(Disorder::name)
                .toList();
        return names.isEmpty() ? Wording.say("casework.case-book.no-cause-decided") : String.join(" and ", names);
    }

    /** What became of the chances that trials of a collection were started with. */
    Promises promises(CollectionId collection) {
        return Promises.of(trials.judged(collection).stream()
                .flatMap(trial -> trial
                        .promised()
                        .map(chance -> new Promises.Made(chance, trial.verdict() == Comparison.Verdict.BETTER))
                        .stream())
                .toList());
    }
}

package mildlantern.web.casework;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import mildlantern.diagnosis.Comparison;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Part;
import mildlantern.treatment.CareSetting;
import mildlantern.treatment.Trial;
import mildlantern.web.collection.CareEntry;
import mildlantern.web.collection.CollectionService;
import mildlantern.web.collection.Plant;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The steps of a case, each on a given day. Whoever calls has checked that the step is allowed. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class CaseWriter {
    private final CaseRepositories.Cases cases;
    private final CaseRepositories.Answers answers;
    private final CaseRepositories.CaseTrials trials;
    private final CollectionService collections;
    private final CaseBook book;
    private final EntityManager entities;
    private final Clock clock;

    CaseWriter(
            CaseRepositories.Cases cases,
            CaseRepositories.Answers answers,
            CaseRepositories.CaseTrials trials,
            CollectionService collections,
            CaseBook book,
            EntityManager entities,
            Clock clock) {
        this.cases = cases;
        this.answers = answers;
        this.trials = trials;
        this.collections = collections;
        this.book = book;
        this.entities = entities;
        this.clock = clock;
    }

    /** Opens a case on a plant. */
    public UUID open(Plant plant, UUID id, LocalDate day) {
        return cases.save(new TroubleCase(id, plant.collection(), plant.id(), day))
                .id();
    }

    /** Stores an answer of the present visit; answering again changes it. */
    public void answer(UUID collection, UUID caseId, String finding, String state, Part part, LocalDate day) {
        TroubleCase troubleCase = toChange(collection, caseId);
        List<CaseAnswer> before = answers.of(collection, caseId);
        Optional<CaseAnswer> now = before.stream()
                .filter(answer -> answer.visit() == troubleCase.visit()
                        && answer.finding().equals(finding))
                .findFirst();
        if (now.isPresent()) {
            now.get().change(state, part, day);
            return;
        }
        answers.save(new CaseAnswer(troubleCase, finding, state, part, pin(before, finding), day));
    }

    /** A finding keeps its pin through all visits. */
    private static int pin(List<CaseAnswer> before, String finding) {
        return before.stream()
                .filter(answer -> answer.finding().equals(finding))
                .map(CaseAnswer::pin)
                .findFirst()
                .orElseGet(() -> before.stream().mapToInt(CaseAnswer::pin).max().orElse(0) + 1);
    }

    /**
     * Decides on a cause and starts a trial. What the ladder said at that time is kept with the decision.
     *
     * @param note why, if the grower said so; may be empty
     */
    public void decide(UUID collection, UUID caseId, Disorder cause, Trial trial, String note, Days days) {
        TroubleCase troubleCase = toChange(collection, caseId);
        Differential differential = book.differential(troubleCase);
        troubleCase.decide(cause.id(), differential.probability(cause.id()), note, overrules(differential, cause.id()));
        start(troubleCase, trial, days.decidedOn(), days.lookAgainOn());
    }

    /** When a trial starts and when its look again is due. */
    public record Days(LocalDate decidedOn, LocalDate lookAgainOn) {}

    static boolean overrules(Differential differential, String cause) {
        return !differential.ladder().get(0).disorder().id().equals(cause);
    }

    /** Goes on with the same trial until another day. */
    void goOn(UUID collection, UUID caseId, Trial trial, LocalDate day, LocalDate lookAgainOn) {
        start(toChange(collection, caseId), trial, day, lookAgainOn);
    }

    private void start(TroubleCase troubleCase, Trial trial, LocalDate day, LocalDate lookAgainOn) {
        int number = trials.of(troubleCase.collection(), troubleCase.id()).size() + 1;
        trials.save(new CaseTrial(troubleCase, number, trial, day, lookAgainOn));
    }

    /** Begins a look again: the answers that follow belong to a new visit. */
    public void lookAgain(UUID collection, UUID caseId) {
        toChange(collection, caseId).nextVisit();
    }

    /** Ends the running trial with the verdict that its two looks give. */
    public Comparison.Verdict finish(UUID collection, UUID caseId, LocalDate day) {
        TroubleCase troubleCase = toChange(collection, caseId);
        Comparison comparison = book.compare(troubleCase);
        book.latestTrial(collection, caseId).orElseThrow().finish(day, comparison.verdict());
        return comparison.verdict();
    }

    /** Goes back to weighing causes, with all that was seen. */
    void lookFurther(UUID collection, UUID caseId) {
        toChange(collection, caseId).lookFurther();
    }

    /** Closes a case and writes what it changes on the care sheet. */
    public void close(
            UUID collection,
            UUID caseId,
            String outcome,
            String lesson,
            Map<CareSetting, CareChange> care,
            LocalDate day) {
        TroubleCase troubleCase = toChange(collection, caseId);
        troubleCase.close(day, TroubleCase.Outcome.valueOf(outcome), lesson);
        Plant plant = collections.plant(collection, troubleCase.plant());
        care.forEach((setting, change) -> collections.write(
                new CareEntry(plant, caseId, setting, change.text(), change.reason(), day, OffsetDateTime.now(clock))));
    }

    /** A new line of the care sheet. */
    public record CareChange(String text, String reason) {}

    /** The case to be changed: its version moves on, even if only its answers change. */
    private TroubleCase toChange(UUID collection, UUID caseId) {
        TroubleCase troubleCase =
                cases.findByCollectionAndId(collection, caseId).orElseThrow();
        entities.lock(troubleCase, LockModeType.OPTIMISTIC_FORCE_INCREMENT);
        return troubleCase;
    }
}

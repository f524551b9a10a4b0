package mildlantern.web.casework;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.diagnosis.Comparison;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.log.LogKind;
import mildlantern.treatment.CareSetting;
import mildlantern.treatment.Trial;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The steps of a case, each on a given day. Whoever calls has checked that the step is allowed. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
public class CaseWriter {
    /** So many of the first causes are kept of each ladder. */
    private static final int CAUSES_KEPT = 6;

    /** "This week" and "this month" as remembered: the middle of each. */
    private static final int DAYS_AGO_THIS_WEEK = 4;

    private static final int DAYS_AGO_THIS_MONTH = 18;

    private final CaseRepositories.Cases cases;
    private final CaseRepositories.Answers answers;
    private final CaseRepositories.CaseTrials trials;
    private final CaseRepositories.Opinions opinions;
    private final CaseRepositories.Recalls recalls;
    private final Plants plants;
    private final CareSheets careSheets;
    private final RecordWriter writer;
    private final CaseBook book;
    private final EntityManager entities;
    private final Clock clock;

    CaseWriter(
            CaseRepositories.Cases cases,
            CaseRepositories.Answers answers,
            CaseRepositories.CaseTrials trials,
            CaseRepositories.Opinions opinions,
            CaseRepositories.Recalls recalls,
            Plants plants,
            CareSheets careSheets,
            RecordWriter writer,
            CaseBook book,
            EntityManager entities,
            Clock clock) {
        this.cases = cases;
        this.answers = answers;
        this.trials = trials;
        this.opinions = opinions;
        this.recalls = recalls;
        this.plants = plants;
        this.careSheets = careSheets;
        this.writer = writer;
        this.book = book;
        this.entities = entities;
        this.clock = clock;
    }

    /** Opens a case on a plant. */
    public CaseId open(Plant plant, CaseId id, LocalDate day) {
        TroubleCase troubleCase = cases.save(new TroubleCase(id, plant.collection(), plant.id(), day));
        keepOpinion(troubleCase, null, null, day);
        return troubleCase.id();
    }

    /** Keeps what the ladder says now, so that one can see how opinion moved. */
    private Differential keepOpinion(
            TroubleCase troubleCase, @Nullable FindingId finding, @Nullable String state, LocalDate day) {
        Differential opinion = book.differential(troubleCase);
        int seq = opinions.latest(troubleCase.collection(), troubleCase.id()) + 1;
        opinion.ladder().stream()
                .limit(CAUSES_KEPT)
                .forEach(cause -> opinions.save(new CaseOpinion(
                        troubleCase, seq, day, finding, state, cause.disorder().id(), cause.probability())));
        return opinion;
    }

    /**
     * Stores an answer of the present visit; answering again changes it.
     *
     * @return what can be the matter by now; empty where the finding was passed over
     */
    public Optional<Differential> answer(
            CollectionId collection, CaseId caseId, FindingId finding, String state, Part part, LocalDate day) {
        TroubleCase troubleCase = toChange(collection, caseId);
        List<CaseAnswer> before = answers.of(collection, caseId);
        Optional<CaseAnswer> now = before.stream()
                .filter(answer -> answer.visit() == troubleCase.visit()
                        && answer.finding().equals(finding))
                .findFirst();
        if (now.isPresent()) {
            now.get().change(state, part, day);
        } else {
            answers.save(new CaseAnswer(troubleCase, finding, state, part, pin(before, finding), day));
        }
        return CaseAnswer.SKIPPED.equals(state)
                ? Optional.empty()
                : Optional.of(keepOpinion(troubleCase, finding, state, day));
    }

    /** A finding keeps its pin through all visits. */
    private static int pin(List<CaseAnswer> before, FindingId finding) {
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
    public void decide(CollectionId collection, CaseId caseId, Disorder cause, Trial trial, String note, Days days) {
        TroubleCase troubleCase = toChange(collection, caseId);
        Differential differential = book.differential(troubleCase);
        troubleCase.decide(cause.id(), differential.probability(cause.id()), note, overrules(differential, cause.id()));
        promise(start(troubleCase, trial, false, days.decidedOn(), days.lookAgainOn()), differential, trial);
    }

    /** Treats a second cause beside the first; both are looked at again on the same day. */
    void decideBeside(CollectionId collection, CaseId caseId, Disorder cause, Trial trial, Days days) {
        TroubleCase troubleCase = toChange(collection, caseId);
        Differential differential = book.differential(troubleCase);
        troubleCase.decideBeside(cause.id());
        promise(start(troubleCase, trial, true, days.decidedOn(), days.lookAgainOn()), differential, trial);
    }

    /** When a trial starts and when its look again is due. */
    public record Days(LocalDate decidedOn, LocalDate lookAgainOn) {}

    static boolean overrules(Differential differential, DisorderId cause) {
        return !differential.ladder().get(0).disorder().id().equals(cause);
    }

    /** Goes on with the same trial until another day. */
    void goOn(CollectionId collection, CaseId caseId, List<Going> going, LocalDate day, LocalDate lookAgainOn) {
        TroubleCase troubleCase = toChange(collection, caseId);
        going.forEach(one -> start(troubleCase, one.trial(), one.beside(), day, lookAgainOn));
    }

    /** A trial that goes on, the first one or the one beside it. */
    record Going(Trial trial, boolean beside) {}

    /** Keeps with a trial the chance that it is right, so that one can see later how well such chances were told. */
    private static void promise(CaseTrial started, Differential differential, Trial trial) {
        differential.deeds().outlook(trial.id()).ifPresent(outlook -> started.promising(outlook.answers()));
    }

    private CaseTrial start(
            TroubleCase troubleCase, Trial trial, boolean beside, LocalDate day, LocalDate lookAgainOn) {
        int number = trials.of(troubleCase.collection(), troubleCase.id()).size() + 1;
        return trials.save(new CaseTrial(troubleCase, number, beside, trial, day, lookAgainOn));
    }

    /** Lets a case rest until a day. */
    void pause(CollectionId collection, CaseId caseId, LocalDate until) {
        toChange(collection, caseId).pause(until);
    }

    /** Takes a paused or closed case up again. */
    void reopen(CollectionId collection, CaseId caseId) {
        toChange(collection, caseId).reopen();
    }

    /** Hands all that an ended case has seen and the open one has not over to the open one. */
    void merge(CollectionId collection, CaseId endedId, CaseId openId) {
        TroubleCase ended = toChange(collection, endedId);
        TroubleCase open = toChange(collection, openId);
        Set<FindingId> known =
                answers.of(collection, openId).stream().map(CaseAnswer::finding).collect(Collectors.toSet());
        for (CaseAnswer answer : book.latestAnswers(ended)) {
            if (!answer.skipped() && !known.contains(answer.finding())) {
                answer(collection, openId, answer.finding(), answer.state(), answer.part(), answer.onDay());
            }
        }
        ended.mergeInto(open);
    }

    /** Keeps what the grower recalls; what happened this week or month goes into the plant's record, dated as remembered. */
    void recall(CollectionId collection, CaseId caseId, LogKind kind, CaseRecall.Answer answer, LocalDate day) {
        TroubleCase troubleCase = toChange(collection, caseId);
        Optional<CaseRecall> before = recalls.of(collection, caseId).stream()
                .filter(recall -> recall.kind() == kind)
                .findFirst();
        if (before.isPresent()) {
            before.get().change(answer, day);
        } else {
            recalls.save(new CaseRecall(troubleCase, kind, answer, day));
        }
        int daysAgo = answer == CaseRecall.Answer.WEEK
                ? DAYS_AGO_THIS_WEEK
                : answer == CaseRecall.Answer.MONTH ? DAYS_AGO_THIS_MONTH : 0;
        if (daysAgo > 0) {
            writer.remember(collection, troubleCase.plant(), kind.event().orElseThrow(), day.minusDays(daysAgo));
            keepOpinion(troubleCase, null, null, day);
        }
    }

    /** Begins a look again: the answers that follow belong to a new visit. */
    public void lookAgain(CollectionId collection, CaseId caseId) {
        toChange(collection, caseId).nextVisit();
    }

    /** Ends the running trial with the verdict that its two looks give. */
    public Comparison.Verdict finish(CollectionId collection, CaseId caseId, LocalDate day) {
        TroubleCase troubleCase = toChange(collection, caseId);
        Comparison comparison = book.compare(troubleCase);
        book.running(collection, caseId).forEach(trial -> trial.finish(day, comparison.verdict()));
        return comparison.verdict();
    }

    private void stopTrials(CollectionId collection, CaseId caseId) {
        trials.of(collection, caseId).forEach(CaseTrial::stop);
    }

    /** Goes back to weighing causes, with all that was seen. */
    void lookFurther(CollectionId collection, CaseId caseId) {
        toChange(collection, caseId).lookFurther();
        stopTrials(collection, caseId);
    }

    /** Closes a case and writes what it changes on the care sheet. */
    public void close(
            CollectionId collection,
            CaseId caseId,
            String outcome,
            String lesson,
            Map<CareSetting, CareChange> care,
            LocalDate day) {
        TroubleCase troubleCase = toChange(collection, caseId);
        troubleCase.close(day, TroubleCase.Outcome.valueOf(outcome), lesson);
        stopTrials(collection, caseId);
        Plant plant = plants.plant(collection, troubleCase.plant());
        care.forEach((setting, change) -> careSheets.store(
                new CareEntry(plant, caseId, setting, change.text(), change.reason(), day, OffsetDateTime.now(clock))));
    }

    /** A new line of the care sheet. */
    public record CareChange(String text, String reason) {}

    /** The case to be changed: its version moves on, even if only its answers change. */
    private TroubleCase toChange(CollectionId collection, CaseId caseId) {
        TroubleCase troubleCase =
                cases.findByCollectionAndId(collection, caseId.value()).orElseThrow();
        entities.lock(troubleCase, LockModeType.OPTIMISTIC_FORCE_INCREMENT);
        return troubleCase;
    }
}

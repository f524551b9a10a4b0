package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Disorder;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.log.LogKind;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.treatment.SideBySide;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.StaleVersion;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cases, for the pages: every step is checked against the collection and the state of the case. */
@Service
@Transactional(readOnly = true)
public class CaseService {
    private final CaseRepositories.Cases cases;
    private final CaseRepositories.Answers answers;
    private final CaseBook book;
    private final CaseWriter writer;
    private final Plants plants;
    private final Diagnosis diagnosis;
    private final Trials trials;
    private final WrittenForms forms;
    private final Clock clock;

    CaseService(
            CaseRepositories.Cases cases,
            CaseRepositories.Answers answers,
            CaseBook book,
            CaseWriter writer,
            Plants plants,
            Diagnosis diagnosis,
            Trials trials,
            WrittenForms forms,
            Clock clock) {
        this.cases = cases;
        this.answers = answers;
        this.book = book;
        this.writer = writer;
        this.plants = plants;
        this.diagnosis = diagnosis;
        this.trials = trials;
        this.forms = forms;
        this.clock = clock;
    }

    // ------------------------------------------------------------------ opening and looking

    /** Opens a case on a plant, or finds the one that is open: a plant has one at a time. */
    @Transactional
    public CaseId open(CollectionId collection, PlantId plantId) {
        Plant plant = plants.plant(collection, plantId);
        return cases.findByCollectionAndPlantOrderByOpenedOnDesc(collection, plantId).stream()
                .filter(troubleCase -> troubleCase.state().open())
                .map(TroubleCase::id)
                .findFirst()
                .orElseGet(() -> writer.open(plant, CaseId.fresh(), LocalDate.now(clock)));
    }

    /**
     * Stores an answer. Sent twice, it is the same answer.
     *
     * @return what can be the matter by now, where that was worked out
     * @throws StaleVersion if the case has changed since the page was made; the message carries the answer
     */
    @Transactional
    public Optional<Differential> answer(
            CollectionId collection, CaseId caseId, long version, FindingId findingId, String state, Part part) {
        TroubleCase troubleCase = book.find(collection, caseId);
        Finding finding = diagnosis.knowledge().finding(findingId).orElseThrow(() -> new NotHere("finding"));
        if (!CaseAnswer.SKIPPED.equals(state) && finding.state(state).isEmpty()) {
            throw new NotHere("answer to that finding");
        }
        boolean already = answers.of(collection, caseId).stream()
                .anyMatch(answer -> answer.visit() == troubleCase.visit()
                        && answer.finding().equals(findingId)
                        && answer.state().equals(state));
        if (already) {
            return Optional.empty();
        }
        troubleCase.shownAs(version, TrialBoxes.words(finding, state));
        troubleCase.looking(TrialBoxes.words(finding, state));
        return writer.answer(collection, caseId, findingId, state, part, LocalDate.now(clock));
    }

    // ------------------------------------------------------------------ deciding

    /**
     * What a grower sends when deciding.
     *
     * @param form key of the form
     * @param version version of the case that the page showed
     * @param cause id of the cause
     * @param trial id of the trial
     * @param lookAgainOn the day to look again
     * @param note why; wanted where the ranking is overruled
     * @param second a second cause to treat beside it, if any
     */
    record DecisionForm(
            FormKey form,
            long version,
            DisorderId cause,
            String trial,
            LocalDate lookAgainOn,
            String note,
            Optional<Second> second) {}

    /** A second cause and its trial. */
    record Second(DisorderId cause, String trial) {}

    /** The trial of a cause; a trial that is not offered for it is not here. */
    private Trial trialFor(Disorder disorder, String id) {
        return trials.find(id)
                .filter(known -> disorder.trials().contains(known.id()))
                .orElseThrow(() -> new NotHere(Wording.say("casework.case-service.trial-cause")));
    }

    private Disorder cause(DisorderId id) {
        return diagnosis.knowledge().disorder(id).orElseThrow(() -> new NotHere("cause"));
    }

    /** Whether a cause is not the first of the ladder, so that the grower overrules it. */
    boolean overrules(CollectionId collection, CaseId caseId, DisorderId causeId) {
        return CaseWriter.overrules(book.differential(book.find(collection, caseId)), causeId);
    }

    /** Decides on a cause and starts its trial, once. */
    @Transactional
    public void decide(CollectionId collection, CaseId caseId, DecisionForm decision) {
        TroubleCase troubleCase = book.find(collection, caseId);
        Disorder disorder = cause(decision.cause());
        Trial trial = trialFor(disorder, decision.trial());
        Optional<Trial> beside = decision.second().map(second -> trialFor(cause(second.cause()), second.trial()));
        if (beside.filter(other -> SideBySide.of(trial, other).kind() != SideBySide.Kind.APART)
                .isPresent()) {
            throw new IllegalArgumentException(
                    "'" + trial.id() + "' and '" + beside.map(Trial::id).orElse("") + "' cannot run side by side");
        }
        if (!forms.firstTime(collection, decision.form())) {
            return;
        }
        troubleCase.shownAs(decision.version(), decision.note());
        writer.decide(
                collection,
                caseId,
                disorder,
                trial,
                decision.note(),
                new CaseWriter.Days(LocalDate.now(clock), decision.lookAgainOn()));
        decision.second()
                .ifPresent(second -> writer.decideBeside(
                        collection,
                        caseId,
                        cause(second.cause()),
                        beside.orElseThrow(),
                        new CaseWriter.Days(LocalDate.now(clock), decision.lookAgainOn())));
    }

    // ------------------------------------------------------------------ further turns

    /** Lets a case rest until a day, once; it stands on the round again on that day. */
    @Transactional
    public void pause(CollectionId collection, CaseId caseId, FormKey form, long version, LocalDate until) {
        TroubleCase troubleCase = book.find(collection, caseId);
        if (forms.firstTime(collection, form)) {
            troubleCase.shownAs(version, "");
            writer.pause(collection, caseId, until);
        }
    }

    /**
     * Takes a paused or closed case up again, once. A plant has one open case at a time: where another is open, what this one
     * has seen goes over to that one.
     *
     * @return the case that is open now
     */
    @Transactional
    public CaseId reopen(CollectionId collection, CaseId caseId, FormKey form, long version) {
        TroubleCase troubleCase = book.find(collection, caseId);
        Optional<CaseId> open = book.openBeside(troubleCase);
        if (forms.firstTime(collection, form)) {
            troubleCase.shownAs(version, "");
            open.ifPresentOrElse(
                    other -> writer.merge(collection, caseId, other), () -> writer.reopen(collection, caseId));
        }
        return open.orElse(caseId);
    }

    /** Keeps what the grower recalls of the last weeks, once. */
    @Transactional
    public void recall(
            CollectionId collection,
            CaseId caseId,
            FormKey form,
            long version,
            LogKind kind,
            CaseRecall.Answer answer) {
        TroubleCase troubleCase = book.find(collection, caseId);
        if (forms.firstTime(collection, form)) {
            troubleCase.shownAs(version, LogWords.of(kind));
            troubleCase.looking(LogWords.of(kind));
            writer.recall(collection, caseId, kind, answer, LocalDate.now(clock));
        }
    }

    /** The stop at which the plant of a case stands, if the collection has such a case. */
    Optional<StopId> stopOf(CollectionId collection, CaseId caseId) {
        return cases.findByCollectionAndId(collection, caseId.value())
                .map(troubleCase ->
                        plants.plant(collection, troubleCase.plant()).stop());
    }
}

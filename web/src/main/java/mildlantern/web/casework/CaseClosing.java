package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantId;
import mildlantern.treatment.CareSetting;
import mildlantern.treatment.Trials;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks again at a trial, and ends a case or goes on with it. */
@Service
@Transactional(readOnly = true)
class CaseClosing {
    private final CaseBook book;
    private final CaseWriter writer;
    private final Diagnosis diagnosis;
    private final Trials trials;
    private final WrittenForms forms;
    private final Clock clock;

    CaseClosing(CaseBook book, CaseWriter writer, Diagnosis diagnosis, Trials trials, WrittenForms forms, Clock clock) {
        this.book = book;
        this.writer = writer;
        this.diagnosis = diagnosis;
        this.trials = trials;
        this.forms = forms;
        this.clock = clock;
    }

    // ------------------------------------------------------------------ looking again

    /** Stores a look again and ends the trial with the verdict, once. */
    @Transactional
    public void lookAgain(
            CollectionId collection, CaseId caseId, FormKey form, long version, Map<FindingId, String> states) {
        TroubleCase troubleCase = book.find(collection, caseId);
        if (!forms.firstTime(collection, form)) {
            return;
        }
        troubleCase.shownAs(version, "");
        Map<FindingId, Part> parts = new LinkedHashMap<>();
        book.latestAnswers(troubleCase).forEach(answer -> parts.put(answer.finding(), answer.part()));
        writer.lookAgain(collection, caseId);
        states.forEach((findingId, state) -> {
            Finding finding = diagnosis.knowledge().finding(findingId).orElseThrow(() -> new NotHere("finding"));
            if (finding.state(state).isPresent()) {
                Part part = parts.getOrDefault(findingId, Ladder.part(finding));
                writer.answer(collection, caseId, findingId, state, part, LocalDate.now(clock));
            }
        });
        writer.finish(collection, caseId, LocalDate.now(clock));
    }

    // ------------------------------------------------------------------ closing

    /**
     * What a grower sends when closing.
     *
     * @param form key of the form
     * @param version version of the case that the page showed
     * @param outcome how it ended
     * @param lesson what was learned
     * @param care lines of the care sheet to change
     */
    record ClosingForm(
            FormKey form, long version, String outcome, String lesson, Map<CareSetting, CaseWriter.CareChange> care) {}

    /** Closes a case, once. Returns the plant. */
    @Transactional
    public PlantId close(CollectionId collection, CaseId caseId, ClosingForm closing) {
        TroubleCase troubleCase = book.find(collection, caseId);
        if (forms.firstTime(collection, closing.form())) {
            troubleCase.shownAs(closing.version(), closing.lesson());
            writer.close(collection, caseId, closing.outcome(), closing.lesson(), closing.care(), LocalDate.now(clock));
        }
        return troubleCase.plant();
    }

    /** After a look again: the same trial goes on until another day, once. */
    @Transactional
    public void goOn(CollectionId collection, CaseId caseId, FormKey form, long version, LocalDate lookAgainOn) {
        TroubleCase troubleCase = book.find(collection, caseId);
        if (forms.firstTime(collection, form)) {
            troubleCase.shownAs(version, "");
            troubleCase.onTrial();
            List<CaseWriter.Going> going = book.running(collection, caseId).stream()
                    .map(running ->
                            new CaseWriter.Going(trials.find(running.trial()).orElseThrow(), running.beside()))
                    .toList();
            writer.goOn(collection, caseId, going, LocalDate.now(clock), lookAgainOn);
        }
    }

    /** After a look again: back to the causes, with all that was seen, once. */
    @Transactional
    public void lookFurther(CollectionId collection, CaseId caseId, FormKey form, long version) {
        TroubleCase troubleCase = book.find(collection, caseId);
        if (forms.firstTime(collection, form)) {
            troubleCase.shownAs(version, "");
            writer.lookFurther(collection, caseId);
        }
    }

    /** Whether the running trial has been looked at again and waits for what follows. */
    boolean waitsForOutcome(CollectionId collection, CaseId caseId) {
        TroubleCase troubleCase = book.find(collection, caseId);
        return troubleCase.state() == TroubleCase.State.TRIAL
                && book.latestTrial(collection, caseId)
                        .filter(CaseTrial::finished)
                        .isPresent();
    }
}

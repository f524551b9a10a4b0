package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.Part;
import mildlantern.round.DueWords;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;
import mildlantern.web.plate.Plate;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** The trials of a case as boxes, with what was seen in words. */
@Component
class TrialBoxes {
    private final CaseBook book;
    private final Trials trials;
    private final Clock clock;

    TrialBoxes(CaseBook book, Trials trials, Clock clock) {
        this.book = book;
        this.trials = trials;
        this.clock = clock;
    }

    static List<Plate.Pin> pinned(Plate plate, List<CaseAnswer> latest) {
        return plate.pins(latest.stream()
                .filter(answer -> !answer.skipped() && answer.part() != Part.WHOLE)
                .map(answer -> new Plate.Found(answer.pin(), answer.part()))
                .toList());
    }

    List<CaseViews.TrialBox> trialBoxes(TroubleCase troubleCase) {
        if (troubleCase.state() != TroubleCase.State.TRIAL) {
            return List.of();
        }
        List<CaseViews.TrialBox> boxes = new ArrayList<>();
        for (CaseTrial running : book.running(troubleCase.collection(), troubleCase.id())) {
            Trial trial = trials.find(running.trial()).orElseThrow();
            long left = ChronoUnit.DAYS.between(LocalDate.now(clock), running.lookAgainOn());
            String when = left > 1
                    ? Wording.say("casework.trial-boxes.days", left)
                    : left == 1 ? "tomorrow" : left == 0 ? "today" : DueWords.ago(-left);
            boxes.add(new CaseViews.TrialBox(
                    book.causeOf(troubleCase, running),
                    trial.name(),
                    trial.instruction(),
                    trial.expectation(),
                    running.holds().stream().map(Wording::of).toList(),
                    running.startedOn(),
                    running.lookAgainOn(),
                    when,
                    left <= 0,
                    trial.caution()));
        }
        return boxes;
    }

    /** A state in words; what was passed over has none of its own. */
    static String words(Finding finding, String state) {
        return finding.state(state).map(Finding.State::words).orElse(Wording.say("casework.trial-boxes.skipped"));
    }
}

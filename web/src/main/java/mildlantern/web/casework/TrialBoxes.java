package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.diagnosis.Finding;
import mildlantern.diagnosis.Part;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.round.DueTime;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.plate.Plate;
import mildlantern.web.platform.FormKey;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** The trials of a case as boxes, with what was seen in words. */
@Component
class TrialBoxes {
    private final CaseBook book;
    private final Trials trials;
    private final Plants plants;
    private final Stops stops;
    private final PlantKnowledge knowledge;
    private final Clock clock;

    TrialBoxes(CaseBook book, Trials trials, Plants plants, Stops stops, PlantKnowledge knowledge, Clock clock) {
        this.plants = plants;
        this.stops = stops;
        this.knowledge = knowledge;
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
        Profile kind = plants.profile(plants.plant(troubleCase.collection(), troubleCase.plant()));
        for (CaseTrial running : book.running(troubleCase.collection(), troubleCase.id())) {
            Trial trial = trials.find(running.trial()).orElseThrow().on(kind);
            long left = ChronoUnit.DAYS.between(LocalDate.now(clock), running.lookAgainOn());
            String when = left > 1
                    ? Wording.say("casework.trial-boxes.days", left)
                    : left == 1
                            ? Wording.say("casework.trial-boxes.tomorrow")
                            : left == 0 ? Wording.say("casework.trial-boxes.today") : Wording.of(DueTime.ago(-left));
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
                    trial.caution(),
                    step(troubleCase, running, trial)));
        }
        return boxes;
    }

    private CaseViews.Step step(TroubleCase troubleCase, CaseTrial running, Trial trial) {
        Plant plant = plants.plant(troubleCase.collection(), troubleCase.plant());
        Double diameter = plant.potDiameterCm();
        return new CaseViews.Step(
                running.number(),
                !trial.does().isEmpty(),
                TrialSteps.does(trial),
                Optional.ofNullable(running.doneOn()),
                FormKey.fresh(),
                diameter == null ? "" : Units.number(diameter, Unit.Of.LENGTH),
                plants.profile(plant).usualMedium(),
                List.copyOf(knowledge.media()),
                stops.walk(troubleCase.collection()));
    }

    /** A state in words; what was passed over has none of its own. */
    static String words(Finding finding, String state) {
        return finding.state(state).map(Finding.State::words).orElse(Wording.say("casework.trial-boxes.skipped"));
    }
}

package mildlantern.web.casework;

import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.quantity.Length;
import mildlantern.treatment.Hold;
import mildlantern.treatment.Trial;
import mildlantern.treatment.Trials;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Within;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes what was done for a trial into the record of its plant, once: a new pot, a move, a cut, a feed, or that it was done. */
@Service
class TrialSteps {
    private final CaseBook book;
    private final Trials trials;
    private final Plants plants;
    private final PlantKnowledge knowledge;
    private final RecordWriter log;
    private final Routine routine;
    private final WrittenForms forms;
    private final Clock clock;

    TrialSteps(
            CaseBook book,
            Trials trials,
            Plants plants,
            PlantKnowledge knowledge,
            RecordWriter log,
            Routine routine,
            WrittenForms forms,
            Clock clock) {
        this.plants = plants;
        this.knowledge = knowledge;
        this.book = book;
        this.trials = trials;
        this.log = log;
        this.routine = routine;
        this.forms = forms;
        this.clock = clock;
    }

    /** What its step changes of the plant. */
    static CaseViews.Does does(Trial trial) {
        return trial.does().contains(Hold.REPOT)
                ? CaseViews.Does.REPOT
                : trial.does().contains(Hold.MOVE) ? CaseViews.Does.MOVE : CaseViews.Does.OTHER;
    }

    /**
     * What was done, as typed.
     *
     * @param number which trial of the case
     * @param diameter of the new pot
     * @param medium id of the new medium
     * @param stop where it stands now; null where it stayed at its stop
     * @param anyway whether it is moved although something speaks against it
     */
    record Done(
            @NotNull FormKey form,
            @NotNull Integer number,

            @Within(of = Unit.Of.LENGTH, low = 2, high = 200) @Nullable
            Length diameter,

            @Nullable String medium,
            @Nullable StopId stop,
            @Nullable Boolean anyway) {}

    /** What speaks against a step: what is too much for a plant that is moved; empty where nothing does, or the grower knows. */
    @Transactional(readOnly = true)
    List<String> warnings(CollectionId collection, CaseId caseId, Done done) {
        Plant plant = plants.plant(collection, book.find(collection, caseId).plant());
        return done.stop() == null || Boolean.TRUE.equals(done.anyway()) ? List.of() : log.warnings(plant, done.stop());
    }

    /**
     * Writes a step down, once; one that was done is left.
     *
     * @throws NotHere if there is no such trial, stop or medium
     */
    void done(CollectionId collection, CaseId caseId, Done done) {
        if (done.medium() != null
                && !done.medium().isBlank()
                && knowledge.medium(done.medium()).isEmpty()) {
            throw new NotHere("medium");
        }
        PlantId plant = book.find(collection, caseId).plant();
        routine.write(collection, List.of(plant), () -> {
            TroubleCase troubleCase = book.find(collection, caseId);
            CaseTrial running = book.running(collection, troubleCase.id()).stream()
                    .filter(trial -> trial.number() == done.number())
                    .findFirst()
                    .orElseThrow(() -> new NotHere("trial"));
            if (forms.firstTime(collection, done.form()) && running.doneOn() == null) {
                Trial trial = trials.find(running.trial()).orElseThrow();
                LocalDate today = LocalDate.now(clock);
                log.write(collection, plant, today, List.of(line(trial, done)), Optional.empty());
                running.done(today);
            }
        });
    }

    private static RecordWriter.Line line(Trial trial, Done done) {
        return switch (does(trial)) {
            case REPOT ->
                new RecordWriter.Line(
                        new LogEntry.Repotted(
                                done.diameter() == null
                                        ? OptionalDouble.empty()
                                        : OptionalDouble.of(done.diameter().centimetres()),
                                Optional.ofNullable(done.medium()).filter(id -> !id.isBlank())),
                        trial.name());
            case MOVE ->
                done.stop() == null
                        ? new RecordWriter.Line(new LogEntry.Noted(), trial.name())
                        : new RecordWriter.Line(
                                new LogEntry.Moved(
                                        Optional.empty(),
                                        Optional.of(done.stop()),
                                        OptionalDouble.empty(),
                                        OptionalDouble.empty()),
                                trial.name());
            case OTHER ->
                new RecordWriter.Line(
                        trial.does().contains(Hold.FEED)
                                ? new LogEntry.Fed(Optional.empty(), OptionalDouble.empty())
                                : trial.does().contains(Hold.PRUNE) ? new LogEntry.Pruned() : new LogEntry.Noted(),
                        trial.name());
        };
    }
}

package mildlantern.web.care;

import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import mildlantern.care.Change;
import mildlantern.care.Subject;
import mildlantern.log.LogEntry;
import mildlantern.outcome.Compared;
import mildlantern.outcome.Effects;
import mildlantern.outcome.OutcomeJudge;
import mildlantern.outcome.Promised;
import mildlantern.outcome.Verdict;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Records;
import mildlantern.web.routine.Routine;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Writes down what accepted changes are to bring, and what became of them. */
@Component
@Transactional
public class OutcomeWriter {
    private final CareChangeRows changes;
    private final CarePromiseRows promises;
    private final Outcomes outcomes;
    private final OutcomeWords words;
    private final CareService care;
    private final Plants plants;
    private final CareSheets careSheets;
    private final PlannedTasks tasks;
    private final Records records;
    private final RecordWriter log;
    private final Routine routine;
    private final WrittenForms forms;
    private final Clock clock;

    OutcomeWriter(
            CareChangeRows changes,
            CarePromiseRows promises,
            Outcomes outcomes,
            OutcomeWords words,
            CareService care,
            Plants plants,
            CareSheets careSheets,
            PlannedTasks tasks,
            Records records,
            RecordWriter log,
            Routine routine,
            WrittenForms forms,
            Clock clock) {
        this.changes = changes;
        this.promises = promises;
        this.outcomes = outcomes;
        this.words = words;
        this.care = care;
        this.plants = plants;
        this.careSheets = careSheets;
        this.tasks = tasks;
        this.records = records;
        this.log = log;
        this.routine = routine;
        this.forms = forms;
        this.clock = clock;
    }

    /** Keeps what a change is to bring. A change before it that nobody looked at is closed: two at once cannot be told apart. */
    void begin(Plant plant, BatchId plan, Change.Kind kind, StopId to, String said, List<Promised> promised) {
        drop(plant);
        LocalDate today = LocalDate.now(clock);
        keep(plant, new Began(plan, kind, plant.stop(), to, said, today), promised);
    }

    /**
     * A change of care that was begun.
     *
     * @param from where the plant stood
     * @param to where it stands with the change
     * @param on the day on which it began
     */
    public record Began(BatchId plan, Change.Kind kind, StopId from, StopId to, String words, LocalDate on) {}

    /** A change that was begun on an earlier day, to be looked at on a day. */
    public void began(Plant plant, Began change, LocalDate look, List<Promised> promised) {
        keep(plant, change, promised);
        tasks.look(plant, change.plan(), look, Wording.say("care.outcome-writer.look", change.words()));
    }

    private void keep(Plant plant, Began began, List<Promised> promised) {
        CareChange change =
                changes.save(new CareChange(plant, plants.profile(plant).id(), began));
        // Before its promises: what waits to be stored is stored kind by kind, and a promise of another change may wait
        // already.
        changes.flush();
        promised.forEach(one -> promises.save(new CarePromise(change, one)));
    }

    /** The change that runs on a plant is given up: nothing is to be learned of it. */
    void drop(Plant plant) {
        outcomes.running(plant.collection(), plant.id()).ifPresent(CareChange::drop);
    }

    /**
     * Closes a change: holds what is read today against what was promised, keeps that on the care sheet, and notes it; once a form.
     *
     * @param said how the plant itself looks
     * @return what is said of the change; empty where it runs no more
     */
    Optional<Verdict> judge(
            CollectionId collection, PlantId plantId, FormKey form, BatchId plan, Optional<Verdict> said) {
        return judge(collection, plantId, form, plan, said, LocalDate.now(clock));
    }

    /** The same of an answer that was given on an earlier day, with what is read today. */
    public Optional<Verdict> judge(
            CollectionId collection,
            PlantId plantId,
            FormKey form,
            BatchId plan,
            Optional<Verdict> said,
            LocalDate on) {
        return routine.change(collection, List.of(plantId), () -> {
            Plant plant = plants.plant(collection, plantId);
            CareChange change = changes.findByCollectionAndPlantAndPlan(collection, plantId, plan)
                    .orElseThrow(() -> new NotHere("change"));
            if (change.state() == CareChange.State.RUNNING && forms.firstTime(collection, form)) {
                judge(plant, change, said, on);
            }
            return change.verdict();
        });
    }

    private void judge(Plant plant, CareChange change, Optional<Verdict> said, LocalDate on) {
        CareService.House house = care.house(plant.collection(), plants.plants(plant.collection()));
        Subject subject = care.subject(house, plant, Optional.of(records.record(plant)));
        List<CarePromise> promised =
                outcomes.promises(plant.collection(), List.of(change)).getOrDefault(change.id(), List.of());
        Effects effects = outcomes.effects(house, subject, change, promised);
        Map<Promised, CarePromise> rows = promised.stream().collect(Collectors.toMap(CarePromise::promised, it -> it));
        List<CarePromise> kept = new ArrayList<>(promised);
        for (Compared one : effects.figures()) {
            if (one.promised().isNothing()) {
                CarePromise worse = new CarePromise(change, one.promised());
                worse.saw(one);
                kept.add(promises.save(worse));
            } else {
                Objects.requireNonNull(rows.get(one.promised())).saw(one);
            }
        }
        Optional<Verdict> ofPlant = said.filter(it -> it != Verdict.CANNOT_TELL).or(() -> outcomes.byLeaves(change));
        Verdict whole = OutcomeJudge.overall(effects, ofPlant);
        change.judge(whole, said, on);
        careSheets.store(new CareEntry(
                plant,
                null,
                CareWriter.setting(change.kind()),
                words.outcome(change.words(), whole),
                words.why(kept, ofPlant),
                on,
                OffsetDateTime.now(clock)));
        tasks.looked(plant.collection(), plant.id(), change.plan(), on);
        log.write(
                plant.collection(),
                plant.id(),
                on,
                List.of(new RecordWriter.Line(new LogEntry.Noted(), words.outcome(change.words(), whole))),
                Optional.empty());
    }
}

package mildlantern.web.care;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.care.StepPlanner;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.TaskId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.routine.Schedules;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Steps towards other stops and looks at changes of care, as the round asks for them. */
@Service
@Transactional
public class PlannedTasks {
    /** A look that nobody took for so long is asked for no more. */
    private static final int LOOK_FOR_DAYS = 30;

    private final PlannedTaskRows rows;
    private final Plants plants;
    private final RecordWriter log;
    private final Schedules schedule;
    private final Routine routine;
    private final Clock clock;

    PlannedTasks(
            PlannedTaskRows rows, Plants plants, RecordWriter log, Schedules schedule, Routine routine, Clock clock) {
        this.rows = rows;
        this.plants = plants;
        this.log = log;
        this.schedule = schedule;
        this.routine = routine;
        this.clock = clock;
    }

    /** Something to do today. */
    public record Asked(TaskId task, LocalDate since, String words) {}

    /**
     * What is asked for today.
     *
     * @param moves the step due, by plant
     * @param looks the look asked for, by plant
     */
    public record Today(Map<PlantId, Asked> moves, Map<PlantId, Asked> looks) {
        /** All plants that are named. */
        public List<PlantId> plants() {
            List<PlantId> all = new ArrayList<>(moves.keySet());
            all.addAll(looks.keySet());
            return all;
        }
    }

    /** What is asked for in a collection on a day. */
    @Transactional(readOnly = true)
    public Today today(CollectionId collection, LocalDate day) {
        Map<PlantId, Asked> moves = new HashMap<>();
        Map<PlantId, Asked> looks = new HashMap<>();
        for (PlannedTask task : rows.findByCollectionAndStateAndOnDayLessThanEqualOrderByOnDay(
                collection, PlannedTask.State.PLANNED, day)) {
            Asked asked = new Asked(task.id(), task.onDay(), words(task, day));
            if (task.kind() == PlannedTask.Kind.MOVE) {
                moves.putIfAbsent(task.plant(), asked);
            } else if (task.onDay().isAfter(day.minusDays(LOOK_FOR_DAYS))) {
                looks.putIfAbsent(task.plant(), asked);
            }
        }
        return new Today(moves, looks);
    }

    /** Plants that are on their way to another stop, and where to. */
    @Transactional(readOnly = true)
    public Map<PlantId, StopId> moving(CollectionId collection) {
        Map<PlantId, StopId> moving = new HashMap<>();
        rows.findByCollectionAndStateAndKind(collection, PlannedTask.State.PLANNED, PlannedTask.Kind.MOVE).stream()
                .sorted(Comparator.comparing(PlannedTask::onDay))
                .forEach(step -> step.toStop().ifPresent(to -> moving.put(step.plant(), to)));
        return moving;
    }

    /** Plants on which a change runs: on their way, or to be looked at. */
    @Transactional(readOnly = true)
    public Set<PlantId> changing(CollectionId collection) {
        LocalDate today = LocalDate.now(clock);
        return rows.findByCollectionAndState(collection, PlannedTask.State.PLANNED).stream()
                .filter(task ->
                        task.kind() == PlannedTask.Kind.MOVE || task.onDay().isAfter(today.minusDays(LOOK_FOR_DAYS)))
                .map(PlannedTask::plant)
                .collect(Collectors.toSet());
    }

    /** What is asked for until a day, by plant. */
    @Transactional(readOnly = true)
    public Map<PlantId, List<Asked>> coming(CollectionId collection, LocalDate until) {
        LocalDate today = LocalDate.now(clock);
        Map<PlantId, List<Asked>> coming = new HashMap<>();
        for (PlannedTask task : rows.findByCollectionAndStateAndOnDayLessThanEqualOrderByOnDay(
                collection, PlannedTask.State.PLANNED, until)) {
            if (task.kind() == PlannedTask.Kind.MOVE || task.onDay().isAfter(today.minusDays(LOOK_FOR_DAYS))) {
                coming.computeIfAbsent(task.plant(), plant -> new ArrayList<>())
                        .add(new Asked(task.id(), task.onDay(), words(task, today)));
            }
        }
        return coming;
    }

    private static String words(PlannedTask task, LocalDate day) {
        long late = ChronoUnit.DAYS.between(task.onDay(), day);
        return task.words()
                + (late > 0 && task.kind() == PlannedTask.Kind.MOVE
                        ? Wording.say(
                                "care.planned-tasks.was-due",
                                (late == 1 ? "yesterday" : Wording.say("care.planned-tasks.days-ago", late)))
                        : "");
    }

    /** The planned steps of a plant, in order. */
    @Transactional(readOnly = true)
    public List<String> planned(CollectionId collection, PlantId plant) {
        return steps(collection, plant).stream().map(PlannedTask::words).toList();
    }

    List<PlannedTask> steps(CollectionId collection, PlantId plant) {
        return rows.findByCollectionAndPlantAndStateOrderByOnDay(collection, plant, PlannedTask.State.PLANNED).stream()
                .filter(task -> task.kind() == PlannedTask.Kind.MOVE)
                .toList();
    }

    /** What runs on a plant: planned steps, and a look that is still to come or was not taken yet. */
    List<PlannedTask> running(CollectionId collection, PlantId plant) {
        LocalDate today = LocalDate.now(clock);
        Optional<LocalDate> looked =
                schedule.of(collection, plant).flatMap(row -> row.schedule().looked());
        return rows.findByCollectionAndPlantAndStateOrderByOnDay(collection, plant, PlannedTask.State.PLANNED).stream()
                .filter(task -> task.kind() == PlannedTask.Kind.MOVE
                        || task.onDay().isAfter(today.minusDays(LOOK_FOR_DAYS))
                                && looked.filter(day -> !day.isBefore(task.onDay()))
                                        .isEmpty())
                .toList();
    }

    /** Plans the steps of a move; an older plan of the same plant is dropped. */
    void plan(Plant plant, BatchId plan, List<StepPlanner.Step> steps) {
        if (!steps.isEmpty()) {
            drop(plant.collection(), plant.id());
        }
        for (int i = 0; i < steps.size(); i++) {
            rows.save(PlannedTask.move(plant, plan, steps.get(i), i + 1, i == steps.size() - 1));
        }
    }

    /** Asks for a look on a day; one that was asked for before and never taken is dropped. */
    void look(Plant plant, BatchId plan, LocalDate on, String words) {
        planned(plant.collection(), plant.id(), PlannedTask.Kind.LOOK).forEach(PlannedTask::drop);
        rows.flush();
        rows.save(PlannedTask.look(plant, plan, on, words));
    }

    /** The look at a change was taken. */
    void looked(CollectionId collection, PlantId plant, BatchId plan, LocalDate day) {
        planned(collection, plant, PlannedTask.Kind.LOOK).stream()
                .filter(task -> task.plan().equals(plan))
                .forEach(task -> task.done(day));
    }

    private List<PlannedTask> planned(CollectionId collection, PlantId plant, PlannedTask.Kind kind) {
        return rows.findByCollectionAndPlantAndStateOrderByOnDay(collection, plant, PlannedTask.State.PLANNED).stream()
                .filter(task -> task.kind() == kind)
                .toList();
    }

    /** Drops all that is planned for a plant: steps and looks. */
    void drop(CollectionId collection, PlantId plant) {
        rows.findByCollectionAndPlantAndStateOrderByOnDay(collection, plant, PlannedTask.State.PLANNED)
                .forEach(PlannedTask::drop);
        // What is dropped goes before what takes its place.
        rows.flush();
    }

    /**
     * Writes down that a step was done today; steps after it keep their distance where it was done late.
     *
     * @return whether it was open; a step sent twice is done once
     */
    public boolean done(CollectionId collection, TaskId id) {
        PlantId plant =
                rows.plantOf(collection.value(), id.value()).map(PlantId::new).orElseThrow(() -> new NotHere("step"));
        return routine.change(collection, List.of(plant), () -> {
            PlannedTask task =
                    rows.findByCollectionAndId(collection, id.value()).orElseThrow(() -> new NotHere("step"));
            if (task.state() != PlannedTask.State.PLANNED) {
                return false;
            }
            done(task, plants.plant(collection, plant), LocalDate.now(clock));
            return true;
        });
    }

    private void done(PlannedTask task, Plant plant, LocalDate today) {
        Optional<StopId> to = task.toStop().filter(stop -> !stop.equals(plant.stop()));
        RecordWriter.Line line = to.isEmpty()
                ? new RecordWriter.Line(new LogEntry.Noted(), task.words())
                : new RecordWriter.Line(
                        new LogEntry.Moved(Optional.empty(), to, OptionalDouble.empty(), OptionalDouble.empty()),
                        task.shade().isEmpty() ? null : Wording.say("care.planned-tasks.behind", task.shade()));
        log.write(plant.collection(), plant.id(), today, List.of(line), Optional.empty());
        long late = ChronoUnit.DAYS.between(task.onDay(), today);
        task.done(today);
        if (late > 0) {
            rows.findByCollectionAndPlanOrderByOnDay(plant.collection(), task.plan()).stream()
                    .filter(other -> other.state() == PlannedTask.State.PLANNED)
                    .forEach(other -> other.later(late));
        }
    }
}

package mildlantern.web.houseplan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import mildlantern.care.CareKnowledge;
import mildlantern.light.Curtain;
import mildlantern.place.StopId;
import mildlantern.plan.Fitting;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.TaskId;
import mildlantern.web.routine.StopWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What accepted plans set up at stops: planned, done, and counted on until somebody has read what it gives. */
@Component
@Transactional
public class SetupTasks {
    private final SetupTaskRows rows;
    private final Stops stops;
    private final StopWriter stopWriter;
    private final CareKnowledge knowledge;
    private final Clock clock;

    SetupTasks(SetupTaskRows rows, Stops stops, StopWriter stopWriter, CareKnowledge knowledge, Clock clock) {
        this.rows = rows;
        this.stops = stops;
        this.stopWriter = stopWriter;
        this.knowledge = knowledge;
        this.clock = clock;
    }

    /** Something that waits to be set up, at a stop or for its room. */
    public record Waiting(TaskId id, StopId stop, boolean ofRoom, String words) {}

    /** What waits to be set up, by stop. */
    @Transactional(readOnly = true)
    public List<Waiting> waiting(CollectionId collection) {
        return tasks(collection, Set.of(SetupTask.State.PLANNED)).stream()
                .map(task -> new Waiting(
                        task.id(), task.setup().stop(), task.setup().what().ofRoom(), task.words()))
                .toList();
    }

    /** The same at one stop. */
    @Transactional(readOnly = true)
    public List<Waiting> waitingAt(CollectionId collection, StopId stop) {
        return waiting(collection).stream()
                .filter(waiting -> waiting.stop().equals(stop))
                .toList();
    }

    private List<SetupTask> tasks(CollectionId collection, Set<SetupTask.State> states) {
        return rows.findByCollectionAndStateInOrderByPlannedOnAscWhatAsc(collection, states);
    }

    /** Plans to set something up; the same that waited before is changed to it. */
    void plan(CollectionId collection, Setup setup, String words) {
        rows.plan(
                UUID.randomUUID(),
                collection.value(),
                setup.stop().value(),
                setup.what().name(),
                setup.amount(),
                words,
                LocalDate.now(clock));
    }

    /**
     * It was set up today, which is told once; the stop learns of its lamp or net.
     *
     * @return the stop, so that its light or air may be read
     */
    public Stop done(CollectionId collection, TaskId id) {
        return closed(collection, id, task -> task.done(LocalDate.now(clock)), (task, stop) -> switch (task.setup()
                .what()) {
            case LAMP -> stop.lampHours() == null ? stop.lamp(knowledge.lampHours()) : stop;
            case NET -> stop.glass() == null ? stop : netted(stop);
            case HUMIDIFIER, NIGHTS -> stop;
        });
    }

    /** It is not set up after all. */
    public void drop(CollectionId collection, TaskId id) {
        closed(collection, id, SetupTask::drop, (task, stop) -> stop);
    }

    private Stop closed(
            CollectionId collection,
            TaskId id,
            Consumer<SetupTask> closing,
            BiFunction<SetupTask, Stop, Stop> changes) {
        StopId at = rows.stopOf(collection.value(), id.value()).map(StopId::new).orElseThrow(() -> new NotHere("task"));
        return stopWriter.alter(collection, at, stop -> {
            SetupTask task = rows.findByCollectionAndId(collection, id.value()).orElseThrow(() -> new NotHere("task"));
            if (task.state() != SetupTask.State.PLANNED) {
                return stop;
            }
            closing.accept(task);
            return changes.apply(task, stop);
        });
    }

    private static Stop netted(Stop stop) {
        return stop.glazed(
                stop.glazing(),
                Curtain.NET,
                stop.paneWidthCm(),
                stop.paneHeightCm(),
                stop.paneSillCm(),
                stop.skyline());
    }

    /** What is counted on at stops besides what was read there: what waits, and what was set up and not read since. */
    @Transactional(readOnly = true)
    public Map<StopId, Fitting> countedOn(CollectionId collection, Map<StopId, Stop> all) {
        List<SetupTask> tasks = tasks(collection, EnumSet.of(SetupTask.State.PLANNED, SetupTask.State.DONE));
        Optional<LocalDate> first =
                tasks.stream().flatMap(task -> task.doneOn().stream()).min(LocalDate::compareTo);
        List<StopReading> readings =
                first.map(day -> stops.readingsSince(collection, day)).orElse(List.of());
        Map<StopId, Fitting> fittings = new HashMap<>();
        for (SetupTask task : tasks) {
            Stop at = all.get(task.setup().stop());
            all.values().stream()
                    .filter(stop -> at != null && task.setup().serves(at, stop))
                    .filter(stop -> readings.stream().noneMatch(reading -> tells(reading, stop.id(), task)))
                    .forEach(stop ->
                            fittings.put(stop.id(), task.setup().with(fittings.getOrDefault(stop.id(), Fitting.NONE))));
        }
        return fittings;
    }

    private static boolean tells(StopReading reading, StopId stop, SetupTask task) {
        boolean since =
                task.doneOn().filter(day -> reading.onDay().isAfter(day)).isPresent();
        return since
                && reading.stop().equals(stop)
                && switch (task.setup().what().changes()) {
                    case LIGHT -> reading.dailyLight() != null || reading.light() != null;
                    case HUMIDITY -> reading.humidityPercent() != null;
                    default -> reading.nightCelsius() != null;
                };
    }
}

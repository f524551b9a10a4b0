package mildlantern.web.task;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.plant.PlantId;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.TaskId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.words.Wording;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Work of the hands with its day. With the errands that cases and the season ask for. */
@Service
@Transactional
public class HandTasks {
    private static final int A_YEAR = 366;
    private static final int AHEAD_DAYS = 42;

    private final HandTaskRows rows;
    private final Plants plants;
    private final LogBook logBook;
    private final RecordWriter log;
    private final Routine routine;
    private final Errands errands;
    private final Clock clock;

    HandTasks(
            HandTaskRows rows,
            Plants plants,
            LogBook logBook,
            RecordWriter log,
            Routine routine,
            Errands errands,
            Clock clock) {
        this.rows = rows;
        this.plants = plants;
        this.logBook = logBook;
        this.log = log;
        this.routine = routine;
        this.errands = errands;
        this.clock = clock;
    }

    /**
     * Plans something for a plant; it is asked for no more when what it belongs to is taken back.
     *
     * @param batch what it belongs to
     */
    public void plan(Plant plant, HandTask what, LocalDate on, BatchId batch) {
        rows.save(HandTaskRow.task(plant.collection(), plant.id(), what, on, batch));
    }

    /** Plans something that comes again every so many days until a last day. */
    public void planEvery(Plant plant, HandTask what, LocalDate on, int days, LocalDate last, BatchId batch) {
        if (!on.isAfter(last)) {
            rows.save(HandTaskRow.task(plant.collection(), plant.id(), what, on, batch)
                    .every(days, last));
        }
    }

    /**
     * What is wanted of some sorts of tasks for a plant, each with its day.
     *
     * @param since what was done from this day on is not asked for again
     */
    public record Wanted(Plant plant, Map<HandTask, LocalDate> tasks, LocalDate since) {}

    /** Makes what is planned of some sorts what is wanted now: what is new is planned, what is no longer so is dropped, what was done is left. */
    public void follow(CollectionId collection, Set<HandTask> sorts, List<Wanted> wanted) {
        Map<PlantId, List<HandTaskRow>> known = rows
                .findByCollectionAndPlantInAndWhatIn(
                        collection, wanted.stream().map(one -> one.plant().id()).toList(), sorts)
                .stream()
                .collect(Collectors.groupingBy(row -> row.plant().orElseThrow()));
        wanted.forEach(one -> follow(one, known.getOrDefault(one.plant().id(), List.of())));
    }

    private void follow(Wanted wanted, List<HandTaskRow> known) {
        Map<HandTask, LocalDate> missing = new EnumMap<>(HandTask.class);
        missing.putAll(wanted.tasks());
        for (HandTaskRow row : known) {
            Optional<LocalDate> day = Optional.ofNullable(wanted.tasks().get(row.what()));
            if (row.state() == HandTaskRow.State.DONE) {
                if (!row.doneOn().isBefore(wanted.since())) {
                    missing.remove(row.what());
                }
            } else if (row.state() == HandTaskRow.State.PLANNED) {
                // A task that is due keeps the day on which it fell due.
                boolean stands = day.isPresent()
                        && (row.onDay().equals(day.get())
                                || !row.onDay().isAfter(LocalDate.now(clock))
                                        && !day.get().isAfter(LocalDate.now(clock)));
                if (stands) {
                    missing.remove(row.what());
                } else {
                    row.drop();
                }
            }
        }
        missing.forEach((what, on) -> plan(wanted.plant(), what, on, BatchId.fresh()));
    }

    /** Drops what is planned of some sorts for a plant: something else takes its place. */
    public void drop(Plant plant, List<HandTask> sorts) {
        rows
                .findByCollectionAndPlantAndStateOrderByOnDay(plant.collection(), plant.id(), HandTaskRow.State.PLANNED)
                .stream()
                .filter(row -> sorts.contains(row.what()))
                .forEach(HandTaskRow::drop);
    }

    /** Drops all that belongs together. */
    public void drop(CollectionId collection, BatchId batch) {
        rows.findByCollectionAndBatchAndState(collection, batch, HandTaskRow.State.PLANNED)
                .forEach(HandTaskRow::drop);
    }

    /** All that is asked for until a day, planned tasks and errands, by their day. */
    @Transactional(readOnly = true)
    public List<Asked> until(CollectionId collection, LocalDate day) {
        List<HandTaskRow> planned = rows.findByCollectionAndStateAndOnDayLessThanEqualOrderByOnDay(
                collection, HandTaskRow.State.PLANNED, day);
        return Stream.concat(standing(collection, planned).map(Asked::of), errands.until(collection, day).stream())
                .sorted(Comparator.comparing(Asked::day))
                .toList();
    }

    /** Those of some tasks that still stand: their plant lives, and what they belong to was not taken back. */
    private Stream<HandTaskRow> standing(CollectionId collection, List<HandTaskRow> planned) {
        if (planned.isEmpty()) {
            return Stream.empty();
        }
        Set<BatchId> taken = takenBack(collection, planned);
        List<PlantId> named =
                planned.stream().flatMap(row -> row.plant().stream()).distinct().toList();
        Set<PlantId> alive = plants.plants(collection, named).stream()
                .filter(Plant::alive)
                .map(Plant::id)
                .collect(Collectors.toSet());
        return planned.stream()
                .filter(row -> row.plant().filter(alive::contains).isPresent())
                .filter(row -> !taken.contains(row.batch()));
    }

    private Set<BatchId> takenBack(CollectionId collection, List<HandTaskRow> planned) {
        return planned.isEmpty()
                ? Set.of()
                : logBook.takenBack(
                        collection,
                        planned.stream().map(HandTaskRow::batch).distinct().toList());
    }

    /** Work by hand as it stands on a day. What is only planned for later is not read: a large collection plans much. */
    @Transactional(readOnly = true)
    public HandsToday today(CollectionId collection, LocalDate day) {
        List<HandTaskRow> drying = rows.findByCollectionAndStateAndWhatInAndOnDayBetween(
                collection, HandTaskRow.State.PLANNED, HandTask.WATERS, day.plusDays(1), day.plusDays(AHEAD_DAYS));
        return new HandsToday(
                day,
                until(collection, day),
                standing(collection, drying)
                        .flatMap(row -> row.plant().stream())
                        .collect(Collectors.toSet()));
    }

    /** What is due on a day, and what is planned for the weeks after it. */
    @Transactional(readOnly = true)
    public List<Asked> ahead(CollectionId collection, LocalDate day) {
        return until(collection, day.plusDays(AHEAD_DAYS));
    }

    /** A first water that was written down in any way is no longer asked for. */
    @EventListener
    void written(RecordWriter.Written written) {
        // What is read in from long ago ends no dry time.
        boolean lately = !written.line().onDay().isBefore(LocalDate.now(clock).minusDays(AHEAD_DAYS));
        if (written.line().kind() == LogKind.WATERED && lately) {
            rows
                    .findByCollectionAndPlantAndStateOrderByOnDay(
                            written.plant().collection(), written.plant().id(), HandTaskRow.State.PLANNED)
                    .stream()
                    .filter(row -> HandTask.WATERS.contains(row.what()))
                    .forEach(row -> row.done(written.line().onDay()));
        }
    }

    /** What is planned for a plant, by its day. */
    @Transactional(readOnly = true)
    public List<Asked> of(Plant plant) {
        LocalDate until = LocalDate.now(clock).plusDays(A_YEAR);
        List<HandTaskRow> planned = rows
                .findByCollectionAndPlantAndStateOrderByOnDay(plant.collection(), plant.id(), HandTaskRow.State.PLANNED)
                .stream()
                .filter(row -> !row.onDay().isAfter(until))
                .toList();
        Set<BatchId> taken = takenBack(plant.collection(), planned);
        return Stream.concat(
                        planned.stream()
                                .filter(row -> plant.alive() && !taken.contains(row.batch()))
                                .map(Asked::of),
                        errands.until(plant.collection(), until).stream()
                                .filter(asked ->
                                        asked.plant().filter(plant.id()::equals).isPresent()))
                .sorted(Comparator.comparing(Asked::day))
                .toList();
    }

    /** Writes down that a task was done today, once. */
    public void done(CollectionId collection, TaskId id) {
        PlantId plant =
                rows.plantOf(collection.value(), id.value()).map(PlantId::new).orElseThrow(() -> new NotHere("task"));
        routine.change(collection, List.of(plant), () -> {
            HandTaskRow row = row(collection, id);
            if (row.state() == HandTaskRow.State.PLANNED) {
                LocalDate today = LocalDate.now(clock);
                row.done(today);
                row.next(today).ifPresent(rows::save);
                LogEntry entry = row.what().entry();
                log.write(
                        collection,
                        plant,
                        today,
                        List.of(new RecordWriter.Line(entry, Wording.of(row.what()))),
                        Optional.empty());
            }
            return true;
        });
    }

    /** Marks tasks of some sorts as done that were due on a plant: they were answered on a page. */
    public void answered(Plant plant, Collection<HandTask> sorts) {
        LocalDate today = LocalDate.now(clock);
        rows
                .findByCollectionAndPlantAndStateOrderByOnDay(plant.collection(), plant.id(), HandTaskRow.State.PLANNED)
                .stream()
                .filter(row -> sorts.contains(row.what()) && !row.onDay().isAfter(today))
                .forEach(row -> row.done(today));
    }

    private HandTaskRow row(CollectionId collection, TaskId id) {
        return rows.findByCollectionAndId(collection, id.value()).orElseThrow(() -> new NotHere("task"));
    }
}

package mildlantern.web.round;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import mildlantern.log.LogEntry;
import mildlantern.nutrition.FeedPlan;
import mildlantern.plant.Family;
import mildlantern.plant.PlantId;
import mildlantern.web.care.PlannedTasks;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import org.springframework.stereotype.Service;

/** Writes down what was pressed on a slip. */
@Service
class Presses {
    private final RecordWriter writer;
    private final PlannedTasks tasks;
    private final Schedules schedules;
    private final Plants plants;
    private final Clock clock;

    Presses(RecordWriter writer, PlannedTasks tasks, Schedules schedules, Plants plants, Clock clock) {
        this.writer = writer;
        this.tasks = tasks;
        this.schedules = schedules;
        this.plants = plants;
        this.clock = clock;
    }

    /**
     * Writes a press, once.
     *
     * @return what was wrong with it, if anything; then nothing was written
     */
    Optional<String> write(CollectionId collection, Press press) {
        if (press.deed() == Press.Deed.STEPPED) {
            press.errand().ifPresent(step -> tasks.done(collection, step));
            return Optional.empty();
        }
        Optional<String> problem = press.problem();
        if (problem.isEmpty()) {
            LogEntry entry = press.entry().stream().findFirst().orElseGet(() -> feeding(collection, press.plant()));
            writer.write(
                    collection,
                    press.plant(),
                    press.key(),
                    LocalDate.now(clock),
                    List.of(new RecordWriter.Line(entry, press.words())));
        }
        return problem;
    }

    /** What eats by traps is fed through them, whenever that is. */
    private boolean eatsByTraps(CollectionId collection, PlantId plant) {
        return plants.profile(plants.plant(collection, plant)).family() == Family.CARNIVOROUS;
    }

    /** The feed that a plant is due: at its roots or through its traps, with its strength. */
    private LogEntry feeding(CollectionId collection, PlantId plant) {
        Optional<ScheduleRow.Feed> feed = schedules.of(collection, plant).flatMap(ScheduleRow::feed);
        return feed.filter(it -> it.way() != FeedPlan.Way.ROOTS)
                .<LogEntry>map(it -> new LogEntry.TrapFed(
                        OptionalInt.of(it.counts()),
                        it.mgNitrogen() > 0 ? OptionalDouble.of(it.mgNitrogen()) : OptionalDouble.empty()))
                .orElseGet(() -> eatsByTraps(collection, plant)
                        ? new LogEntry.TrapFed(OptionalInt.empty(), OptionalDouble.empty())
                        : new LogEntry.Fed(
                                Optional.empty(),
                                feed.map(it -> OptionalDouble.of(it.mgNitrogen()))
                                        .orElse(OptionalDouble.empty())));
    }
}

package mildlantern.web.keeping;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import mildlantern.log.LogEntry;
import mildlantern.log.Way;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes one deed for several plants, once, so that it can be taken back as one. */
@Service
class Together {
    private final Plants plants;
    private final Routine routine;
    private final RecordWriter log;
    private final WrittenForms forms;
    private final Clock clock;

    Together(Plants plants, Routine routine, RecordWriter log, WrittenForms forms, Clock clock) {
        this.plants = plants;
        this.routine = routine;
        this.log = log;
        this.forms = forms;
        this.clock = clock;
    }

    /** A plant, and what speaks against moving it there. */
    record Warned(String name, List<String> warnings) {}

    /** What speaks against moving plants to a stop; only those against whose moving something speaks. */
    @Transactional(readOnly = true)
    List<Warned> warnings(CollectionId collection, List<PlantId> ids, StopId to) {
        return plants.plants(collection, ids).stream()
                .map(plant -> new Warned(plant.name(), log.warnings(plant, to)))
                .filter(warned -> !warned.warnings().isEmpty())
                .sorted(Comparator.comparing(Warned::name))
                .toList();
    }

    /**
     * Writes a deed for plants that are kept.
     *
     * @return for how many
     */
    int write(CollectionId collection, TogetherController.Asked asked) {
        List<PlantId> alive = plants.plants(collection, asked.plants()).stream()
                .filter(Plant::alive)
                .map(Plant::id)
                .toList();
        LogEntry entry = entry(asked);
        routine.write(collection, alive, () -> {
            if (forms.firstTime(collection, asked.form())) {
                alive.forEach(plant -> log.write(
                        collection,
                        plant,
                        LocalDate.now(clock),
                        List.of(RecordWriter.Line.of(entry)),
                        Optional.of(new BatchId(asked.form().value()))));
            }
        });
        return alive.size();
    }

    private static LogEntry entry(TogetherController.Asked asked) {
        return switch (asked.deed()) {
            case WATERED -> new LogEntry.Watered(OptionalInt.empty(), Optional.empty(), Way.ABOVE, Optional.empty());
            case FED -> new LogEntry.Fed(Optional.empty(), OptionalDouble.empty());
            case MOVED ->
                new LogEntry.Moved(
                        Optional.empty(),
                        Optional.ofNullable(asked.stop()),
                        OptionalDouble.empty(),
                        OptionalDouble.empty());
            case LOOKED, LABELS -> new LogEntry.Looked();
        };
    }
}

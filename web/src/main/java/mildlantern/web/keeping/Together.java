package mildlantern.web.keeping;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import mildlantern.log.LogEntry;
import mildlantern.log.Way;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.treatment.Hold;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes one deed for several plants, once, so that it can be taken back as one. */
@Service
class Together {
    private final Plants plants;
    private final Stops stops;
    private final CaseTroubles cases;
    private final Routine routine;
    private final RecordWriter log;
    private final WrittenForms forms;
    private final Clock clock;

    Together(
            Plants plants,
            Stops stops,
            CaseTroubles cases,
            Routine routine,
            RecordWriter log,
            WrittenForms forms,
            Clock clock) {
        this.stops = stops;
        this.cases = cases;
        this.plants = plants;
        this.routine = routine;
        this.log = log;
        this.forms = forms;
        this.clock = clock;
    }

    LocalDate today() {
        return LocalDate.now(clock);
    }

    /** A plant, and what speaks against the deed. */
    record Warned(String name, List<String> warnings) {}

    /** Where a deed moves plants; empty where it moves none, or there is no such stop. */
    @Transactional(readOnly = true)
    Optional<StopId> to(CollectionId collection, TogetherController.Asked asked) {
        return asked.deed() == TogetherController.Deed.ISOLATED
                ? stops.walk(collection).stream()
                        .filter(Stop::isolation)
                        .map(Stop::id)
                        .findFirst()
                : Optional.ofNullable(asked.stop()).filter(stop -> asked.deed().moves());
    }

    /** What speaks against a deed for some plants: a hold, or what is too much for a plant that is moved. */
    @Transactional(readOnly = true)
    List<Warned> warnings(
            CollectionId collection, TogetherController.Deed deed, List<PlantId> ids, Optional<StopId> to) {
        CaseTroubles.Open open = cases.open(collection);
        return plants.plants(collection, ids).stream()
                .map(plant -> {
                    List<String> warnings = new ArrayList<>();
                    to.ifPresent(stop -> warnings.addAll(log.warnings(plant, stop)));
                    if (deed == TogetherController.Deed.FED && open.held(plant.id(), Hold.FEED)) {
                        warnings.add(Wording.say("keeping.together.feed-held"));
                    }
                    return new Warned(plant.name(), warnings);
                })
                .filter(warned -> !warned.warnings().isEmpty())
                .sorted(Comparator.comparing(Warned::name))
                .toList();
    }

    /**
     * Writes a deed for plants that are kept.
     *
     * @return for how many
     */
    int write(CollectionId collection, TogetherController.Asked asked, Optional<StopId> to) {
        List<PlantId> alive = plants.plants(collection, asked.plants()).stream()
                .filter(Plant::alive)
                .map(Plant::id)
                .toList();
        LogEntry entry = asked.deed() == TogetherController.Deed.HAPPENED
                ? LogEntry.bare(Objects.requireNonNull(asked.happening()).event())
                : entry(asked.deed(), to);
        LocalDate day = asked.deed() == TogetherController.Deed.HAPPENED && asked.on() != null ? asked.on() : today();
        routine.write(collection, alive, () -> {
            if (forms.firstTime(collection, asked.form())) {
                alive.forEach(plant -> log.write(
                        collection,
                        plant,
                        day,
                        List.of(RecordWriter.Line.of(entry)),
                        Optional.of(new BatchId(asked.form().value()))));
            }
        });
        return alive.size();
    }

    private static LogEntry entry(TogetherController.Deed deed, Optional<StopId> to) {
        return switch (deed) {
            case WATERED -> new LogEntry.Watered(OptionalInt.empty(), Optional.empty(), Way.ABOVE, Optional.empty());
            case FED -> new LogEntry.Fed(Optional.empty(), OptionalDouble.empty());
            case LOOKED -> new LogEntry.Looked();
            case MOVED, ISOLATED ->
                new LogEntry.Moved(Optional.empty(), to, OptionalDouble.empty(), OptionalDouble.empty());
            case HAPPENED, LABELS -> throw new IllegalArgumentException("no deed: " + deed);
        };
    }
}

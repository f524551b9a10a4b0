package mildlantern.web.year;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.GrowthSign;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantId;
import mildlantern.web.care.CareWriter;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Writes down what the grower saw and says of a plant's year, and plans what he decides on. */
@Component
class YearWriter {
    private final Plants plants;
    private final RecordWriter log;
    private final Routine routine;
    private final HandTasks tasks;
    private final CareWriter care;
    private final WrittenForms forms;
    private final Clock clock;

    YearWriter(
            Plants plants,
            RecordWriter log,
            Routine routine,
            HandTasks tasks,
            CareWriter care,
            WrittenForms forms,
            Clock clock) {
        this.plants = plants;
        this.log = log;
        this.routine = routine;
        this.tasks = tasks;
        this.care = care;
        this.forms = forms;
        this.clock = clock;
    }

    /** Writes down a sign, once. */
    @Transactional
    void seen(CollectionId collection, PlantId plant, FormKey form, GrowthSign sign) {
        write(collection, plant, form, new LogEntry.Grew(sign));
    }

    /** Writes down that the first flower opened or the last one went, once. */
    @Transactional
    void bloom(CollectionId collection, PlantId plant, FormKey form, boolean opened) {
        write(collection, plant, form, new LogEntry.Bloom(opened));
    }

    /** Writes down what time of its year it is, once. */
    @Transactional
    void said(CollectionId collection, PlantId plant, FormKey form, Phase phase) {
        write(collection, plant, form, new LogEntry.PhaseSaid(phase));
    }

    private void write(CollectionId collection, PlantId plant, FormKey form, LogEntry entry) {
        routine.write(collection, List.of(plant), () -> {
            if (forms.firstTime(collection, form)) {
                log.write(
                        collection,
                        plant,
                        LocalDate.now(clock),
                        List.of(RecordWriter.Line.of(entry)),
                        Optional.empty());
            }
        });
    }

    /**
     * Plans the steps to another stop; what asked for it is answered.
     *
     * @return whether it is on its way
     */
    @Transactional
    boolean move(CollectionId collection, PlantId id, FormKey form, StopId to) {
        return routine.change(collection, List.of(id), () -> {
            boolean planned = care.planMove(collection, id, form, to);
            if (planned) {
                answered(plants.plant(collection, id));
            }
            return planned;
        });
    }

    /** It stays where it is: the year asks no more this time. */
    @Transactional
    void stays(CollectionId collection, PlantId id) {
        routine.write(collection, List.of(id), () -> answered(plants.plant(collection, id)));
    }

    private void answered(Plant plant) {
        tasks.answered(
                plant,
                Stream.concat(HandTask.OF_THE_YEAR.stream(), HandTask.OF_THE_NIGHTS.stream())
                        .toList());
    }
}

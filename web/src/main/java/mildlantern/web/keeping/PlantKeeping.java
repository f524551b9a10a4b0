package mildlantern.web.keeping;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.plant.Stage;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.StaleEdit;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What becomes of plants: added, changed, split, propagated, no longer kept. */
@Service
@Transactional
public class PlantKeeping {
    private final Stops stops;
    private final Plants plants;
    private final RecordWriter log;
    private final Routine routine;
    private final WrittenForms forms;
    private final Clock clock;

    PlantKeeping(Stops stops, Plants plants, RecordWriter log, Routine routine, WrittenForms forms, Clock clock) {
        this.stops = stops;
        this.plants = plants;
        this.log = log;
        this.routine = routine;
        this.forms = forms;
        this.clock = clock;
    }

    /** Adds a plant, once. */
    void add(CollectionId collection, PlantForm form, Profile kind) {
        Stop stop = stops.onWalk(collection, Objects.requireNonNull(form.stop()));
        routine.write(collection, List.of(), () -> {
            if (forms.firstTime(collection, Objects.requireNonNull(form.form()))) {
                int place = plants.nextPlace(collection, stop.id());
                log.store(form.into(new Plant(PlantId.fresh(), collection, stop.id(), place, "", ""), kind));
            }
        });
    }

    /**
     * Changes a plant, once; a changed stop is a move and stands in its log.
     *
     * @throws StaleEdit if the plant was changed since the page was made; nothing is stored
     */
    @Transactional(rollbackFor = StaleEdit.class)
    void change(CollectionId collection, PlantId id, PlantForm form) throws StaleEdit {
        StopId to = Objects.requireNonNull(form.stop());
        stops.onWalk(collection, to);
        routine.write(collection, List.of(id), () -> {
            Plant plant = plants.plant(collection, id);
            if (!forms.firstTime(collection, Objects.requireNonNull(form.form()))) {
                return;
            }
            StaleEdit.check(form.version(), plant.version());
            boolean moves = !to.equals(plant.stop());
            log.store(form.into(plant));
            if (moves) {
                LogEntry move = new LogEntry.Moved(
                        Optional.empty(), Optional.of(to), OptionalDouble.empty(), OptionalDouble.empty());
                log.write(collection, id, LocalDate.now(clock), List.of(RecordWriter.Line.of(move)), Optional.empty());
            }
        });
    }

    /**
     * Makes new plants of one, once: parts of a clump, or cuttings and offsets that keep their mother.
     *
     * @param count how many, 1 to 50
     * @param cutting whether they are young and the mother stays whole
     */
    public void multiply(CollectionId collection, PlantId motherId, FormKey form, int count, boolean cutting) {
        routine.write(collection, List.of(motherId), () -> {
            Plant mother = plants.plant(collection, motherId);
            if (!forms.firstTime(collection, form)) {
                return;
            }
            LocalDate today = LocalDate.now(clock);
            for (int i = 1; i <= count; i++) {
                Plant child = new Plant(
                                PlantId.fresh(),
                                mother.collection(),
                                mother.stop(),
                                plants.nextPlace(mother.collection(), mother.stop()),
                                freeName(mother, i),
                                mother.profile())
                        .named(mother.cultivar(), null, "from " + mother.name())
                        .ofKind(mother.profile(), mother.form())
                        .acquired(today)
                        .potted(
                                mother.potKind(),
                                cutting ? Double.valueOf(9) : mother.potDiameterCm(),
                                mother.medium(),
                                today)
                        .pot(null, 0, today)
                        .kept(mother.waterSource(), mother.feedStrength(), mother.overTop(), false, mother.drainHoles())
                        .grown(cutting ? Stage.CUTTING : mother.stage())
                        .leafy(mother.leafClass())
                        .counted(
                                share(mother.leaves(), count, cutting),
                                share(mother.growths(), count, cutting),
                                0,
                                0,
                                0)
                        .from(mother.id());
                log.store(child);
                log.arrived(child, today, new BatchId(form.value()));
            }
            log.note(
                    mother,
                    today,
                    cutting ? new LogEntry.Propagated() : new LogEntry.Split(),
                    count == 1
                            ? Wording.say("keeping.plant-keeping.one-new-plant")
                            : Wording.say("keeping.plant-keeping.new-plants", count),
                    Optional.of(new BatchId(form.value())));
            log.store(
                    cutting
                            ? mother
                            : mother.counted(
                                    share(mother.leaves(), count, false),
                                    share(mother.growths(), count, false),
                                    mother.offsets(),
                                    mother.flowers(),
                                    mother.buds()));
        });
    }

    private static int share(int whole, int parts, boolean cutting) {
        return cutting ? Math.min(whole, 3) : Math.max(whole > 0 ? 1 : 0, whole / (parts + 1));
    }

    private String freeName(Plant mother, int number) {
        List<String> names = plants.names(mother.collection()).stream()
                .map(named -> named.name())
                .toList();
        int next = number + 1;
        while (names.contains(mother.name() + " " + next)) {
            next++;
        }
        return mother.name() + " " + next;
    }

    /** A plant is no longer kept, once. */
    void end(CollectionId collection, PlantId id, FormKey form, boolean lost, String cause) {
        routine.write(collection, List.of(id), () -> {
            Plant plant = plants.plant(collection, id);
            if (plant.alive() && forms.firstTime(collection, form)) {
                log.end(
                        collection,
                        id,
                        lost ? Plant.State.LOST : Plant.State.RETIRED,
                        LocalDate.now(clock),
                        cause.isBlank() ? null : cause.strip());
            }
        });
    }
}

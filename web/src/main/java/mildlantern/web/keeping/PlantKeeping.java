package mildlantern.web.keeping;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
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
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What becomes of plants: added, changed, split, propagated, no longer kept. */
@Service
@Transactional
public class PlantKeeping {
    private static final double CUTTING_POT_CM = 9;
    private static final int CUTTING_LEAVES = 3;

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

    /**
     * Adds a plant, once.
     *
     * @return the plant; empty where the form was stored before
     */
    Optional<Plant> add(CollectionId collection, PlantForm form, Profile kind) {
        Stop stop = stops.onWalk(collection, Objects.requireNonNull(form.stop()));
        return routine.change(collection, List.of(), () -> {
            if (!forms.firstTime(collection, Objects.requireNonNull(form.form()))) {
                return Optional.empty();
            }
            int place = plants.nextPlace(collection, stop.id());
            return Optional.of(
                    log.store(form.into(new Plant(PlantId.fresh(), collection, stop.id(), place, "", ""), kind)));
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
     * How new plants are made of one.
     *
     * @param count how many, 1 to 50
     * @param stage what they are: of a clump that is parted, grown plants; else seedlings or cuttings, and the mother stays whole
     * @param medium id of what they root in, or null for their mother's
     * @param stop where they stand, or null for where she does
     */
    public record Made(
            int count,
            Stage stage,
            @Nullable String medium,
            @Nullable StopId stop) {
        boolean parted() {
            return stage == Stage.ADULT;
        }
    }

    /**
     * Makes new plants of one, once: parts of a clump, or cuttings and offsets that keep their mother.
     *
     * @return the new plants; empty where the form was stored before
     */
    public List<Plant> multiply(CollectionId collection, PlantId motherId, FormKey form, Made made) {
        return routine.change(collection, List.of(motherId), () -> {
            Plant mother = plants.plant(collection, motherId);
            if (!forms.firstTime(collection, form)) {
                return List.of();
            }
            LocalDate today = LocalDate.now(clock);
            BatchId batch = new BatchId(form.value());
            List<Plant> children = new ArrayList<>();
            for (int i = 1; i <= made.count(); i++) {
                Plant child = log.store(child(mother, made, today, i));
                log.arrived(child, today, batch);
                children.add(child);
            }
            log.note(
                    mother,
                    today,
                    made.parted() ? new LogEntry.Split() : new LogEntry.Propagated(),
                    made.count() == 1
                            ? Wording.say("keeping.plant-keeping.one-new-plant")
                            : Wording.say("keeping.plant-keeping.new-plants", made.count()),
                    Optional.of(batch));
            log.store(
                    made.parted()
                            ? mother.counted(
                                    share(mother.leaves(), made),
                                    share(mother.growths(), made),
                                    mother.offsets(),
                                    mother.flowers(),
                                    mother.buds())
                            : mother);
            return children;
        });
    }

    private Plant child(Plant mother, Made made, LocalDate today, int number) {
        StopId stop = made.stop() == null
                ? mother.stop()
                : stops.onWalk(mother.collection(), made.stop()).id();
        return new Plant(
                        PlantId.fresh(),
                        mother.collection(),
                        stop,
                        plants.nextPlace(mother.collection(), stop),
                        freeName(mother, number),
                        mother.profile())
                .named(mother.cultivar(), null, Wording.say("keeping.plant-keeping.from", mother.name()))
                .ofKind(mother.profile(), mother.form())
                .acquired(today)
                .potted(
                        mother.potKind(),
                        made.parted() ? mother.potDiameterCm() : Double.valueOf(CUTTING_POT_CM),
                        made.medium() == null ? mother.medium() : made.medium(),
                        today)
                .pot(null, 0, today)
                .kept(mother.waterSource(), mother.feedStrength(), mother.overTop(), false, mother.drainHoles())
                .grown(made.stage())
                .leafy(mother.leafClass())
                .counted(share(mother.leaves(), made), share(mother.growths(), made), 0, 0, 0)
                .from(mother.id());
    }

    private static int share(int whole, Made made) {
        return made.parted()
                ? Math.max(whole > 0 ? 1 : 0, whole / (made.count() + 1))
                : Math.min(whole, CUTTING_LEAVES);
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

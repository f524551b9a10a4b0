package mildlantern.web.keeping;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.routine.StopWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Plants and stops that were deleted, for thirty days in which they can be restored. After that a plant goes for good with its record; a stop stays
 * out of sight, because the records of plants that stood there name it.
 */
@Service
public class Bin {
    static final int DAYS = 30;

    /** What hangs on a plant, in the order in which it can go; each asks for the plants that go. */
    static final List<String> HANGING = List.of(
            "contact_look where plant_id in (:gone) or course_id in (select id from course where plant_id in (:gone))",
            "course_step where course_id in (select id from course where plant_id in (:gone))",
            "course where plant_id in (:gone)",
            "care_entry where plant_id in (:gone)",
            "case_answer where case_id in (select id from trouble_case where plant_id in (:gone))",
            "case_trial where case_id in (select id from trouble_case where plant_id in (:gone))",
            "case_opinion where case_id in (select id from trouble_case where plant_id in (:gone))",
            "case_recall where case_id in (select id from trouble_case where plant_id in (:gone))",
            "trouble_case where plant_id in (:gone)",
            "photo where plant_id in (:gone)",
            "errand where plant_id in (:gone)",
            "care_promise where change_id in (select id from care_change where plant_id in (:gone))",
            "care_change where plant_id in (:gone)",
            "hand_task where plant_id in (:gone)",
            "absence_plant where plant_id in (:gone)",
            "absence_visit where plant_id in (:gone)",
            "rooting where plant_id in (:gone)",
            "own_trial_plant where plant_id in (:gone)",
            "plant_upkeep where plant_id in (:gone)",
            "happening where plant_id in (:gone)");

    private final Plants plants;
    private final Stops stops;
    private final Routine routine;
    private final RecordWriter log;
    private final StopWriter stopWriter;
    private final JdbcClient jdbc;
    private final Clock clock;

    Bin(
            Plants plants,
            Stops stops,
            Routine routine,
            RecordWriter log,
            StopWriter stopWriter,
            JdbcClient jdbc,
            Clock clock) {
        this.plants = plants;
        this.stops = stops;
        this.routine = routine;
        this.log = log;
        this.stopWriter = stopWriter;
        this.jdbc = jdbc;
        this.clock = clock;
    }

    private LocalDate since() {
        return LocalDate.now(clock).minusDays(DAYS);
    }

    /** Plants in the bin, the latest first. */
    @Transactional(readOnly = true)
    List<Plant> plants(CollectionId collection) {
        return plants.all(collection).stream()
                .filter(plant -> plant.state() == Plant.State.WITHDRAWN)
                .filter(plant -> plant.endedOn() != null && !plant.endedOn().isBefore(since()))
                .sorted(Comparator.comparing(Plant::endedOn).reversed())
                .toList();
    }

    /** Stops in the bin, the latest first. */
    @Transactional(readOnly = true)
    List<Stops.Removed> stops(CollectionId collection) {
        return stops.removed(collection, since());
    }

    /** Deletes a plant that is kept, with its record. */
    void delete(CollectionId collection, PlantId id) {
        routine.write(collection, List.of(id), () -> {
            Plant plant = plants.plant(collection, id);
            if (plant.alive()) {
                log.store(plant.ended(Plant.State.WITHDRAWN, LocalDate.now(clock), null));
            }
        });
    }

    /** Restores a plant; where its stop has gone meanwhile, that comes back too. */
    void restore(CollectionId collection, PlantId id) {
        routine.write(collection, List.of(id), () -> {
            Plant plant = plants.plant(collection, id);
            if (plant.state() == Plant.State.WITHDRAWN) {
                stops.restore(collection, plant.stop());
                log.store(plant.ended(Plant.State.ALIVE, null, null));
            }
        });
    }

    /**
     * Deletes a stop.
     *
     * @return false if a plant stands there; then nothing is changed
     */
    boolean delete(CollectionId collection, StopId id) {
        return stopWriter.remove(collection, id, LocalDate.now(clock));
    }

    /** Restores a stop. */
    void restore(CollectionId collection, Stop stop) {
        stops.restore(collection, stop.id());
    }

    /** Lets go for good of plants that were deleted long enough ago; held meanwhile, so that none is restored. */
    @Scheduled(cron = "0 20 3 * * *")
    @SchedulerLock(name = "bin")
    @Transactional
    public void empty() {
        List<UUID> gone = jdbc.sql("select id from plant where state = 'WITHDRAWN' and ended_on < ? for update")
                .param(since())
                .query(UUID.class)
                .list();
        if (gone.isEmpty()) {
            return;
        }
        jdbc.sql("update plant set mother_id = null where mother_id in (:gone)")
                .param("gone", gone)
                .update();
        HANGING.forEach(
                what -> jdbc.sql("delete from " + what).param("gone", gone).update());
        jdbc.sql("delete from plant where id in (:gone)").param("gone", gone).update();
    }
}

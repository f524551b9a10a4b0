package mildlantern.web.care;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of tasks. */
interface PlannedTaskRows extends Repository<PlannedTask, UUID> {
    PlannedTask save(PlannedTask task);

    void flush();

    Optional<PlannedTask> findByCollectionAndId(CollectionId collection, UUID id);

    /** Whose it is; the task itself is read when that plant is held. */
    @Query(nativeQuery = true, value = "select plant_id from errand where collection_id = :collection and id = :id")
    Optional<UUID> plantOf(UUID collection, UUID id);

    List<PlannedTask> findByCollectionAndStateAndOnDayLessThanEqualOrderByOnDay(
            CollectionId collection, PlannedTask.State state, LocalDate day);

    List<PlannedTask> findByCollectionAndPlantAndStateOrderByOnDay(
            CollectionId collection, PlantId plant, PlannedTask.State state);

    List<PlannedTask> findByCollectionAndState(CollectionId collection, PlannedTask.State state);

    List<PlannedTask> findByCollectionAndStateAndKind(
            CollectionId collection, PlannedTask.State state, PlannedTask.Kind kind);

    List<PlannedTask> findByCollectionAndPlanOrderByOnDay(CollectionId collection, BatchId plan);

    List<PlannedTask> findByCollectionAndPlanInAndKind(
            CollectionId collection, Collection<BatchId> plans, PlannedTask.Kind kind);
}

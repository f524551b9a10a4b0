package mildlantern.web.care;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of errands. */
interface PlannedTaskRows extends Repository<PlannedTask, UUID> {
    PlannedTask save(PlannedTask errand);

    void flush();

    Optional<PlannedTask> findByCollectionAndId(UUID collection, UUID id);

    /** Whose it is; the errand itself is read when that plant is held. */
    @Query("select e.plant from PlannedTask e where e.collection = :collection and e.id = :id")
    Optional<UUID> plantOf(UUID collection, UUID id);

    List<PlannedTask> findByCollectionAndStateAndOnDayLessThanEqualOrderByOnDay(
            UUID collection, PlannedTask.State state, LocalDate day);

    List<PlannedTask> findByCollectionAndPlantAndStateOrderByOnDay(
            UUID collection, UUID plant, PlannedTask.State state);

    List<PlannedTask> findByCollectionAndPlanOrderByOnDay(UUID collection, UUID plan);
}

package mildlantern.web.task;

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

/** The table of work by hand. */
interface HandTaskRows extends Repository<HandTaskRow, UUID> {
    HandTaskRow save(HandTaskRow task);

    Optional<HandTaskRow> findByCollectionAndId(CollectionId collection, UUID id);

    /** Whose it is; the task itself is read when that plant is held. */
    @Query(nativeQuery = true, value = "select plant_id from hand_task where collection_id = :collection and id = :id")
    Optional<UUID> plantOf(UUID collection, UUID id);

    List<HandTaskRow> findByCollectionAndStateAndOnDayLessThanEqualOrderByOnDay(
            CollectionId collection, HandTaskRow.State state, LocalDate day);

    List<HandTaskRow> findByCollectionAndStateAndWhatInAndOnDayBetween(
            CollectionId collection,
            HandTaskRow.State state,
            Collection<HandTask> sorts,
            LocalDate from,
            LocalDate until);

    List<HandTaskRow> findByCollectionAndPlantAndStateOrderByOnDay(
            CollectionId collection, PlantId plant, HandTaskRow.State state);

    List<HandTaskRow> findByCollectionAndBatchAndState(CollectionId collection, BatchId batch, HandTaskRow.State state);

    List<HandTaskRow> findByCollectionAndPlantInAndWhatIn(
            CollectionId collection, Collection<PlantId> plants, Collection<HandTask> sorts);

    List<HandTaskRow> findByCollectionAndErrandNotNullAndDoneOnGreaterThanEqual(
            CollectionId collection, LocalDate since);
}

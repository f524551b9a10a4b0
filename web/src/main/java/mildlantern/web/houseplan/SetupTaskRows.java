package mildlantern.web.houseplan;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.place.StopId;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of what accepted plans set up. */
interface SetupTaskRows extends Repository<SetupTask, UUID> {
    SetupTask save(SetupTask task);

    void flush();

    Optional<SetupTask> findByCollectionAndId(CollectionId collection, UUID id);

    /** Where it is; the task itself is read when that stop is held. */
    @Query(nativeQuery = true, value = "select stop_id from setup_task where collection_id = :collection and id = :id")
    Optional<UUID> stopOf(UUID collection, UUID id);

    List<SetupTask> findByCollectionAndStateInOrderByPlannedOnAscWhatAsc(
            CollectionId collection, Collection<SetupTask.State> states);

    List<SetupTask> findByCollectionAndStopAndWhatAndState(
            CollectionId collection, StopId stop, Setup.What what, SetupTask.State state);
}

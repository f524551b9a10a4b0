package mildlantern.web.houseplan;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of what accepted plans set up. */
interface SetupTaskRows extends Repository<SetupTask, UUID> {
    /** Plans to set something up; what waited to be set up there as such is changed to it, whoever else plans it at the same time. */
    @Modifying
    @Query(
            nativeQuery = true,
            value = "insert into setup_task (id, collection_id, stop_id, what, amount, words, planned_on)"
                    + " values (:id, :collection, :stop, :what, :amount, :words, :day)"
                    + " on conflict (collection_id, stop_id, what) where state = 'PLANNED' do update"
                    + " set amount = excluded.amount, words = excluded.words, planned_on = excluded.planned_on")
    void plan(UUID id, UUID collection, UUID stop, String what, double amount, String words, LocalDate day);

    Optional<SetupTask> findByCollectionAndId(CollectionId collection, UUID id);

    /** Where it is; the task itself is read when that stop is held. */
    @Query(nativeQuery = true, value = "select stop_id from setup_task where collection_id = :collection and id = :id")
    Optional<UUID> stopOf(UUID collection, UUID id);

    List<SetupTask> findByCollectionAndStateInOrderByPlannedOnAscWhatAsc(
            CollectionId collection, Collection<SetupTask.State> states);
}

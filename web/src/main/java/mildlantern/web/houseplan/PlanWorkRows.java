package mildlantern.web.houseplan;

import java.time.OffsetDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of plans that are made while nobody waits. What is written is written only if nothing else was asked meanwhile. */
interface PlanWorkRows extends Repository<PlanWork, UUID> {
    Optional<PlanWork> findByCollection(CollectionId collection);

    List<PlanWork> findByStateInOrderByAskedAt(Collection<PlanWork.State> states);

    /** Asks for a plan in place of the one before; the same one that is still being made goes on. */
    @Modifying
    @Query(
            nativeQuery = true,
            value = "insert into plan_work (id, collection_id, asked, state, asked_at)"
                    + " values (:id, :collection, :asked, 'WAITING', :at)"
                    + " on conflict (collection_id) do update set asked = excluded.asked, state = 'WAITING',"
                    + " asked_at = excluded.asked_at, within = null, found = null"
                    + " where plan_work.asked <> excluded.asked or plan_work.state in ('DONE', 'FAILED')")
    void ask(UUID id, UUID collection, String asked, OffsetDateTime at);

    @Modifying
    @Query("update PlanWork w set w.state = RUNNING where w.collection = :collection and w.asked = :asked")
    int begin(CollectionId collection, String asked);

    @Modifying
    @Query("update PlanWork w set w.within = :share"
            + " where w.collection = :collection and w.asked = :asked and w.state = RUNNING")
    int within(CollectionId collection, String asked, double share);

    @Modifying
    @Query("update PlanWork w set w.state = DONE, w.found = :found"
            + " where w.collection = :collection and w.asked = :asked and w.state = RUNNING")
    int done(CollectionId collection, String asked, String found);

    @Modifying
    @Query("update PlanWork w set w.state = FAILED"
            + " where w.collection = :collection and w.asked = :asked and w.state = RUNNING")
    int failed(CollectionId collection, String asked);
}

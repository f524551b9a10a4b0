package mildlantern.web.stop;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of stops. */
interface StopRows extends Repository<StopRow, UUID> {
    StopRow save(StopRow stop);

    /** By key alone, so that what was read is not asked for again; whoever calls checks the collection. */
    Optional<StopRow> findById(UUID id);

    @Query("select s from StopRow s where s.collection = :collection and s.removedOn is null order by s.position")
    List<StopRow> walk(CollectionId collection);

    @Query(
            "select s from StopRow s where s.collection = :collection and s.removedOn >= :since order by s.removedOn desc")
    List<StopRow> removed(CollectionId collection, LocalDate since);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(nativeQuery = true, value = """
            update stop set removed_on = :day where collection_id = :collection and id = :id and removed_on is null""")
    int remove(UUID collection, UUID id, LocalDate day);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query(
            nativeQuery = true,
            value = "update stop set removed_on = null where collection_id = :collection and id = :id")
    int restore(UUID collection, UUID id);
}

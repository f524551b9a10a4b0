package mildlantern.web.log;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.EntryId;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of the log. */
interface LogRows extends Repository<LogRow, UUID> {
    LogRow save(LogRow row);

    List<LogRow> findByCollectionAndPlantOrderByOnDayDesc(CollectionId collection, PlantId plant);

    Optional<LogRow> findByCollectionAndId(CollectionId collection, UUID id);

    List<LogRow> findByCollectionAndBatch(CollectionId collection, BatchId batch);

    List<LogRow> findByCollectionAndReplaces(CollectionId collection, EntryId replaces);

    boolean existsByCollectionAndUndoes(CollectionId collection, EntryId undone);

    List<LogRow> findByCollectionAndOnDay(CollectionId collection, LocalDate day);

    List<LogRow> findByCollectionAndOnDayAndPlantIn(CollectionId collection, LocalDate day, Collection<PlantId> plants);

    /** What was written of a plant from a day on, the latest first. */
    @Query("""
            select h from LogRow h where h.collection = :collection and h.plant = :plant and h.onDay >= :from
            order by h.onDay desc, h.writtenAt desc
            """)
    List<LogRow> since(CollectionId collection, PlantId plant, LocalDate from);

    /** The same of several plants. */
    @Query("""
            select h from LogRow h where h.collection = :collection and h.plant in :plants and h.onDay >= :from
            order by h.onDay desc, h.writtenAt desc
            """)
    List<LogRow> allSince(CollectionId collection, Collection<PlantId> plants, LocalDate from);

    /** How the plants of some stops came and moved from a day on, with what was taken back, the latest first. */
    @Query(nativeQuery = true, value = """
            select h.* from happening h join plant p on p.id = h.plant_id and p.collection_id = h.collection_id
            where h.collection_id = :collection and p.stop_id in (:stops) and h.on_day >= :from
                and h.kind in ('ARRIVED', 'MOVED', 'UNDONE')
            order by h.on_day desc, h.written_at desc
            """)
    List<LogRow> comings(UUID collection, Collection<UUID> stops, LocalDate from);

    /** What of a kind was written from a day on and not taken back, the latest first. */
    @Query(nativeQuery = true, value = """
            select h.* from happening h where h.collection_id = :collection and h.kind = :kind and h.on_day >= :from
                and not exists (select 1 from happening u where u.collection_id = h.collection_id and u.undoes = h.id)
            order by h.on_day desc, h.written_at desc
            """)
    List<LogRow> ofKind(UUID collection, String kind, LocalDate from);

    /** The same of several kinds. */
    @Query(nativeQuery = true, value = """
            select h.* from happening h where h.collection_id = :collection and h.kind in (:kinds) and h.on_day >= :from
                and not exists (select 1 from happening u where u.collection_id = h.collection_id and u.undoes = h.id)
            order by h.on_day desc, h.written_at desc
            """)
    List<LogRow> ofKinds(UUID collection, List<String> kinds, LocalDate from);

    /** The same of one plant. */
    @Query(nativeQuery = true, value = """
            select h.* from happening h where h.collection_id = :collection and h.plant_id = :plant and h.kind in (:kinds)
                and h.on_day >= :from
                and not exists (select 1 from happening u where u.collection_id = h.collection_id and u.undoes = h.id)
            order by h.on_day desc, h.written_at desc
            """)
    List<LogRow> ofKinds(UUID collection, UUID plant, List<String> kinds, LocalDate from);

    /** Which of some batches, or entries by their id, have an entry that was taken back. */
    @Query(nativeQuery = true, value = """
            select h.batch from happening h where h.collection_id = :collection and h.batch in (:keys)
                and exists (select 1 from happening u where u.collection_id = h.collection_id and u.undoes = h.id)
            union
            select h.id from happening h where h.collection_id = :collection and h.id in (:keys)
                and exists (select 1 from happening u where u.collection_id = h.collection_id and u.undoes = h.id)
            """)
    List<UUID> takenBackOf(UUID collection, Collection<UUID> keys);

    /** Plants that were moved to a stop or away from it, from a day on. */
    @Query(nativeQuery = true, value = """
            select distinct plant_id from happening where collection_id = :collection and on_day >= :from
                and (entry ->> 'from_stop' = :stop or entry ->> 'to_stop' = :stop)
            """)
    List<UUID> passedBy(UUID collection, String stop, LocalDate from);
}

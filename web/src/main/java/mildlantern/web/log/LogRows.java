package mildlantern.web.log;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of the log. */
interface LogRows extends Repository<LogRow, UUID> {
    LogRow save(LogRow row);

    List<LogRow> findByCollectionAndPlantOrderByOnDayDesc(UUID collection, UUID plant);

    Optional<LogRow> findByCollectionAndId(UUID collection, UUID id);

    List<LogRow> findByCollectionAndBatch(UUID collection, UUID batch);

    boolean existsByCollectionAndUndoes(UUID collection, UUID undone);

    List<LogRow> findByCollectionAndOnDay(UUID collection, LocalDate day);

    List<LogRow> findByCollectionAndOnDayAndPlantIn(UUID collection, LocalDate day, Collection<UUID> plants);

    /** What was written of a plant from a day on, the latest first. */
    @Query("""
            select h from LogRow h where h.collection = :collection and h.plant = :plant and h.onDay >= :from
            order by h.onDay desc, h.writtenAt desc
            """)
    List<LogRow> since(UUID collection, UUID plant, LocalDate from);

    /** The same of several plants. */
    @Query("""
            select h from LogRow h where h.collection = :collection and h.plant in :plants and h.onDay >= :from
            order by h.onDay desc, h.writtenAt desc
            """)
    List<LogRow> allSince(UUID collection, Collection<UUID> plants, LocalDate from);

    /** How the plants of some stops came and moved from a day on, with what was taken back, the latest first. */
    @Query("""
            select h from LogRow h where h.collection = :collection and h.onDay >= :from
                and h.kind in (mildlantern.web.log.LogKind.ARRIVED, mildlantern.web.log.LogKind.MOVED,
                    mildlantern.web.log.LogKind.UNDONE)
                and h.plant in (select p.id from Plant p where p.collection = :collection and p.stop in :stops)
            order by h.onDay desc, h.writtenAt desc
            """)
    List<LogRow> comings(UUID collection, Collection<UUID> stops, LocalDate from);
}

package mildlantern.web.stop;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import mildlantern.place.StopId;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of what was read at stops. */
interface StopReadingRows extends Repository<StopReadingRow, UUID> {
    StopReadingRow save(StopReadingRow reading);

    List<StopReadingRow> findByCollectionAndStopOrderByOnDayAscWrittenAtAsc(CollectionId collection, StopId stop);

    @Query("""
            select new mildlantern.web.stop.ReadOnDay(r.onDay, r.light, r.dailyLight, r.humidityPercent, r.dayCelsius, r.nightCelsius,
                case when r.origin = mildlantern.web.stop.StopReading$Origin.MEASURED then true else false end)
            from StopReadingRow r where r.collection = :collection and r.stop = :stop order by r.onDay, r.writtenAt
            """)
    List<ReadOnDay> read(CollectionId collection, StopId stop);

    List<StopReadingRow> findByCollectionAndOnDayGreaterThanEqualOrderByOnDayAscWrittenAtAsc(
            CollectionId collection, LocalDate day);

    @Query("""
            select r from StopReadingRow r where r.collection = :collection and r.stop = :stop
                and r.origin <> mildlantern.web.stop.StopReading$Origin.MEASURED order by r.onDay desc, r.writtenAt desc
            """)
    List<StopReadingRow> typed(CollectionId collection, StopId stop, Limit most);
}

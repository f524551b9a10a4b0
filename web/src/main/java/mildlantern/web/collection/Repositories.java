package mildlantern.web.collection;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.log.QuickLine;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The collection's tables. Every question carries the collection. */
final class Repositories {
    private Repositories() {}

    interface Stops extends Repository<Stop, UUID> {
        Stop save(Stop stop);

        Optional<Stop> findByCollectionAndId(UUID collection, UUID id);

        List<Stop> findByCollectionOrderByPosition(UUID collection);
    }

    interface OwnKinds extends Repository<OwnKind, UUID> {
        OwnKind save(OwnKind kind);

        /** By key alone, so that many plants of one kind ask once; whoever calls checks the collection. */
        Optional<OwnKind> findById(UUID id);

        List<OwnKind> findByCollectionOrderByName(UUID collection);
    }

    interface Plants extends Repository<Plant, UUID> {
        Plant save(Plant plant);

        Optional<Plant> findByCollectionAndId(UUID collection, UUID id);

        List<Plant> findByCollectionOrderByPlaceOnStop(UUID collection);

        List<Plant> findByCollectionAndStopOrderByPlaceOnStop(UUID collection, UUID stop);

        List<Plant> findByCollectionAndMotherOrderByName(UUID collection, UUID mother);

        List<Plant> findByCollectionAndIdIn(UUID collection, Collection<UUID> ids);

        @Query(
                "select coalesce(max(p.placeOnStop), -1) from Plant p where p.collection = :collection and p.stop = :stop")
        int lastPlace(UUID collection, UUID stop);

        @Query("""
                select new mildlantern.log.QuickLine$Named(p.id, p.name, coalesce(p.accession, ''))
                from Plant p where p.collection = :collection and p.state = mildlantern.web.collection.Plant$State.ALIVE
                order by p.name
                """)
        List<QuickLine.Named> names(UUID collection);

        @Query(
                "select p from Plant p where p.collection = :collection and p.acquiredOn >= :since and p.state = mildlantern.web.collection.Plant$State.ALIVE")
        List<Plant> arrivedSince(UUID collection, LocalDate since);

        boolean existsByCollectionAndAccession(UUID collection, String accession);
    }

    interface Happenings extends Repository<Happening, UUID> {
        Happening save(Happening happening);

        List<Happening> findByCollectionAndPlantOrderByOnDayDesc(UUID collection, UUID plant);

        Optional<Happening> findByCollectionAndId(UUID collection, UUID id);

        List<Happening> findByCollectionAndBatch(UUID collection, UUID batch);

        boolean existsByCollectionAndUndoes(UUID collection, UUID undone);

        List<Happening> findByCollectionAndOnDay(UUID collection, LocalDate day);

        List<Happening> findByCollectionAndOnDayAndPlantIn(UUID collection, LocalDate day, Collection<UUID> plants);

        void flush();

        /** What was written of a plant from a day on, the latest first. */
        @Query("""
                select h from Happening h where h.collection = :collection and h.plant = :plant and h.onDay >= :from
                order by h.onDay desc, h.writtenAt desc
                """)
        List<Happening> since(UUID collection, UUID plant, LocalDate from);

        /** The same of several plants. */
        @Query("""
                select h from Happening h where h.collection = :collection and h.plant in :plants and h.onDay >= :from
                order by h.onDay desc, h.writtenAt desc
                """)
        List<Happening> allSince(UUID collection, Collection<UUID> plants, LocalDate from);

        /** How the plants of some stops came and moved from a day on, with what was taken back, the latest first. */
        @Query("""
                select h from Happening h where h.collection = :collection and h.onDay >= :from
                    and h.kind in (mildlantern.web.collection.HappeningKind.ARRIVED, mildlantern.web.collection.HappeningKind.MOVED,
                        mildlantern.web.collection.HappeningKind.UNDONE)
                    and h.plant in (select p.id from Plant p where p.collection = :collection and p.stop in :stops)
                order by h.onDay desc, h.writtenAt desc
                """)
        List<Happening> comings(UUID collection, Collection<UUID> stops, LocalDate from);
    }

    interface StopReadings extends Repository<StopReading, UUID> {
        StopReading save(StopReading reading);

        List<StopReading> findByCollectionAndStopOrderByOnDay(UUID collection, UUID stop);

        /** What the water balance needs of a stop's readings, without objects that are watched for change. */
        @Query("""
                select new mildlantern.web.collection.WaterBook$Read(r.onDay, r.light, r.dailyLight, r.humidityPercent, r.dayCelsius)
                from StopReading r where r.collection = :collection and r.stop = :stop order by r.onDay, r.writtenAt
                """)
        List<WaterBook.Read> read(UUID collection, UUID stop);

        List<StopReading> findByCollectionAndOnDayGreaterThanEqualOrderByOnDay(UUID collection, LocalDate day);

        @Query("""
                select r from StopReading r where r.collection = :collection and r.stop = :stop
                    and r.origin <> mildlantern.web.collection.StopReading$Origin.MEASURED order by r.onDay desc, r.writtenAt desc
                """)
        List<StopReading> typed(UUID collection, UUID stop, Limit most);
    }

    interface CareEntries extends Repository<CareEntry, UUID> {
        CareEntry save(CareEntry entry);

        List<CareEntry> findByCollectionAndPlantOrderByWrittenAtDesc(UUID collection, UUID plant);
    }

    interface Photos extends Repository<Photo, UUID> {
        Photo save(Photo photo);

        Optional<Photo> findByCollectionAndId(UUID collection, UUID id);

        @Query("select p.thumbnail from Photo p where p.collection = :collection and p.id = :id")
        Optional<byte[]> thumbnail(UUID collection, UUID id);

        /** What is needed to list photos, without their bytes. */
        @Query("""
                select p.id as id, p.takenOn as takenOn, p.caption as caption
                from Photo p where p.collection = :collection and p.plant = :plant
                    and not exists (select u.id from Happening u where u.collection = p.collection and u.undoes = p.happening)
                order by p.takenOn desc
                """)
        List<Listed> listed(UUID collection, UUID plant);
    }

    /** A photo in a list. */
    interface Listed {
        UUID getId();

        LocalDate getTakenOn();

        String getCaption();
    }
}

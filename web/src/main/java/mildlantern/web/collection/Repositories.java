package mildlantern.web.collection;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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

        int countByCollectionAndStop(UUID collection, UUID stop);
    }

    interface Happenings extends Repository<Happening, UUID> {
        Happening save(Happening happening);

        List<Happening> findByCollectionAndPlantOrderByOnDayDesc(UUID collection, UUID plant);

        /** The latest day of each kind and plant. */
        @Query("""
                select h.plant as plant, h.kind as kind, max(h.onDay) as day
                from Happening h where h.collection = :collection and h.kind in :kinds group by h.plant, h.kind
                """)
        List<Latest> latest(UUID collection, Collection<HappeningKind> kinds);
    }

    /** The latest day on which something happened to a plant. */
    interface Latest {
        UUID getPlant();

        HappeningKind getKind();

        LocalDate getDay();
    }

    interface CareEntries extends Repository<CareEntry, UUID> {
        CareEntry save(CareEntry entry);

        List<CareEntry> findByCollectionAndPlantOrderByWrittenAtDesc(UUID collection, UUID plant);
    }

    interface Photos extends Repository<Photo, UUID> {
        Photo save(Photo photo);

        Optional<Photo> findByCollectionAndId(UUID collection, UUID id);

        /** What is needed to list photos, without their bytes. */
        @Query("""
                select p.id as id, p.takenOn as takenOn, p.caption as caption
                from Photo p where p.collection = :collection and p.plant = :plant order by p.takenOn desc
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

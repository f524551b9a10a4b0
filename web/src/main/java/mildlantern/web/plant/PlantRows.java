package mildlantern.web.plant;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.log.QuickLine;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of plants. */
interface PlantRows extends Repository<Plant, UUID> {
    Plant save(Plant plant);

    Optional<Plant> findByCollectionAndId(UUID collection, UUID id);

    List<Plant> findByCollectionOrderByPlaceOnStop(UUID collection);

    List<Plant> findByCollectionAndStopOrderByPlaceOnStop(UUID collection, UUID stop);

    List<Plant> findByCollectionAndMotherOrderByName(UUID collection, UUID mother);

    List<Plant> findByCollectionAndIdIn(UUID collection, Collection<UUID> ids);

    @Query("select coalesce(max(p.placeOnStop), -1) from Plant p where p.collection = :collection and p.stop = :stop")
    int lastPlace(UUID collection, UUID stop);

    @Query("""
            select new mildlantern.log.QuickLine$Named(p.id, p.name, coalesce(p.accession, ''))
            from Plant p where p.collection = :collection and p.state = mildlantern.web.plant.Plant$State.ALIVE
            order by p.name
            """)
    List<QuickLine.Named> names(UUID collection);

    @Query(
            "select p from Plant p where p.collection = :collection and p.acquiredOn >= :since and p.state = mildlantern.web.plant.Plant$State.ALIVE")
    List<Plant> arrivedSince(UUID collection, LocalDate since);

    boolean existsByCollectionAndAccession(UUID collection, String accession);
}

package mildlantern.web.plant;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

/** The table of plants. */
interface PlantRows extends Repository<Plant, UUID> {
    Plant save(Plant plant);

    Optional<Plant> findByCollectionAndId(CollectionId collection, UUID id);

    List<Plant> findByCollectionOrderByPlaceOnStop(CollectionId collection);

    List<Plant> findByCollectionAndStopOrderByPlaceOnStop(CollectionId collection, StopId stop);

    List<Plant> findByCollectionAndMotherOrderByName(CollectionId collection, PlantId mother);

    List<Plant> findByCollectionAndIdIn(CollectionId collection, Collection<UUID> ids);

    @Query("select coalesce(max(p.placeOnStop), -1) from Plant p where p.collection = :collection and p.stop = :stop")
    int lastPlace(CollectionId collection, StopId stop);

    @Query("""
            select new mildlantern.web.plant.NamedPlant(p.id, p.name, coalesce(p.accession, ''))
            from Plant p where p.collection = :collection and p.state = mildlantern.web.plant.Plant$State.ALIVE
            order by p.name
            """)
    List<NamedPlant> names(CollectionId collection);

    @Query(
            "select p from Plant p where p.collection = :collection and p.acquiredOn >= :since and p.state = mildlantern.web.plant.Plant$State.ALIVE")
    List<Plant> arrivedSince(CollectionId collection, LocalDate since);

    boolean existsByCollectionAndAccession(CollectionId collection, String accession);
}

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
interface PlantRows extends Repository<PlantRow, UUID> {
    PlantRow save(PlantRow plant);

    /** By key alone, so that what was read is not asked for again; whoever calls checks the collection. */
    Optional<PlantRow> findById(UUID id);

    List<PlantRow> findByCollectionOrderByPlacePlaceOnStop(CollectionId collection);

    @Query(
            "select p from PlantRow p where p.collection = :collection and p.place.stop = :stop order by p.place.placeOnStop")
    List<PlantRow> at(CollectionId collection, StopId stop);

    @Query(
            "select p from PlantRow p where p.collection = :collection and p.place.stop in :stops and p.habit.profile in :kinds")
    List<PlantRow> ofKinds(CollectionId collection, Collection<StopId> stops, Collection<String> kinds);

    List<PlantRow> findByCollectionAndMotherOrderByLabelName(CollectionId collection, PlantId mother);

    List<PlantRow> findByCollectionAndIdIn(CollectionId collection, Collection<UUID> ids);

    @Query(
            "select coalesce(max(p.place.placeOnStop), -1) from PlantRow p where p.collection = :collection and p.place.stop = :stop")
    int lastPlace(CollectionId collection, StopId stop);

    @Query("""
            select new mildlantern.web.plant.NamedPlant(p.id, p.label.name, coalesce(p.label.accession, ''))
            from PlantRow p where p.collection = :collection and p.ending.state = mildlantern.web.plant.Plant$State.ALIVE
            order by p.label.name
            """)
    List<NamedPlant> names(CollectionId collection);

    @Query(
            "select p from PlantRow p where p.collection = :collection and p.habit.acquiredOn >= :since and p.ending.state = mildlantern.web.plant.Plant$State.ALIVE")
    List<PlantRow> arrivedSince(CollectionId collection, LocalDate since);

    @Query(nativeQuery = true, value = """
            select id from plant where collection_id = :collection and id in (:some) order by id for no key update
            """)
    List<UUID> lock(UUID collection, Collection<UUID> some);

    boolean existsByCollectionAndLabelAccession(CollectionId collection, String accession);
}

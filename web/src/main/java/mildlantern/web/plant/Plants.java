package mildlantern.web.plant;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mildlantern.log.QuickLine;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The plants of a collection as they are now. */
@Service
@Transactional(readOnly = true)
public class Plants {
    private final PlantRows plants;
    private final Kinds kinds;

    Plants(PlantRows plants, Kinds kinds) {
        this.plants = plants;
        this.kinds = kinds;
    }

    /** All plants that are kept, in the order in which they stand at their stops. */
    public List<Plant> plants(CollectionId collection) {
        return all(collection).stream().filter(Plant::alive).toList();
    }

    /** All plants that are or were kept. */
    public List<Plant> all(CollectionId collection) {
        return plants.findByCollectionOrderByPlaceOnStop(collection);
    }

    /** Living plants that came into the collection on a day or later. */
    public List<Plant> arrivedSince(CollectionId collection, LocalDate since) {
        return plants.arrivedSince(collection, since);
    }

    /** The plants that stand at a stop, in their order. */
    public List<Plant> plantsAt(CollectionId collection, StopId stop) {
        return plants.findByCollectionAndStopOrderByPlaceOnStop(collection, stop).stream()
                .filter(Plant::alive)
                .toList();
    }

    /** Some plants by their ids, in no order; those of other collections are left out. */
    public List<Plant> plants(CollectionId collection, Collection<PlantId> ids) {
        return ids.isEmpty()
                ? List.of()
                : plants.findByCollectionAndIdIn(
                        collection, ids.stream().map(PlantId::value).toList());
    }

    /** The names of all plants that are kept, with their accession numbers. */
    public List<QuickLine.Named<PlantId>> names(CollectionId collection) {
        return plants.names(collection).stream().map(NamedPlant::named).toList();
    }

    /** What came of a plant by splitting or from a cutting. */
    public List<Plant> offspring(Plant plant) {
        return plants.findByCollectionAndMotherOrderByName(plant.collection(), plant.id());
    }

    public Optional<Plant> find(CollectionId collection, PlantId id) {
        return plants.findByCollectionAndId(collection, id.value());
    }

    /**
     * @throws NotHere if the collection has no such plant
     */
    public Plant plant(CollectionId collection, PlantId id) {
        return find(collection, id).orElseThrow(() -> new NotHere("plant"));
    }

    /** The kind that a plant is of. */
    public Profile profile(Plant plant) {
        return kinds.find(plant.collection(), plant.profile())
                .orElseThrow(() -> new IllegalStateException(plant.profile()));
    }

    /** Where a new plant would stand. */
    public int nextPlace(CollectionId collection, StopId stop) {
        return plants.lastPlace(collection, stop) + 1;
    }

    /** Whether another plant carries this accession number already. */
    public boolean taken(CollectionId collection, String accession, Optional<Plant> by) {
        return plants.existsByCollectionAndAccession(collection, accession)
                && by.filter(plant -> accession.equals(plant.accession())).isEmpty();
    }

    /** Stores a plant, within a piece of writing of the routine, which works out what follows. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Plant store(Plant plant) {
        return plants.save(plant);
    }
}

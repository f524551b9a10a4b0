package mildlantern.web.plant;

import jakarta.persistence.EntityManager;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import mildlantern.log.QuickLine;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.NotHere;
import org.hibernate.engine.spi.SharedSessionContractImplementor;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The plants of a collection as they are now. */
@Service
@Transactional(readOnly = true)
public class Plants {
    private final PlantRows plants;
    private final Kinds kinds;
    private final EntityManager entities;

    Plants(PlantRows plants, Kinds kinds, EntityManager entities) {
        this.plants = plants;
        this.entities = entities;
        this.kinds = kinds;
    }

    /** All plants that are kept, in the order in which they stand at their stops. */
    public List<Plant> plants(CollectionId collection) {
        return all(collection).stream().filter(Plant::alive).toList();
    }

    /** All plants that are or were kept. */
    public List<Plant> all(CollectionId collection) {
        return plants(plants.findByCollectionOrderByPlacePlaceOnStop(collection));
    }

    /** Living plants that came into the collection on a day or later. */
    public List<Plant> arrivedSince(CollectionId collection, LocalDate since) {
        return plants(plants.arrivedSince(collection, since));
    }

    /** The plants that stand at a stop, in their order. */
    public List<Plant> plantsAt(CollectionId collection, StopId stop) {
        return plants(plants.at(collection, stop)).stream().filter(Plant::alive).toList();
    }

    /** The plants of some kinds that stand at some stops, in no order. */
    public List<Plant> plantsOf(CollectionId collection, Collection<StopId> stops, Predicate<Profile> those) {
        List<String> ids =
                kinds.all(collection).stream().filter(those).map(Profile::id).toList();
        return stops.isEmpty() || ids.isEmpty()
                ? List.of()
                : plants(plants.ofKinds(collection, stops, ids)).stream()
                        .filter(Plant::alive)
                        .toList();
    }

    /** Some plants by their ids, in no order; those of other collections are left out. */
    public List<Plant> plants(CollectionId collection, Collection<PlantId> ids) {
        return ids.isEmpty()
                ? List.of()
                : plants(plants.findByCollectionAndIdIn(
                        collection, ids.stream().map(PlantId::value).toList()));
    }

    /** The names of all plants that are kept, with their accession numbers. */
    public List<QuickLine.Named<PlantId>> names(CollectionId collection) {
        return plants.names(collection).stream().map(NamedPlant::named).toList();
    }

    /** What came of a plant by splitting or from a cutting. */
    public List<Plant> offspring(Plant plant) {
        return plants(plants.findByCollectionAndMotherOrderByLabelName(plant.collection(), plant.id()));
    }

    public Optional<Plant> find(CollectionId collection, PlantId id) {
        return plants.findById(id.value())
                .filter(row -> row.collection().equals(collection))
                .map(PlantRow::plant);
    }

    /**
     * @throws NotHere if the collection has no such plant
     */
    public Plant plant(CollectionId collection, PlantId id) {
        return find(collection, id).orElseThrow(() -> new NotHere("plant"));
    }

    /** A kind by its id, the collection's own ones too. */
    public Optional<Profile> kind(CollectionId collection, String id) {
        return kinds.find(collection, id);
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
        return plants.existsByCollectionAndLabelAccession(collection, accession)
                && by.filter(plant -> accession.equals(plant.accession())).isEmpty();
    }

    /** Stores a plant, within a piece of writing of the routine, which works out what follows. */
    @Transactional(propagation = Propagation.MANDATORY)
    public Plant store(Plant plant) {
        return plants.save(plants.findById(plant.id().value())
                        .map(row -> row.take(plant))
                        .orElseGet(() -> new PlantRow(plant)))
                .plant();
    }

    /**
     * Locks some plants until the transaction ends, in the order of their ids. What the transaction read of them before is read anew, as it
     * may be out of date. Rows that only refer to a plant may still come in; whoever changes one waits.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void lock(CollectionId collection, Collection<PlantId> some) {
        List<PlantRow> read =
                some.stream().flatMap(id -> alreadyRead(id).stream()).toList();
        if (!read.isEmpty()) {
            entities.flush();
        }
        plants.lock(collection.value(), some.stream().map(PlantId::value).toList());
        read.forEach(entities::refresh);
    }

    private Optional<PlantRow> alreadyRead(PlantId id) {
        SharedSessionContractImplementor session = entities.unwrap(SharedSessionContractImplementor.class);
        return Optional.ofNullable((PlantRow) session.getPersistenceContext()
                .getEntity(session.generateEntityKey(
                        id.value(), session.getFactory().getMappingMetamodel().getEntityDescriptor(PlantRow.class))));
    }

    private static List<Plant> plants(List<PlantRow> rows) {
        return rows.stream().map(PlantRow::plant).toList();
    }
}

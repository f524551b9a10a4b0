package mildlantern.web.propagation;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.repository.Repository;

/** The table of plants that were made of others. */
interface Rootings extends Repository<Rooting, UUID> {
    Rooting save(Rooting rooting);

    List<Rooting> findByCollectionOrderByMadeOn(CollectionId collection);

    Optional<Rooting> findByCollectionAndPlant(CollectionId collection, PlantId plant);
}

package mildlantern.web.care;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.care.Change;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.repository.Repository;

/** The table of accepted changes. */
interface CareChangeRows extends Repository<CareChange, UUID> {
    CareChange save(CareChange change);

    void flush();

    Optional<CareChange> findByCollectionAndPlantAndPlan(CollectionId collection, PlantId plant, BatchId plan);

    List<CareChange> findByCollectionAndPlantOrderByBeganOnDesc(CollectionId collection, PlantId plant);

    List<CareChange> findByCollectionAndStateOrderByBeganOnDesc(CollectionId collection, CareChange.State state);

    List<CareChange> findByCollectionAndPlantKindAndKindAndState(
            CollectionId collection, String plantKind, Change.Kind kind, CareChange.State state);
}

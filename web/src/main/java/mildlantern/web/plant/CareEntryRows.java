package mildlantern.web.plant;

import java.util.List;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.repository.Repository;

/** The table of care sheets' lines. */
interface CareEntryRows extends Repository<CareEntry, UUID> {
    CareEntry save(CareEntry entry);

    List<CareEntry> findByCollectionAndPlantOrderByWrittenAtDesc(CollectionId collection, PlantId plant);
}

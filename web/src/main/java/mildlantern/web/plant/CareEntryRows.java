package mildlantern.web.plant;

import java.util.List;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CollectionId;
import org.springframework.data.repository.Repository;

/** The table of care sheets' lines. */
interface CareEntryRows extends Repository<CareEntryRow, UUID> {
    CareEntryRow save(CareEntryRow entry);

    List<CareEntryRow> findByCollectionAndPlantOrderByWrittenAtDesc(CollectionId collection, PlantId plant);
}

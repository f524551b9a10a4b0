package mildlantern.web.plant;

import java.util.UUID;
import mildlantern.log.QuickLine;
import mildlantern.plant.PlantId;

/** What a plant is called, with its accession number. */
record NamedPlant(UUID id, String name, String also) {
    QuickLine.Named<PlantId> named() {
        return new QuickLine.Named<>(new PlantId(id), name, also);
    }
}

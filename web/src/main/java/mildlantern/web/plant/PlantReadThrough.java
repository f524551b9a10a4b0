package mildlantern.web.plant;

import mildlantern.plant.PlantKnowledge;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import org.springframework.stereotype.Component;

/** Plants, kinds and care sheets, read as their pages read them. */
@Component
class PlantReadThrough implements ReadThrough {
    private final RowsOf rows;
    private final PlantKnowledge knowledge;
    private final Kinds kinds;

    PlantReadThrough(RowsOf rows, PlantKnowledge knowledge, Kinds kinds) {
        this.rows = rows;
        this.knowledge = knowledge;
        this.kinds = kinds;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(
                OwnKind.class,
                collection,
                kind -> RowsOf.require(knowledge.profile(kind.nearest()).isPresent(), kind.nearest(), "kind of plant"));
        rows.each(PlantRow.class, collection, row -> {
            Plant plant = row.plant();
            RowsOf.require(
                    kinds.find(collection, plant.profile()).isPresent(),
                    String.valueOf(plant.profile()),
                    "kind of plant");
            RowsOf.require(
                    plant.medium() == null || knowledge.medium(plant.medium()).isPresent(),
                    String.valueOf(plant.medium()),
                    "medium");
        });
        rows.each(CareEntryRow.class, collection, CareEntryRow::entry);
    }
}

package mildlantern.web.routine;

import mildlantern.plant.PlantKnowledge;
import mildlantern.web.log.LogRow;
import mildlantern.web.log.LogWords;
import mildlantern.web.log.PlantState;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.Kinds;
import mildlantern.web.plant.OwnKind;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.platform.RowsOf;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopReading;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Stops, plants and the log, read as their pages read them. */
@Component
class RecordReadThrough implements ReadThrough {
    private final RowsOf rows;
    private final PlantKnowledge knowledge;
    private final Kinds kinds;
    private final JsonMapper json;

    RecordReadThrough(RowsOf rows, PlantKnowledge knowledge, Kinds kinds, JsonMapper json) {
        this.rows = rows;
        this.knowledge = knowledge;
        this.kinds = kinds;
        this.json = json;
    }

    @Override
    public void readThrough(CollectionId collection) {
        rows.each(Stop.class, collection, Stop::near);
        rows.each(StopReading.class, collection, StopReading::origin);
        rows.each(
                OwnKind.class,
                collection,
                kind -> RowsOf.require(knowledge.profile(kind.nearest()).isPresent(), kind.nearest(), "kind of plant"));
        rows.each(Plant.class, collection, plant -> {
            RowsOf.require(
                    kinds.find(collection, plant.profile()).isPresent(),
                    String.valueOf(plant.profile()),
                    "kind of plant");
            medium(plant.medium());
        });
        rows.each(LogRow.class, collection, row -> {
            medium(row.medium());
            LogWords.said(row);
            row.entry();
            if (row.beforeState() != null) {
                json.readValue(row.beforeState(), PlantState.class);
            }
        });
        rows.each(CareEntry.class, collection, CareEntry::setting);
    }

    private void medium(@Nullable String medium) {
        RowsOf.require(medium == null || knowledge.medium(medium).isPresent(), String.valueOf(medium), "medium");
    }
}

package mildlantern.web.feeding;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import mildlantern.nutrition.WaterAnalysis;
import mildlantern.nutrition.Waters;
import mildlantern.plant.WaterSource;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.HouseWaters;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The waters of a house: the grower's own analysis where there is one, a usual one otherwise. */
@Service
@Transactional(readOnly = true)
public class OwnWaters implements HouseWaters {
    private final FeedingRows.Waters rows;
    private final Waters waters;

    OwnWaters(FeedingRows.Waters rows, Waters waters) {
        this.rows = rows;
        this.waters = waters;
    }

    /** What each water of this house holds. */
    public Map<WaterSource, WaterAnalysis> analyses(CollectionId collection) {
        Map<WaterSource, WaterAnalysis> analyses = new EnumMap<>(WaterSource.class);
        for (WaterSource source : WaterSource.values()) {
            analyses.put(source, waters.typical(source));
        }
        rows.findByCollection(collection).forEach(water -> analyses.put(water.source(), water.analysis()));
        return analyses;
    }

    @Override
    public Map<WaterSource, Double> dissolved(CollectionId collection) {
        Map<WaterSource, Double> dissolved = new EnumMap<>(WaterSource.class);
        rows.findByCollection(collection)
                .forEach(water -> dissolved.put(water.source(), waters.dissolvedMg(water.analysis())));
        return dissolved;
    }

    /** The days on which waters of this house were analysed. */
    Map<WaterSource, LocalDate> analysed(CollectionId collection) {
        Map<WaterSource, LocalDate> days = new EnumMap<>(WaterSource.class);
        rows.findByCollection(collection).forEach(water -> days.put(water.source(), water.readOn()));
        return days;
    }

    /** Keeps an analysis; a later one takes the place of an earlier one. */
    @Transactional
    void keep(
            CollectionId collection,
            WaterSource source,
            double conductivity,
            @Nullable Double hardness,
            @Nullable Double alkalinity,
            @Nullable Double sodium,
            LocalDate day) {
        rows.save(rows.findByCollectionAndSource(collection, source)
                .orElseGet(() -> new OwnWater(collection, source))
                .holds(conductivity, hardness, alkalinity, sodium, day));
    }
}

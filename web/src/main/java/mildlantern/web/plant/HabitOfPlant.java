package mildlantern.web.plant;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.water.LeafClass;
import org.jspecify.annotations.Nullable;

/**
 * What a plant is and how it is kept; null is not known.
 *
 * @param profile id of its kind
 * @param form how it is drawn, where that differs from its kind
 * @param overTop whether water is poured over its leaves
 * @param acquiredOn when it came
 * @param bloomSince since when it blooms
 */
@Embeddable
public record HabitOfPlant(
        String profile,
        @Enumerated(EnumType.STRING) @Nullable GrowthForm form,
        @Enumerated(EnumType.STRING) Stage stage,
        @Enumerated(EnumType.STRING) LeafClass leafClass,
        @Enumerated(EnumType.STRING) @Nullable WaterSource waterSource,
        @Enumerated(EnumType.STRING) @Nullable FeedStrength feedStrength,
        @Nullable Boolean overTop,
        @Nullable LocalDate acquiredOn,
        @Nullable LocalDate bloomSince) {
    static HabitOfPlant of(String profile) {
        return new HabitOfPlant(profile, null, Stage.ADULT, LeafClass.USUAL, null, null, null, null, null);
    }

    HabitOfPlant ofKind(String kind, @Nullable GrowthForm drawn) {
        return new HabitOfPlant(
                kind, drawn, stage, leafClass, waterSource, feedStrength, overTop, acquiredOn, bloomSince);
    }

    HabitOfPlant grown(Stage now, LeafClass leaf) {
        return new HabitOfPlant(profile, form, now, leaf, waterSource, feedStrength, overTop, acquiredOn, bloomSince);
    }

    HabitOfPlant kept(@Nullable WaterSource water, @Nullable FeedStrength feed, @Nullable Boolean over) {
        return new HabitOfPlant(profile, form, stage, leafClass, water, feed, over, acquiredOn, bloomSince);
    }

    HabitOfPlant since(@Nullable LocalDate came, @Nullable LocalDate bloom) {
        return new HabitOfPlant(profile, form, stage, leafClass, waterSource, feedStrength, overTop, came, bloom);
    }
}

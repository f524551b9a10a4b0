package mildlantern.web.plant;

import java.time.LocalDate;
import mildlantern.place.StopId;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.PotKind;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.water.LeafClass;
import org.jspecify.annotations.Nullable;

/** What can be asked of a plant without naming the part of it that knows; what each means stands at the part. */
public interface PlantParts {
    PlaceOfPlant place();

    LabelOfPlant label();

    HabitOfPlant habit();

    Pot pot();

    Counts counts();

    EndOfPlant ending();

    default String name() {
        return label().name();
    }

    default @Nullable String cultivar() {
        return label().cultivar();
    }

    default @Nullable String accession() {
        return label().accession();
    }

    default @Nullable String source() {
        return label().source();
    }

    default StopId stop() {
        return place().stop();
    }

    default int placeOnStop() {
        return place().placeOnStop();
    }

    default @Nullable Double planX() {
        return place().planX();
    }

    default @Nullable Double planY() {
        return place().planY();
    }

    default String profile() {
        return habit().profile();
    }

    default @Nullable GrowthForm form() {
        return habit().form();
    }

    default Stage stage() {
        return habit().stage();
    }

    default LeafClass leafClass() {
        return habit().leafClass();
    }

    default @Nullable WaterSource waterSource() {
        return habit().waterSource();
    }

    default @Nullable FeedStrength feedStrength() {
        return habit().feedStrength();
    }

    default @Nullable Boolean overTop() {
        return habit().overTop();
    }

    default @Nullable LocalDate acquiredOn() {
        return habit().acquiredOn();
    }

    default @Nullable LocalDate bloomSince() {
        return habit().bloomSince();
    }

    default PotKind potKind() {
        return pot().potKind();
    }

    default @Nullable Double potDiameterCm() {
        return pot().potDiameterCm();
    }

    default @Nullable Double potHeightCm() {
        return pot().potHeightCm();
    }

    default double reservoirMl() {
        return pot().reservoirMl();
    }

    default @Nullable String medium() {
        return pot().medium();
    }

    default @Nullable LocalDate pottedOn() {
        return pot().pottedOn();
    }

    default @Nullable LocalDate mediumSince() {
        return pot().mediumSince();
    }

    default @Nullable Boolean outerPot() {
        return pot().outerPot();
    }

    default @Nullable Boolean drainHoles() {
        return pot().drainHoles();
    }

    default @Nullable Integer wetGrams() {
        return pot().wetGrams();
    }

    default @Nullable Integer dryGrams() {
        return pot().dryGrams();
    }

    default int leaves() {
        return counts().leaves();
    }

    default int growths() {
        return counts().growths();
    }

    default int offsets() {
        return counts().offsets();
    }

    default int flowers() {
        return counts().flowers();
    }

    default int buds() {
        return counts().buds();
    }

    default Plant.State state() {
        return ending().state();
    }

    default @Nullable LocalDate endedOn() {
        return ending().endedOn();
    }

    default @Nullable String endedCause() {
        return ending().endedCause();
    }
}

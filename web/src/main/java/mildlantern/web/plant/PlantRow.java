package mildlantern.web.plant;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A plant as it is stored. */
@Entity
@Table(name = "plant")
@NullUnmarked
class PlantRow extends Row {
    @Embedded
    private PlaceOfPlant place;

    @Embedded
    private LabelOfPlant label;

    @Embedded
    private HabitOfPlant habit;

    @Embedded
    private Pot pot;

    @Embedded
    private Counts counts;

    @Embedded
    private EndOfPlant ending;

    @Column(name = "mother_id")
    private PlantId mother;

    private PlantId drawnFrom;

    @Version
    private Long version;

    protected PlantRow() {}

    PlantRow(Plant plant) {
        super(plant.id().value(), plant.collection());
        take(plant);
    }

    /** Becomes what the plant is now. */
    PlantRow take(Plant plant) {
        place = plant.place();
        label = plant.label();
        habit = plant.habit();
        pot = plant.pot();
        counts = plant.counts();
        ending = plant.ending();
        mother = plant.mother();
        drawnFrom = plant.drawnFrom().equals(plant.id()) ? null : plant.drawnFrom();
        return this;
    }

    Plant plant() {
        PlantId id = new PlantId(key());
        return new Plant(
                id,
                collection(),
                version == null ? 0 : version,
                place,
                label,
                habit,
                pot,
                counts,
                ending,
                mother,
                drawnFrom == null ? id : drawnFrom);
    }
}

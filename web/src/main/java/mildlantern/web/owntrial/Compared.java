package mildlantern.web.owntrial;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A plant in a trial of one's own, and what was measured of it. */
@Entity
@Table(name = "own_trial_plant")
@NullUnmarked
class Compared extends Row {
    @Column(name = "trial_id", updatable = false)
    private UUID trial;

    @Column(name = "plant_id", updatable = false)
    private PlantId plant;

    @Column(name = "in_b", updatable = false)
    private boolean inB;

    @Column(updatable = false)
    private double atStart;

    private Double atEnd;

    protected Compared() {}

    Compared(OwnTrial trial, PlantId plant, boolean inB, double atStart) {
        super(UUID.randomUUID(), trial.collection());
        this.trial = trial.id();
        this.plant = plant;
        this.inB = inB;
        this.atStart = atStart;
    }

    void ends(double measured) {
        atEnd = measured;
    }

    UUID trial() {
        return trial;
    }

    PlantId plant() {
        return plant;
    }

    boolean inB() {
        return inB;
    }

    double atStart() {
        return atStart;
    }

    Optional<Double> atEnd() {
        return Optional.ofNullable(atEnd);
    }
}

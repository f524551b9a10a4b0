package mildlantern.web.away;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A day on which somebody waters a plant. */
@Entity
@Table(name = "absence_visit")
@NullUnmarked
class HelperVisit extends Row {
    @Column(name = "absence_id", updatable = false)
    private UUID absence;

    @Column(name = "plant_id", updatable = false)
    private PlantId plant;

    @Column(updatable = false)
    private LocalDate onDay;

    @Column(updatable = false)
    private int ml;

    protected HelperVisit() {}

    HelperVisit(Absence absence, LocalDate onDay, PlantId plant, int ml) {
        super(UUID.randomUUID(), absence.collection());
        this.absence = absence.key();
        this.onDay = onDay;
        this.plant = plant;
        this.ml = ml;
    }

    LocalDate onDay() {
        return onDay;
    }

    PlantId plant() {
        return plant;
    }

    int ml() {
        return ml;
    }
}

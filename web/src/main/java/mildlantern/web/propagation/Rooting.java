package mildlantern.web.propagation;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.propagation.Way;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A plant that was made of another one, and whether it grew on. */
@Entity
@Table(name = "rooting")
@NullUnmarked
class Rooting extends Row {
    /** Whether it grew on. */
    enum Outcome {
        ROOTED,
        FAILED
    }

    @Column(name = "plant_id", updatable = false)
    private PlantId plant;

    @Enumerated(EnumType.STRING)
    @Column(updatable = false)
    private Way way;

    @Column(updatable = false)
    private LocalDate madeOn;

    @Enumerated(EnumType.STRING)
    private Outcome outcome;

    private LocalDate outcomeOn;

    protected Rooting() {}

    Rooting(Plant plant, Way way, LocalDate madeOn) {
        super(UUID.randomUUID(), plant.collection());
        this.plant = plant.id();
        this.way = way;
        this.madeOn = madeOn;
    }

    void ends(Outcome how, LocalDate day) {
        outcome = how;
        outcomeOn = day;
    }

    PlantId plant() {
        return plant;
    }

    Way way() {
        return way;
    }

    LocalDate madeOn() {
        return madeOn;
    }

    Optional<Outcome> outcome() {
        return Optional.ofNullable(outcome);
    }
}

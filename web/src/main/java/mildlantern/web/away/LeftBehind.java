package mildlantern.web.away;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.away.AwayPlan;
import mildlantern.away.Measure;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** What is planned for a plant while its grower is away. */
@Entity
@Table(name = "absence_plant")
@NullUnmarked
class LeftBehind extends Row {
    @Column(name = "absence_id", updatable = false)
    private UUID absence;

    @Column(name = "plant_id", updatable = false)
    private PlantId plant;

    private LocalDate wantsFrom;
    private LocalDate wantsOn;
    private double harm;

    @Enumerated(EnumType.STRING)
    private Measure measure;

    private boolean helped;
    private int reservoirMl;
    private double harmLeft;

    protected LeftBehind() {}

    LeftBehind(Absence absence, AwayPlan.Line line) {
        super(UUID.randomUUID(), absence.collection());
        this.absence = absence.key();
        this.plant = line.plant();
        this.wantsFrom = line.wantsFrom();
        this.wantsOn = line.wantsOn();
        this.harm = line.harmAsItIs();
        this.measure = line.measure();
        this.helped = line.helped();
        this.reservoirMl = line.reservoirMl();
        this.harmLeft = line.harm();
    }

    AwayPlan.Line line() {
        return new AwayPlan.Line(plant, wantsFrom, wantsOn, harm, measure, helped, reservoirMl, harmLeft);
    }
}

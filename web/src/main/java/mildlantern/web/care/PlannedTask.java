package mildlantern.web.care;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import mildlantern.care.StepPlanner;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** Something that is to be done with one plant on a day: a step towards another stop, or a look whether a change of care helped. */
@Entity
@Table(name = "errand")
@NullUnmarked
class PlannedTask extends Row {
    /** Sorts of errand. */
    enum Kind {
        MOVE,
        LOOK
    }

    /** What became of it. */
    enum State {
        PLANNED,
        DONE,
        DROPPED
    }

    @Column(name = "plant_id", updatable = false)
    private UUID plant;

    @Column(updatable = false)
    private UUID plan;

    @Enumerated(EnumType.STRING)
    private Kind kind;

    private LocalDate onDay;
    private UUID toStop;
    private String shade = "";
    private String words;
    private Double lightRatio;
    private Double warmthStep;

    @Enumerated(EnumType.STRING)
    private State state = State.PLANNED;

    private LocalDate doneOn;

    @Column(updatable = false)
    private int step;

    @Column(updatable = false)
    private boolean lastStep;

    protected PlannedTask() {}

    private PlannedTask(Plant plant, UUID plan, Kind kind, LocalDate onDay, String words) {
        super(UUID.randomUUID(), plant.collection());
        this.plant = plant.id();
        this.plan = plan;
        this.kind = kind;
        this.onDay = onDay;
        this.words = words;
    }

    /**
     * A step of a plan.
     *
     * @param number of the step, from 1
     * @param last whether the plan ends with it
     */
    static PlannedTask move(Plant plant, UUID plan, StepPlanner.Step step, int number, boolean last) {
        PlannedTask errand = new PlannedTask(plant, plan, Kind.MOVE, step.on(), step.words());
        errand.step = number;
        errand.lastStep = last;
        errand.toStop = step.stop().id();
        errand.shade = step.shade();
        errand.lightRatio = step.lightRatio();
        errand.warmthStep = step.warmthStep();
        return errand;
    }

    /** A look on a day. */
    static PlannedTask look(Plant plant, UUID plan, LocalDate onDay, String words) {
        return new PlannedTask(plant, plan, Kind.LOOK, onDay, words);
    }

    void done(LocalDate day) {
        state = State.DONE;
        doneOn = day;
    }

    void drop() {
        state = State.DROPPED;
    }

    /** Puts a planned step off: the days between steps are kept. */
    void later(long days) {
        onDay = onDay.plusDays(days);
    }

    UUID plant() {
        return plant;
    }

    UUID plan() {
        return plan;
    }

    Kind kind() {
        return kind;
    }

    LocalDate onDay() {
        return onDay;
    }

    Optional<UUID> toStop() {
        return Optional.ofNullable(toStop);
    }

    String shade() {
        return shade;
    }

    String words() {
        return words;
    }

    State state() {
        return state;
    }
}

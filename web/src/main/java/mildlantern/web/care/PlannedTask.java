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
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.Row;
import mildlantern.web.platform.TaskId;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.NullUnmarked;

/** Something that is to be done with one plant on a day: a step towards another stop, or a look whether a change of care helped. */
@Entity
@Table(name = "errand")
@NullUnmarked
class PlannedTask extends Row {
    /** Sorts of task. */
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
    private PlantId plant;

    @Column(updatable = false)
    private BatchId plan;

    @Enumerated(EnumType.STRING)
    private Kind kind;

    private LocalDate onDay;
    private StopId toStop;
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

    private PlannedTask(Plant plant, BatchId plan, Kind kind, LocalDate onDay, String words) {
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
    static PlannedTask move(Plant plant, BatchId plan, StepPlanner.Step step, int number, boolean last) {
        PlannedTask task = new PlannedTask(plant, plan, Kind.MOVE, step.on(), Wording.of(step.words()));
        task.step = number;
        task.lastStep = last;
        task.toStop = step.stop().id();
        task.shade = step.shade();
        task.lightRatio = step.lightRatio();
        task.warmthStep = step.warmthStep();
        return task;
    }

    /** A look on a day. */
    static PlannedTask look(Plant plant, BatchId plan, LocalDate onDay, String words) {
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

    PlantId plant() {
        return plant;
    }

    BatchId plan() {
        return plan;
    }

    Kind kind() {
        return kind;
    }

    LocalDate onDay() {
        return onDay;
    }

    Optional<StopId> toStop() {
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

    public TaskId id() {
        return new TaskId(key());
    }
}

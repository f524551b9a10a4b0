package mildlantern.web.task;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import mildlantern.handwork.Errand;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Row;
import mildlantern.web.platform.TaskId;
import org.jspecify.annotations.NullUnmarked;
import org.jspecify.annotations.Nullable;

/** A task of a plant with its day, or an errand that was done. */
@Entity
@Table(name = "hand_task")
@NullUnmarked
class HandTaskRow extends Row {
    /** What became of it. */
    enum State {
        PLANNED,
        DONE,
        DROPPED
    }

    @Column(name = "plant_id", updatable = false)
    private PlantId plant;

    @Enumerated(EnumType.STRING)
    @Column(updatable = false)
    private HandTask what;

    @Enumerated(EnumType.STRING)
    @Column(updatable = false)
    private Errand errand;

    @Column(updatable = false)
    private BatchId batch;

    private LocalDate onDay;
    private Integer everyDays;
    private LocalDate lastDay;

    @Enumerated(EnumType.STRING)
    private State state = State.PLANNED;

    private LocalDate doneOn;

    protected HandTaskRow() {}

    private HandTaskRow(CollectionId collection, PlantId plant, BatchId batch, LocalDate onDay) {
        super(UUID.randomUUID(), collection);
        this.plant = plant;
        this.batch = batch;
        this.onDay = onDay;
    }

    static HandTaskRow task(CollectionId collection, PlantId plant, HandTask what, LocalDate onDay, BatchId batch) {
        HandTaskRow row = new HandTaskRow(collection, plant, batch, onDay);
        row.what = what;
        return row;
    }

    static HandTaskRow errandDone(CollectionId collection, @Nullable PlantId plant, Errand errand, LocalDate day) {
        HandTaskRow row = new HandTaskRow(collection, plant, BatchId.fresh(), day);
        row.errand = errand;
        row.done(day);
        return row;
    }

    HandTaskRow every(int days, LocalDate last) {
        everyDays = days;
        lastDay = last;
        return this;
    }

    void done(LocalDate day) {
        state = State.DONE;
        doneOn = day;
    }

    void drop() {
        state = State.DROPPED;
    }

    /** The same once more, where it comes again and its last day is not over. */
    Optional<HandTaskRow> next(LocalDate day) {
        if (everyDays == null || lastDay == null || day.plusDays(everyDays).isAfter(lastDay)) {
            return Optional.empty();
        }
        return Optional.of(
                task(collection(), plant, what, day.plusDays(everyDays), batch).every(everyDays, lastDay));
    }

    Optional<PlantId> plant() {
        return Optional.ofNullable(plant);
    }

    HandTask what() {
        return what;
    }

    Errand errand() {
        return errand;
    }

    BatchId batch() {
        return batch;
    }

    LocalDate onDay() {
        return onDay;
    }

    LocalDate doneOn() {
        return doneOn;
    }

    State state() {
        return state;
    }

    public TaskId id() {
        return new TaskId(key());
    }
}

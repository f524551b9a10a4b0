package mildlantern.web.treatment;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import mildlantern.message.MessageKey;
import mildlantern.treatment.Course;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.Row;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.NullUnmarked;

/** One step of a course: planned, and then what became of it. */
@Entity
@Table(name = "course_step")
@NullUnmarked
class StoredStep extends Row {
    /** What became of a step. */
    enum State implements MessageKey {
        PLANNED,
        DONE,
        MISSED,
        RAINED_OFF;

        public String words() {
            return Wording.of(this);
        }
    }

    @Column(name = "course_id", updatable = false)
    private CourseId course;

    private LocalDate onDay;

    @Enumerated(EnumType.STRING)
    private Course.Phase phase;

    private String means;
    private String wash;

    @Enumerated(EnumType.STRING)
    private Course.LookFor look;

    private Integer counted;

    @Enumerated(EnumType.STRING)
    private State state = State.PLANNED;

    private LocalDate doneOn;
    private BatchId batch;

    protected StoredStep() {}

    StoredStep(StoredCourse course, Course.Step step) {
        super(UUID.randomUUID(), course.collection());
        this.course = course.id();
        this.onDay = step.on();
        this.phase = step.phase();
        this.means = step.means().orElse(null);
        this.wash = step.wash().orElse(null);
        this.look = step.look().orElse(null);
    }

    /** Says what became of it. */
    void became(State how, LocalDate day, BatchId entries) {
        state = how;
        doneOn = how == State.DONE ? day : null;
        batch = entries;
    }

    /** Says how many were counted at a look. */
    void counted(Integer number) {
        counted = number;
    }

    /** How many were counted at a look; null where nobody counted. */
    Integer counted() {
        return counted;
    }

    Course.LookFor look() {
        return look;
    }

    /** The same on the day on which it was really done. */
    Course.Step done() {
        Course.Step step = step();
        return new Course.Step(doneOn == null ? onDay : doneOn, step.phase(), step.means(), step.wash(), step.look());
    }

    Course.Step step() {
        return new Course.Step(
                onDay, phase, Optional.ofNullable(means), Optional.ofNullable(wash), Optional.ofNullable(look));
    }

    CourseId course() {
        return course;
    }

    LocalDate onDay() {
        return onDay;
    }

    Course.Phase phase() {
        return phase;
    }

    String means() {
        return means;
    }

    State state() {
        return state;
    }

    LocalDate doneOn() {
        return doneOn;
    }

    BatchId batch() {
        return batch;
    }

    boolean uses() {
        return means != null && phase != Course.Phase.TEST;
    }

    public StepId id() {
        return new StepId(key());
    }
}

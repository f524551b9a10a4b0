package mildlantern.web.houseplan;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import mildlantern.place.StopId;
import mildlantern.web.platform.Row;
import mildlantern.web.platform.TaskId;
import org.jspecify.annotations.NullUnmarked;

/** Something that an accepted plan sets up at a stop or in its room. */
@Entity
@Table(name = "setup_task")
@NullUnmarked
class SetupTask extends Row {
    /** What became of it. */
    enum State {
        PLANNED,
        DONE,
        DROPPED
    }

    @Column(name = "stop_id", updatable = false)
    private StopId stop;

    @Enumerated(EnumType.STRING)
    @Column(updatable = false)
    private Setup.What what;

    private double amount;
    private String words;
    private LocalDate plannedOn;

    @Enumerated(EnumType.STRING)
    private State state = State.PLANNED;

    private LocalDate doneOn;

    protected SetupTask() {}

    TaskId id() {
        return new TaskId(key());
    }

    Setup setup() {
        return new Setup(stop, what, amount);
    }

    String words() {
        return words;
    }

    State state() {
        return state;
    }

    Optional<LocalDate> doneOn() {
        return Optional.ofNullable(doneOn);
    }

    void done(LocalDate day) {
        state = State.DONE;
        doneOn = day;
    }

    void drop() {
        state = State.DROPPED;
    }
}

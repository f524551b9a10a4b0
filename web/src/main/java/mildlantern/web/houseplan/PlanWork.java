package mildlantern.web.houseplan;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.web.platform.Maybe;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A plan for a large house, which is made while nobody waits for it; the last one of each collection. */
@Entity
@Table(name = "plan_work")
@NullUnmarked
class PlanWork extends Row {
    /** How far it is. */
    enum State {
        WAITING,
        RUNNING,
        DONE,
        FAILED
    }

    private String asked;

    @Enumerated(EnumType.STRING)
    private State state;

    private OffsetDateTime askedAt;
    private Double within;

    private String found;

    protected PlanWork() {}

    String asked() {
        return asked;
    }

    State state() {
        return state;
    }

    OptionalDouble within() {
        return Maybe.number(within);
    }

    Optional<String> found() {
        return Optional.ofNullable(found);
    }

    boolean open() {
        return state == State.WAITING || state == State.RUNNING;
    }
}

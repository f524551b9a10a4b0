package mildlantern.web.away;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import mildlantern.away.Waterer;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;
import org.jspecify.annotations.Nullable;

/** Days on which the grower is away. */
@Entity
@Table(name = "absence")
@NullUnmarked
class Absence extends Row {
    /** What became of it. */
    enum State {
        OPEN,
        OVER,
        CALLED_OFF
    }

    private LocalDate leavesOn;
    private LocalDate backOn;

    @Enumerated(EnumType.STRING)
    private Waterer who;

    private String helper;
    private String note;

    @Column(name = "planned_on")
    private LocalDate plannedOn;

    private LocalDate leftOn;

    @Enumerated(EnumType.STRING)
    private State state = State.OPEN;

    protected Absence() {}

    Absence(CollectionId collection) {
        super(UUID.randomUUID(), collection);
    }

    Absence planned(Dates dates, LocalDate today) {
        leavesOn = dates.leaves();
        backOn = dates.back();
        who = dates.who();
        helper = dates.helper();
        note = dates.note();
        plannedOn = today;
        return this;
    }

    /**
     * When, and who waters.
     *
     * @param leaves the last day on which the grower waters
     * @param back the first day on which he does again
     * @param helper who comes, or null
     * @param note what else the helper should know, or null
     */
    record Dates(
            LocalDate leaves,
            LocalDate back,
            Waterer who,
            @Nullable String helper,
            @Nullable String note) {}

    Dates dates() {
        return new Dates(leavesOn, backOn, who, helper, note);
    }

    /** Whether the last day at home is over. */
    boolean gone(LocalDate today) {
        return today.isAfter(leavesOn);
    }

    Optional<LocalDate> leftOn() {
        return Optional.ofNullable(leftOn);
    }

    LocalDate plannedOn() {
        return plannedOn;
    }
}

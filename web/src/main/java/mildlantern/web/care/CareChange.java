package mildlantern.web.care;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import mildlantern.care.Change;
import mildlantern.outcome.Verdict;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** An accepted change of care, and what became of it. */
@Entity
@Table(name = "care_change")
@NullUnmarked
class CareChange extends Row {
    /** How it stands. */
    enum State {
        RUNNING,
        JUDGED,
        DROPPED
    }

    @Column(name = "plant_id", updatable = false)
    private PlantId plant;

    @Column(updatable = false)
    private BatchId plan;

    @Enumerated(EnumType.STRING)
    private Change.Kind kind;

    private String plantKind;
    private StopId fromStop;
    private StopId toStop;
    private String words;
    private LocalDate beganOn;

    @Enumerated(EnumType.STRING)
    private State state = State.RUNNING;

    @Enumerated(EnumType.STRING)
    private Verdict said;

    @Enumerated(EnumType.STRING)
    private Verdict verdict;

    private LocalDate judgedOn;
    private boolean counts = true;

    protected CareChange() {}

    /** @param ofKind id of the kind of plant */
    CareChange(Plant plant, String ofKind, OutcomeWriter.Began began) {
        super(UUID.randomUUID(), plant.collection());
        this.plant = plant.id();
        this.plan = began.plan();
        this.kind = began.kind();
        this.plantKind = ofKind;
        this.fromStop = began.from();
        this.toStop = began.to();
        this.words = began.words();
        this.beganOn = began.on();
    }

    /** @param answer how the plant itself looks, as its grower says */
    void judge(Verdict whole, Optional<Verdict> answer, LocalDate day) {
        state = State.JUDGED;
        verdict = whole;
        said = answer.orElse(null);
        judgedOn = day;
    }

    void drop() {
        state = State.DROPPED;
    }

    /** What came of it moves no proposal any more. */
    void forget() {
        counts = false;
    }

    UUID id() {
        return key();
    }

    PlantId plant() {
        return plant;
    }

    BatchId plan() {
        return plan;
    }

    Change.Kind kind() {
        return kind;
    }

    String plantKind() {
        return plantKind;
    }

    StopId from() {
        return fromStop;
    }

    StopId to() {
        return toStop;
    }

    String words() {
        return words;
    }

    LocalDate beganOn() {
        return beganOn;
    }

    State state() {
        return state;
    }

    Optional<Verdict> said() {
        return Optional.ofNullable(said);
    }

    Optional<Verdict> verdict() {
        return Optional.ofNullable(verdict);
    }

    Optional<LocalDate> judgedOn() {
        return Optional.ofNullable(judgedOn);
    }

    boolean counts() {
        return counts;
    }
}

package mildlantern.web.casework;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.diagnosis.Comparison.Verdict;
import mildlantern.treatment.Hold;
import mildlantern.treatment.Trial;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.Row;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.NullUnmarked;

/** The one change made in a case, with its holds and the day to look again. */
@Entity
@NullUnmarked
class CaseTrial extends Row {
    @Column(name = "case_id")
    private CaseId troubleCase;

    private int number;
    private boolean beside;
    private String trial;

    @JdbcTypeCode(SqlTypes.JSON)
    private List<Hold> holds;

    private LocalDate startedOn;
    private LocalDate lookAgainOn;
    private LocalDate finishedOn;
    private LocalDate doneOn;

    /** The chance of being right with which it was started, 0 to 1; null for one that goes on, and for those of old. */
    private Double promised;

    @Enumerated(EnumType.STRING)
    private Verdict verdict;

    /** Held to be one a case, and one beside it, by the database. */
    private boolean running = true;

    private boolean counts = true;

    protected CaseTrial() {}

    CaseTrial(
            TroubleCase troubleCase,
            int number,
            boolean beside,
            Trial trial,
            LocalDate startedOn,
            LocalDate lookAgainOn) {
        super(UUID.randomUUID(), troubleCase.collection());
        this.troubleCase = troubleCase.id();
        this.number = number;
        this.beside = beside;
        this.trial = trial.id();
        this.holds = trial.holds();
        this.startedOn = startedOn;
        this.lookAgainOn = lookAgainOn;
    }

    /** It was started with a chance of being right. */
    CaseTrial promising(double chance) {
        promised = chance;
        return this;
    }

    Optional<Double> promised() {
        return Optional.ofNullable(promised);
    }

    /** Its change was made on a day. */
    void done(LocalDate day) {
        doneOn = day;
    }

    LocalDate doneOn() {
        return doneOn;
    }

    /** What came of it moves no proposal any more. */
    void forget() {
        counts = false;
    }

    /** It is given up without a look. */
    void stop() {
        running = false;
    }

    void finish(LocalDate day, Verdict with) {
        running = false;
        finishedOn = day;
        verdict = with;
    }

    CaseId troubleCase() {
        return troubleCase;
    }

    int number() {
        return number;
    }

    /** Whether it runs beside another, for a second cause. */
    boolean beside() {
        return beside;
    }

    String trial() {
        return trial;
    }

    List<Hold> holds() {
        return holds;
    }

    LocalDate startedOn() {
        return startedOn;
    }

    LocalDate lookAgainOn() {
        return lookAgainOn;
    }

    boolean finished() {
        return finishedOn != null;
    }

    Verdict verdict() {
        return verdict;
    }
}

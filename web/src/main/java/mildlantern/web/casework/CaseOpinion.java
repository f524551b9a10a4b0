package mildlantern.web.casework;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** How likely one cause was after one answer. Written once, never changed. */
@Entity
@NullUnmarked
class CaseOpinion extends Row {
    @Column(name = "case_id")
    private CaseId troubleCase;

    private int seq;
    private LocalDate onDay;
    private FindingId finding;
    private String state;
    private DisorderId cause;
    private double probability;

    protected CaseOpinion() {}

    /**
     * @param seq number of the answer; 0 before any
     * @param finding what was answered, or null before any
     * @param state how it was answered, or null before any
     */
    CaseOpinion(
            TroubleCase troubleCase,
            int seq,
            LocalDate onDay,
            FindingId finding,
            String state,
            DisorderId cause,
            double probability) {
        super(UUID.randomUUID(), troubleCase.collection());
        this.troubleCase = troubleCase.id();
        this.seq = seq;
        this.onDay = onDay;
        this.finding = finding;
        this.state = state;
        this.cause = cause;
        this.probability = probability;
    }

    int seq() {
        return seq;
    }

    LocalDate onDay() {
        return onDay;
    }

    FindingId finding() {
        return finding;
    }

    String state() {
        return state;
    }

    DisorderId cause() {
        return cause;
    }

    double probability() {
        return probability;
    }
}

package mildlantern.web.casework;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.FindingId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** What was answered to one finding at one visit, and where it is pinned. */
@Entity
@NullUnmarked
class CaseAnswer extends Row {
    /** State of a finding that the grower passed over: not evidence, and not asked again at this visit. */
    static final String SKIPPED = "skipped";

    @Column(name = "case_id")
    private CaseId troubleCase;

    private int visit;
    private FindingId finding;
    private String state;

    @Enumerated(EnumType.STRING)
    private Part part;

    private int pin;
    private LocalDate onDay;

    protected CaseAnswer() {}

    CaseAnswer(TroubleCase troubleCase, FindingId finding, String state, Part part, int pin, LocalDate onDay) {
        super(UUID.randomUUID(), troubleCase.collection());
        this.troubleCase = troubleCase.id();
        this.visit = troubleCase.visit();
        this.finding = finding;
        this.state = state;
        this.part = part;
        this.pin = pin;
        this.onDay = onDay;
    }

    void change(String to, Part on, LocalDate day) {
        state = to;
        part = on;
        onDay = day;
    }

    int visit() {
        return visit;
    }

    CaseId troubleCase() {
        return troubleCase;
    }

    FindingId finding() {
        return finding;
    }

    String state() {
        return state;
    }

    boolean skipped() {
        return SKIPPED.equals(state);
    }

    Part part() {
        return part;
    }

    int pin() {
        return pin;
    }

    LocalDate onDay() {
        return onDay;
    }
}

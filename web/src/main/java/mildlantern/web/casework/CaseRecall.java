package mildlantern.web.casework;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.log.LogKind;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** What the grower said when asked whether something had happened lately. */
@Entity
@NullUnmarked
class CaseRecall extends Row {
    /** An answer to "what changed lately?". */
    enum Answer {
        /** The record is right. */
        RIGHT,
        /** It did not happen in the last months. */
        NO,
        /** It happened this week. */
        WEEK,
        /** It happened this month. */
        MONTH
    }

    @Column(name = "case_id")
    private CaseId troubleCase;

    @Enumerated(EnumType.STRING)
    private LogKind kind;

    @Enumerated(EnumType.STRING)
    private Answer answer;

    private LocalDate onDay;

    protected CaseRecall() {}

    CaseRecall(TroubleCase troubleCase, LogKind kind, Answer answer, LocalDate onDay) {
        super(UUID.randomUUID(), troubleCase.collection());
        this.troubleCase = troubleCase.id();
        this.kind = kind;
        this.answer = answer;
        this.onDay = onDay;
    }

    void change(Answer to, LocalDate day) {
        answer = to;
        onDay = day;
    }

    LogKind kind() {
        return kind;
    }

    Answer answer() {
        return answer;
    }
}

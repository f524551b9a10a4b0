package mildlantern.web.care;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import mildlantern.care.Need;
import mildlantern.outcome.Compared;
import mildlantern.outcome.Promised;
import mildlantern.outcome.Verdict;
import mildlantern.web.platform.Maybe;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** What a change was to bring for one need, and what it brought. */
@Entity
@Table(name = "care_promise")
@NullUnmarked
class CarePromise extends Row {
    @Column(name = "change_id", updatable = false)
    private UUID change;

    @Enumerated(EnumType.STRING)
    private Need.Kind need;

    private double beforeIt;
    private double promised;
    private Double elsewhere;
    private Double seen;
    private Double withoutIt;
    private Double share;

    @Enumerated(EnumType.STRING)
    private Verdict verdict;

    private Double sure;

    protected CarePromise() {}

    CarePromise(CareChange change, Promised promised) {
        super(UUID.randomUUID(), change.collection());
        this.change = change.id();
        this.need = promised.kind();
        this.beforeIt = promised.before();
        this.promised = promised.promised();
        promised.elsewhere().ifPresent(value -> elsewhere = value);
    }

    void saw(Compared compared) {
        seen = compared.now().value();
        withoutIt = compared.without();
        share = compared.share();
        verdict = compared.verdict();
        sure = compared.sure();
    }

    UUID change() {
        return change;
    }

    Promised promised() {
        return new Promised(need, beforeIt, promised, Maybe.number(elsewhere));
    }

    /** What was seen of it; empty until the change was looked at. */
    Optional<Brought> brought() {
        return Optional.ofNullable(verdict).map(it -> new Brought(seen, withoutIt, share, it, sure));
    }

    /** What was seen, and what would have been without the change. */
    record Brought(double seen, double without, double share, Verdict verdict, double sure) {}
}

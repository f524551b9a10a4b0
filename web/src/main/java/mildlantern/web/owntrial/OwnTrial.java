package mildlantern.web.owntrial;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** Some plants of a kind in one way, some in another. */
@Entity
@Table(name = "own_trial")
@NullUnmarked
class OwnTrial extends Row {
    @Version
    private long version;

    @Column(name = "way_a", updatable = false)
    private String wayA;

    @Column(name = "way_b", updatable = false)
    private String wayB;

    @Enumerated(EnumType.STRING)
    @Column(updatable = false)
    private Measure measure;

    @Column(updatable = false)
    private LocalDate startedOn;

    private LocalDate lookOn;

    protected OwnTrial() {}

    OwnTrial(CollectionId collection, String wayA, String wayB, Measure measure, LocalDate from, LocalDate lookOn) {
        super(UUID.randomUUID(), collection);
        this.wayA = wayA;
        this.wayB = wayB;
        this.measure = measure;
        this.startedOn = from;
        this.lookOn = lookOn;
    }

    String way(boolean b) {
        return b ? wayB : wayA;
    }

    Measure measure() {
        return measure;
    }

    LocalDate startedOn() {
        return startedOn;
    }

    LocalDate lookOn() {
        return lookOn;
    }

    UUID id() {
        return key();
    }
}

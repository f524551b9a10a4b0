package mildlantern.web.stop;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.Objects;
import mildlantern.place.StopId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A stop as it is stored. */
@Entity
@Table(name = "stop")
@NullUnmarked
class StopRow extends Row {
    private int position;
    private String name;
    private String note;

    @Embedded
    private TypedClimate climate;

    @Embedded
    private BuildOfStop build;

    @Embedded
    private Window window;

    @Embedded
    private Airflow airflow;

    /** In the bin since; changed by statements of its own, because a plant may come at the same time. */
    @Column(insertable = false, updatable = false)
    private LocalDate removedOn;

    @Version
    private Long version;

    protected StopRow() {}

    StopRow(Stop stop) {
        super(stop.id().value(), stop.collection());
        take(stop);
    }

    /** Becomes what the stop is now. */
    StopRow take(Stop stop) {
        position = stop.position();
        name = stop.name();
        note = stop.note();
        climate = stop.climate();
        build = stop.build();
        window = stop.window();
        airflow = stop.airflow();
        return this;
    }

    LocalDate removedOn() {
        return removedOn;
    }

    Stop stop() {
        // Where nothing of a part is known, it is read as no part at all.
        return new Stop(
                new StopId(key()),
                collection(),
                version == null ? 0 : version,
                position,
                name,
                note,
                Objects.requireNonNullElse(climate, TypedClimate.UNKNOWN),
                build,
                Objects.requireNonNullElse(window, Window.UNKNOWN),
                airflow);
    }
}

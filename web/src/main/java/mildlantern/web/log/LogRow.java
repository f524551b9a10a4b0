package mildlantern.web.log;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import mildlantern.log.LogKind;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.Row;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.NullUnmarked;

/** An entry of the log as it is stored: its kind, and what that kind says, in {@link EntryJson}. Written once, never changed. */
@Entity
@Table(name = "happening")
@NullUnmarked
class LogRow extends Row {
    @Column(name = "plant_id")
    private PlantId plant;

    @Enumerated(EnumType.STRING)
    private LogKind kind;

    private LocalDate onDay;

    @Column(columnDefinition = "jsonb")
    @ColumnTransformer(read = "cast(entry as text)", write = "cast(? as jsonb)")
    private String entry;

    private String detail;
    private EntryId undoes;
    private String beforeState;
    private BatchId batch;
    private OffsetDateTime writtenAt;
    private String writtenBy;
    private EntryId replaces;

    protected LogRow() {}

    LogRow(CollectionId collection, LogLine line, EntryJson json) {
        super(line.id().value(), collection);
        this.plant = line.plant();
        this.kind = line.kind();
        this.onDay = line.onDay();
        this.entry = json.write(line.entry());
        this.detail = line.words().orElse(null);
        this.undoes = line.undoes().orElse(null);
        this.beforeState = line.before().map(json::write).orElse(null);
        this.batch = line.batch().orElse(null);
        this.writtenAt = line.writtenAt();
        this.writtenBy = line.writtenBy().orElse(null);
        this.replaces = line.replaces().orElse(null);
    }

    EntryId id() {
        return new EntryId(key());
    }

    PlantId plant() {
        return plant;
    }

    LogKind kind() {
        return kind;
    }

    LocalDate onDay() {
        return onDay;
    }

    String entry() {
        return entry;
    }

    String detail() {
        return detail;
    }

    EntryId undoes() {
        return undoes;
    }

    String beforeState() {
        return beforeState;
    }

    BatchId batch() {
        return batch;
    }

    OffsetDateTime writtenAt() {
        return writtenAt;
    }

    EntryId replaces() {
        return replaces;
    }

    String writtenBy() {
        return writtenBy;
    }
}

package mildlantern.web.plant;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.treatment.CareSetting;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A line of a care sheet as it is stored. Written once, never changed. */
@Entity
@Table(name = "care_entry")
@NullUnmarked
class CareEntryRow extends Row {
    @Column(name = "plant_id")
    private PlantId plant;

    @Column(name = "case_id")
    private CaseId troubleCase;

    @Enumerated(EnumType.STRING)
    private CareSetting setting;

    private String text;
    private String reason;
    private LocalDate since;
    private OffsetDateTime writtenAt;

    protected CareEntryRow() {}

    CareEntryRow(CareEntry entry) {
        super(UUID.randomUUID(), entry.collection());
        this.plant = entry.plant();
        this.troubleCase = entry.troubleCase();
        this.setting = entry.setting();
        this.text = entry.text();
        this.reason = entry.reason();
        this.since = entry.since();
        this.writtenAt = entry.writtenAt();
    }

    CareEntry entry() {
        return new CareEntry(collection(), plant, troubleCase, setting, text, reason, since, writtenAt);
    }
}

package mildlantern.web.plant;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.UUID;
import mildlantern.plant.PlantId;
import mildlantern.treatment.CareSetting;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** A line of a care sheet with its reason. The latest line of a setting holds; the older ones are its history. */
@Entity
@NullUnmarked
public class CareEntry extends Row {
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

    protected CareEntry() {}

    /** A line; the case is null where no case led to it. */
    public CareEntry(
            Plant plant,
            CaseId troubleCase,
            CareSetting setting,
            String text,
            String reason,
            LocalDate since,
            OffsetDateTime writtenAt) {
        super(UUID.randomUUID(), plant.collection());
        this.plant = plant.id();
        this.troubleCase = troubleCase;
        this.setting = setting;
        this.text = text;
        this.reason = reason;
        this.since = since;
        this.writtenAt = writtenAt;
    }

    public PlantId plant() {
        return plant;
    }

    public CaseId troubleCase() {
        return troubleCase;
    }

    public CareSetting setting() {
        return setting;
    }

    public String text() {
        return text;
    }

    public String reason() {
        return reason;
    }

    public LocalDate since() {
        return since;
    }
}

package mildlantern.web.collection;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.UUID;
import mildlantern.plant.SprayKind;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** Something that happened to a plant on a day. Written once, never changed. */
@Entity
@NullUnmarked
public class Happening extends Row {
    @Column(name = "plant_id")
    private UUID plant;

    @Enumerated(EnumType.STRING)
    private HappeningKind kind;

    private LocalDate onDay;
    private Integer amountMl;
    private String detail;
    private Double temperatureStep;
    private Double lightRatio;

    @Enumerated(EnumType.STRING)
    private SprayKind spray;

    private OffsetDateTime writtenAt;

    protected Happening() {}

    public Happening(Plant plant, HappeningKind kind, LocalDate onDay, OffsetDateTime writtenAt) {
        super(UUID.randomUUID(), plant.collection());
        this.plant = plant.id();
        this.kind = kind;
        this.onDay = onDay;
        this.writtenAt = writtenAt;
    }

    /** How much, in mL; null for not measured. */
    public Happening amount(Integer ml) {
        this.amountMl = ml;
        return this;
    }

    public Happening detail(String text) {
        this.detail = text;
        return this;
    }

    /** By how many °C and to how many times the light it changed; null for not known. */
    public Happening change(Double celsius, Double light) {
        this.temperatureStep = celsius;
        this.lightRatio = light;
        return this;
    }

    public Happening spray(SprayKind with) {
        this.spray = with;
        return this;
    }

    public UUID plant() {
        return plant;
    }

    public HappeningKind kind() {
        return kind;
    }

    public LocalDate onDay() {
        return onDay;
    }

    public Integer amountMl() {
        return amountMl;
    }

    public String detail() {
        return detail;
    }

    public Double temperatureStep() {
        return temperatureStep;
    }

    public Double lightRatio() {
        return lightRatio;
    }

    public SprayKind spray() {
        return spray;
    }
}

package mildlantern.web.feeding;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.nutrition.WaterAnalysis;
import mildlantern.plant.WaterSource;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Maybe;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** The grower's own analysis of a water, or what a meter told of it. */
@Entity
@NullUnmarked
class OwnWater extends Row {
    @Enumerated(EnumType.STRING)
    @Column(updatable = false)
    private WaterSource source;

    private double conductivity;
    private Double hardness;
    private Double alkalinity;
    private Double sodium;
    private LocalDate readOn;

    @Version
    private Long version;

    protected OwnWater() {}

    OwnWater(CollectionId collection, WaterSource source) {
        super(UUID.randomUUID(), collection);
        this.source = source;
    }

    OwnWater holds(double millisiemens, Double caco3, Double alkali, Double na, LocalDate day) {
        this.conductivity = millisiemens;
        this.hardness = caco3;
        this.alkalinity = alkali;
        this.sodium = na;
        this.readOn = day;
        return this;
    }

    WaterSource source() {
        return source;
    }

    LocalDate readOn() {
        return readOn;
    }

    WaterAnalysis analysis() {
        return new WaterAnalysis(conductivity, Maybe.number(hardness), Maybe.number(alkalinity), Maybe.number(sodium));
    }
}

package mildlantern.web.stop;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.UUID;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** What was read at a stop on a day: brightness or mol of light, percent, °C; what was not read is null. */
@Entity
@NullUnmarked
public class StopReading extends Row {
    @Column(name = "stop_id")
    private StopId stop;

    private LocalDate onDay;

    @Enumerated(EnumType.STRING)
    private Brightness light;

    private Double dailyLight;
    private Double humidityPercent;
    private Double dayCelsius;
    private Double nightCelsius;
    private OffsetDateTime writtenAt;

    @Enumerated(EnumType.STRING)
    private Origin origin = Origin.TYPED;

    private Double wetHours;

    /** How it was read. */
    public enum Origin {
        TYPED,
        METER,
        MEASURED
    }

    protected StopReading() {}

    public StopReading(Stop stop, LocalDate onDay, OffsetDateTime writtenAt) {
        super(UUID.randomUUID(), stop.collection());
        this.stop = stop.id();
        this.onDay = onDay;
        this.writtenAt = writtenAt;
    }

    public StopReading read(Brightness brightness, Double mol, Double humidity, Double day, Double night) {
        this.light = brightness;
        this.dailyLight = mol;
        this.humidityPercent = humidity;
        this.dayCelsius = day;
        this.nightCelsius = night;
        return this;
    }

    /** Says how it was read. */
    public StopReading by(Origin how) {
        this.origin = how;
        return this;
    }

    public Origin origin() {
        return origin;
    }

    public StopId stop() {
        return stop;
    }

    public LocalDate onDay() {
        return onDay;
    }

    public Brightness light() {
        return light;
    }

    public Double dailyLight() {
        return dailyLight;
    }

    public Double humidityPercent() {
        return humidityPercent;
    }

    public Double dayCelsius() {
        return dayCelsius;
    }

    public Double nightCelsius() {
        return nightCelsius;
    }
}

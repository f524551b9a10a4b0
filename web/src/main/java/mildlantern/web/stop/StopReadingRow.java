package mildlantern.web.stop;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.UUID;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.web.platform.Row;
import org.jspecify.annotations.NullUnmarked;

/** What was read at a stop, as it is stored. Written once; what sensors measured of a day is written over by SQL. */
@Entity
@Table(name = "stop_reading")
@NullUnmarked
class StopReadingRow extends Row {
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
    private StopReading.Origin origin;

    private Double wetHours;

    protected StopReadingRow() {}

    StopReadingRow(StopReading reading) {
        super(UUID.randomUUID(), reading.collection());
        this.stop = reading.stop();
        this.onDay = reading.onDay();
        this.light = reading.light();
        this.dailyLight = reading.dailyLight();
        this.humidityPercent = reading.humidityPercent();
        this.dayCelsius = reading.dayCelsius();
        this.nightCelsius = reading.nightCelsius();
        this.writtenAt = reading.writtenAt();
        this.origin = reading.origin();
    }

    StopReading reading() {
        return new StopReading(
                collection(),
                stop,
                onDay,
                light,
                dailyLight,
                humidityPercent,
                dayCelsius,
                nightCelsius,
                origin,
                writtenAt);
    }
}

package mildlantern.web.stop;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.web.platform.CollectionId;
import org.jspecify.annotations.Nullable;

/**
 * What was read at a stop on a day; what was not read is null.
 *
 * @param light how bright the grower calls it
 * @param dailyLight mol/m²
 * @param humidityPercent percent
 * @param dayCelsius temperature by day, °C
 * @param nightCelsius temperature at night, °C
 * @param origin how it was read
 * @param writtenAt when it was written down
 */
public record StopReading(
        CollectionId collection,
        StopId stop,
        LocalDate onDay,
        @Nullable Brightness light,
        @Nullable Double dailyLight,
        @Nullable Double humidityPercent,
        @Nullable Double dayCelsius,
        @Nullable Double nightCelsius,
        Origin origin,
        OffsetDateTime writtenAt) {
    /** How it was read. */
    public enum Origin {
        TYPED,
        METER,
        MEASURED
    }

    /** Nothing yet, typed at a stop. */
    public StopReading(Stop stop, LocalDate onDay, OffsetDateTime writtenAt) {
        this(stop.collection(), stop.id(), onDay, null, null, null, null, null, Origin.TYPED, writtenAt);
    }

    /** The same with what was read; anything may be null, for not read. */
    public StopReading read(
            @Nullable Brightness brightness,
            @Nullable Double mol,
            @Nullable Double humidity,
            @Nullable Double day,
            @Nullable Double night) {
        return new StopReading(collection, stop, onDay, brightness, mol, humidity, day, night, origin, writtenAt);
    }

    /** The same, read in another way. */
    public StopReading by(Origin how) {
        return new StopReading(
                collection, stop, onDay, light, dailyLight, humidityPercent, dayCelsius, nightCelsius, how, writtenAt);
    }
}

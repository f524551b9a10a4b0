package mildlantern.web.stop;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import mildlantern.plant.Brightness;
import org.jspecify.annotations.Nullable;

/**
 * A stop's air and light as they were last typed or read by meter; null is not known.
 *
 * @param light how bright the grower calls it
 * @param dailyLight light of a usual day, mol/m²
 * @param humidityPercent percent
 * @param dayCelsius temperature by day, °C
 * @param nightCelsius temperature at night, °C
 */
@Embeddable
public record TypedClimate(
        @Enumerated(EnumType.STRING) @Nullable Brightness light,
        @Nullable Double dailyLight,
        @Nullable Double humidityPercent,
        @Nullable Double dayCelsius,
        @Nullable Double nightCelsius) {
    static final TypedClimate UNKNOWN = new TypedClimate(null, null, null, null, null);

    /** What was typed later; what was not read stays as it was. */
    TypedClimate after(StopReading reading) {
        return new TypedClimate(
                reading.light() == null ? light : reading.light(),
                reading.dailyLight() == null ? dailyLight : reading.dailyLight(),
                reading.humidityPercent() == null ? humidityPercent : reading.humidityPercent(),
                reading.dayCelsius() == null ? dayCelsius : reading.dayCelsius(),
                reading.nightCelsius() == null ? nightCelsius : reading.nightCelsius());
    }
}

package mildlantern.web.stop;

import java.time.LocalDate;
import java.util.Optional;
import mildlantern.plant.Brightness;

/**
 * What a stop's air and light are now: as sensors measured them lately, otherwise as somebody last typed them or read them by meter.
 *
 * @param brightness how bright the grower calls it
 * @param light of a usual day, mol/m²
 * @param humidity percent
 * @param day temperature by day, °C
 * @param night temperature at night, °C
 * @param moistHours hours a day with air so moist that leaves stay wet, mean of the last measured days
 */
public record StopNow(
        Optional<Brightness> brightness,
        Optional<Known> light,
        Optional<Known> humidity,
        Optional<Known> day,
        Optional<Known> night,
        Optional<Double> moistHours) {

    /** Nothing is known of it. */
    public static final StopNow UNKNOWN = new StopNow(
            Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /**
     * A figure, how it is known and since when.
     *
     * @param origin typed, read by meter, or measured by sensors as the mean of the last days
     * @param on the day on which it was typed, or the last one that was measured; empty where it was typed when the stop was added
     */
    public record Known(double value, StopReading.Origin origin, Optional<LocalDate> on) {}

    private static Optional<Double> value(Optional<Known> known) {
        return known.map(Known::value);
    }

    public Optional<Double> lightMol() {
        return value(light);
    }

    public Optional<Double> humidityPercent() {
        return value(humidity);
    }

    public Optional<Double> dayCelsius() {
        return value(day);
    }

    public Optional<Double> nightCelsius() {
        return value(night);
    }
}

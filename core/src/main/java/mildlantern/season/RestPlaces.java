package mildlantern.season;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import mildlantern.plant.Wants;
import mildlantern.quantity.Range;

/** Finds the place that suits what a plant wants at its time of the year: nights first, then days, then the light that holds it. */
public final class RestPlaces {
    private RestPlaces() {}

    /**
     * A place, as it is these weeks.
     *
     * @param id whatever names it
     * @param light mol/m² and day
     * @param day temperature by day, °C
     * @param night lowest temperature of the nights, °C
     */
    public record Place<T>(T id, OptionalDouble light, OptionalDouble day, OptionalDouble night) {}

    /** The places that suit a plant, the best first; those of whose nights nothing is known are left out. */
    static <T> List<Place<T>> suiting(Wants wants, List<Place<T>> places, Practice practice) {
        return places.stream()
                .filter(place -> place.night().isPresent())
                .filter(place -> beyond(wants.night(), place.night().getAsDouble()) <= practice.near())
                .sorted(Comparator.comparingDouble(place -> miss(wants, place, practice)))
                .toList();
    }

    private static double miss(Wants wants, Place<?> place, Practice practice) {
        double night = beyond(wants.night(), place.night().getAsDouble());
        double day = place.day().isPresent() ? beyond(wants.day(), place.day().getAsDouble()) : 0;
        double dark = place.light().isPresent() && wants.light().low() > 0
                ? Math.max(
                        0,
                        Math.log(wants.light().low()
                                        / Math.max(0.05, place.light().getAsDouble()))
                                / Math.log(2))
                : 0;
        return night + practice.dayCounts() * day + practice.lightCounts() * dark;
    }

    private static double beyond(Range wanted, double value) {
        return Math.max(0, wanted.low() - value) + Math.max(0, value - wanted.high());
    }
}

package mildlantern.season;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.plant.Wants;
import mildlantern.quantity.Range;

/** Finds the place that suits what a plant wants at its time of the year: nights first, then days, then the light that holds it. */
public final class RestPlaces {
    /** °C by which nights may miss what is wanted before a place is no help. Kind of source: practice. */
    private static final double NEAR_ENOUGH = 1.5;

    private static final double DAY_COUNTS = 0.4;
    private static final double LIGHT_COUNTS = 2;

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
    public static <T> List<Place<T>> suiting(Wants wants, List<Place<T>> places) {
        return places.stream()
                .filter(place -> place.night().isPresent())
                .filter(place -> beyond(wants.night(), place.night().getAsDouble()) <= NEAR_ENOUGH)
                .sorted(Comparator.comparingDouble(place -> miss(wants, place)))
                .toList();
    }

    /** The best of them. */
    public static <T> Optional<Place<T>> best(Wants wants, List<Place<T>> places) {
        return suiting(wants, places).stream().findFirst();
    }

    private static double miss(Wants wants, Place<?> place) {
        double night = beyond(wants.night(), place.night().getAsDouble());
        double day = place.day().isPresent() ? beyond(wants.day(), place.day().getAsDouble()) : 0;
        double dark = place.light().isPresent() && wants.light().low() > 0
                ? Math.max(
                        0,
                        Math.log(wants.light().low()
                                        / Math.max(0.05, place.light().getAsDouble()))
                                / Math.log(2))
                : 0;
        return night + DAY_COUNTS * day + LIGHT_COUNTS * dark;
    }

    private static double beyond(Range wanted, double value) {
        return Math.max(0, wanted.low() - value) + Math.max(0, value - wanted.high());
    }
}

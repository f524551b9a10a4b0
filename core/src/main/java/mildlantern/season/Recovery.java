package mildlantern.season;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/** What is to be expected of a plant that was hurt, by its time of the year. */
public final class Recovery {
    private Recovery() {}

    /**
     * The day from which new growth may be seen: nothing new comes while a plant rests. One that only holds goes on making roots.
     *
     * @param shows days from the beginning of growth until the first of it is seen
     * @return empty where it does not rest now
     */
    static Optional<LocalDate> newGrowth(PlantYear year, int shows) {
        return !year.phase().rests()
                ? Optional.empty()
                : year.stretches().stream()
                        .filter(it ->
                                it.from().isAfter(year.today()) && it.phase().grows())
                        .findFirst()
                        .map(it -> it.from().plusDays(shows));
    }

    /**
     * A night that took something.
     *
     * @param day the morning after it
     * @param celsius how cold it was
     * @param harm what it took
     */
    public record Frost(LocalDate day, double celsius, ColdLimits.Harm harm) {}

    /** The coldest of the last nights, where it was too cold for the kind. */
    static Optional<Frost> frost(ColdLimits limits, Conditions there, LocalDate today, Practice practice) {
        return IntStream.range(0, practice.frostNights())
                .mapToObj(today::minusDays)
                .flatMap(day -> frost(limits, there.night(day), day).stream())
                .min(Comparator.comparingDouble(Frost::celsius));
    }

    private static Optional<Frost> frost(ColdLimits limits, OptionalDouble night, LocalDate day) {
        return night.isEmpty() || limits.after(night.getAsDouble()) == ColdLimits.Harm.NONE
                ? Optional.empty()
                : Optional.of(new Frost(day, night.getAsDouble(), limits.after(night.getAsDouble())));
    }
}

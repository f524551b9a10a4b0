package mildlantern.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mildlantern.plant.Wants;

/** When a plant is brought in, and when it may go out, by the nights ahead. */
public final class Outing {
    private Outing() {}

    /**
     * A night ahead.
     *
     * @param evening the day on whose evening it begins
     * @param coldest the coldest that is likely, °C
     */
    public record Night(LocalDate evening, double coldest) {}

    /**
     * The day by which a plant outdoors is brought in: some nights before the first that is too cold for it, and not before today.
     *
     * @param nights ahead, in order
     * @return empty where no night ahead is too cold
     */
    static Optional<LocalDate> bringIn(Wants wants, List<Night> nights, LocalDate today, Practice practice) {
        return nights.stream()
                .filter(night -> night.coldest() < wants.night().low())
                .findFirst()
                .map(night -> night.evening().minusDays(practice.lead()))
                .map(day -> day.isBefore(today) ? today : day);
    }

    /** Whether a plant that likes it outdoors may go out: it grows, and all nights ahead are safely above its limit. */
    static boolean mayGoOut(Wants wants, List<Night> nights, Practice practice) {
        return wants.phase().grows()
                && !nights.isEmpty()
                && nights.stream()
                        .allMatch(night -> night.coldest() >= wants.night().low() + practice.safe());
    }
}

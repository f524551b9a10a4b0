package mildlantern.round;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** How much routine work is already planned for each day. */
public final class Load {
    private final Map<LocalDate, Integer> byDay = new HashMap<>();

    /** An empty calendar. */
    public Load() {}

    /** @param planned pieces of work by day */
    public Load(Map<LocalDate, Integer> planned) {
        byDay.putAll(planned);
    }

    public int on(LocalDate day) {
        return byDay.getOrDefault(day, 0);
    }

    /**
     * Chooses the day with the least work from one day to another, both included, the earliest among equals; and counts the work in.
     *
     * @param from the first day on which it may be done
     * @param by the last; the first counts where this lies before it
     */
    public LocalDate place(LocalDate from, LocalDate by) {
        LocalDate best = from;
        for (LocalDate day = from.plusDays(1); !day.isAfter(by); day = day.plusDays(1)) {
            if (on(day) < on(best)) {
                best = day;
            }
        }
        byDay.merge(best, 1, Integer::sum);
        return best;
    }

    /** Keeps a day that was chosen before, where it still lies within; chooses one otherwise. Either is counted in. */
    public LocalDate keepOrPlace(Optional<LocalDate> before, LocalDate from, LocalDate by) {
        Optional<LocalDate> kept = before.filter(day -> !day.isBefore(from) && !day.isAfter(by));
        kept.ifPresent(day -> byDay.merge(day, 1, Integer::sum));
        return kept.orElseGet(() -> place(from, by));
    }
}

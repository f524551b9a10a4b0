package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Map;
import java.util.Optional;

/** A day that must lie ahead, as it was typed. */
final class FutureDay {
    private FutureDay() {}

    /**
     * Reads a day.
     *
     * @param typed as it was typed
     * @param field where a problem is to be told
     * @param problems takes what is wrong, by field
     * @return the day, or empty if something is wrong with it
     */
    static Optional<LocalDate> read(String typed, String field, Clock clock, Map<String, String> problems) {
        LocalDate today = LocalDate.now(clock);
        try {
            LocalDate day = LocalDate.parse(typed);
            if (!day.isAfter(today)) {
                problems.put(field, "That day must lie ahead; a change needs time to show.");
            } else if (day.isAfter(today.plusYears(1))) {
                problems.put(field, "At most a year ahead.");
            } else {
                return Optional.of(day);
            }
        } catch (DateTimeParseException e) {
            problems.put(field, "Give a day, as in " + today.plusDays(7) + ".");
        }
        return Optional.empty();
    }
}

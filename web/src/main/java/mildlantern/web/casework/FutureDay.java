package mildlantern.web.casework;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Map;
import java.util.Optional;
import mildlantern.web.words.Wording;

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
                problems.put(field, Wording.say("casework.future-day.choose-day-future-change"));
            } else if (day.isAfter(today.plusYears(1))) {
                problems.put(field, Wording.say("casework.future-day.most-year-ahead"));
            } else {
                return Optional.of(day);
            }
        } catch (DateTimeParseException e) {
            problems.put(field, Wording.say("casework.future-day.give-day", String.valueOf(today.plusDays(7))));
        }
        return Optional.empty();
    }
}

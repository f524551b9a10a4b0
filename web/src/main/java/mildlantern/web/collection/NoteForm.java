package mildlantern.web.collection;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * A note as it was typed, and what is wrong with it by field.
 *
 * @param kind what happened
 * @param day the day, as typed
 * @param amount how much, as typed
 * @param detail a few words
 * @param on the day; today where none was typed
 * @param amountMl how much, mL
 * @param problems what is wrong, by field
 */
record NoteForm(
        HappeningKind kind,
        String day,
        String amount,
        String detail,
        LocalDate on,
        Optional<Integer> amountMl,
        Map<String, String> problems) {
    private static final int MOST_ML = 100_000;
    private static final int LONGEST_DETAIL = 300;

    static NoteForm read(HappeningKind kind, String day, String amount, String detail, LocalDate today) {
        Map<String, String> problems = new LinkedHashMap<>();
        LocalDate on = today;
        try {
            on = day.isBlank() ? today : LocalDate.parse(day.strip());
            if (on.isAfter(today)) {
                problems.put("day", "That day has not come yet.");
            } else if (on.isBefore(today.minusYears(30))) {
                problems.put("day", "That is more than thirty years ago.");
            }
        } catch (DateTimeParseException e) {
            problems.put("day", "Give a day, as in " + today + ".");
        }
        Optional<Integer> ml = Optional.empty();
        if (!amount.isBlank()) {
            try {
                ml = Optional.of(Integer.parseInt(amount.strip()));
                if (ml.get() < 1 || ml.get() > MOST_ML) {
                    problems.put("amount", "Between 1 and 100 000 mL.");
                }
            } catch (NumberFormatException e) {
                problems.put("amount", "A whole number of mL, as in 250.");
            }
        }
        if (detail.length() > LONGEST_DETAIL) {
            problems.put("detail", "At most 300 characters; this is " + detail.length() + ".");
        }
        return new NoteForm(kind, day, amount, detail.strip(), on, ml, problems);
    }
}

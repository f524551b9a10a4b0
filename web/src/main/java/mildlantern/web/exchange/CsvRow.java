package mildlantern.web.exchange;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import mildlantern.web.words.Numbers;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;

/** A row of a table: its cells by the fields that they stand for, and what is wrong with it. */
final class CsvRow {
    private static final List<DateTimeFormatter> DAYS = List.of(
            DateTimeFormatter.ISO_LOCAL_DATE,
            DateTimeFormatter.ofPattern("d.M.yyyy", Locale.ROOT),
            DateTimeFormatter.ofPattern("d/M/yyyy", Locale.ROOT),
            DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK));

    private final int number;
    private final Map<String, Integer> match;
    private final List<String> cells;
    private final LocalDate today;
    private final List<CsvIn.Problem> problems = new ArrayList<>();

    CsvRow(int number, Map<String, Integer> match, List<String> cells, LocalDate today) {
        this.number = number;
        this.match = match;
        this.cells = cells;
        this.today = today;
    }

    /** What stands for a field; blank where nothing does. */
    String text(String field) {
        int at = match.getOrDefault(field, -1);
        return at < 0 ? "" : cells.get(at);
    }

    /** The same, null where nothing stands for it. */
    @Nullable
    String textOrNull(String field) {
        return text(field).isBlank() ? null : text(field);
    }

    LocalDate today() {
        return today;
    }

    void wrong(String words) {
        problems.add(new CsvIn.Problem(number, words));
    }

    List<CsvIn.Problem> problems() {
        return problems;
    }

    /** Says so where a text is longer than its place. */
    void atMost(String field, int most) {
        int length = text(field).length();
        if (length > most) {
            wrong(Wording.say("exchange.csv-row.has-letters-are-most", field, length, most));
        }
    }

    /** A day that has come; says so where it is none. */
    Optional<LocalDate> day(String field) {
        String text = text(field);
        if (text.isBlank()) {
            return Optional.empty();
        }
        for (DateTimeFormatter format : DAYS) {
            try {
                LocalDate day = LocalDate.parse(text, format);
                if (day.isAfter(today)) {
                    wrong(Wording.say("exchange.csv-row.future", text));
                }
                return Optional.of(day);
            } catch (DateTimeParseException e) {
                // The next format may fit.
            }
        }
        wrong(Wording.say("exchange.csv-row.not-date-write-2026", text));
        return Optional.empty();
    }

    /** A number within bounds; says so where it is none. */
    @Nullable
    Double number(String field, double low, double high, String what) {
        String text = text(field);
        if (text.isBlank()) {
            return null;
        }
        try {
            double value = Numbers.read(text, low, high);
            if (value >= low && value <= high) {
                return value;
            }
            wrong(Wording.say("exchange.csv-row.allowed", what, text, low, high));
        } catch (NumberFormatException e) {
            wrong(Wording.say("exchange.csv-row.the", what, String.valueOf(e.getMessage())));
        }
        return null;
    }
}

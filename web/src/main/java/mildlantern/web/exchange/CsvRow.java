package mildlantern.web.exchange;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Numbers;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;

/** A row of a table: its cells by the fields that they stand for, and what is wrong with it. */
final class CsvRow {
    /** Days that can be read in one way only. */
    private static final List<DateTimeFormatter> DAYS = List.of(
            DateTimeFormatter.ISO_LOCAL_DATE,
            DateTimeFormatter.ofPattern("d.M.yyyy", Locale.ROOT),
            DateTimeFormatter.ofPattern("yyyy/M/d", Locale.ROOT),
            DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK),
            DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK),
            DateTimeFormatter.ofPattern("MMM d, yyyy", Locale.US),
            DateTimeFormatter.ofPattern("MMMM d, yyyy", Locale.US));

    private static final Pattern NUMBERS = Pattern.compile("(\\d{1,2})[/-](\\d{1,2})[/-](\\d{4})");

    private final int number;
    private final Map<String, Integer> match;
    private final List<String> cells;
    private final CsvMends mends;
    private final LocalDate today;
    private final List<CsvIn.Problem> problems = new ArrayList<>();
    private final List<CsvIn.Unknown> unknown = new ArrayList<>();

    CsvRow(int number, Map<String, Integer> match, List<String> cells, LocalDate today, CsvMends mends) {
        this.number = number;
        this.mends = mends;
        this.match = match;
        this.cells = cells;
        this.today = today;
    }

    /** What stands for a field; blank where nothing does. */
    String text(String field) {
        int at = match.getOrDefault(field, -1);
        return at < 0 ? mends.read(number, field, "") : mends.read(number, field, cells.get(at));
    }

    /** What the table itself says, before anything was mended. */
    String written(String field) {
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

    /** Something is wrong with the row as a whole. */
    void wrong(String words) {
        problems.add(new CsvIn.Problem(number, words, "", ""));
    }

    /** Something is wrong with a cell, which can be written anew. */
    void wrong(String field, String words) {
        problems.add(new CsvIn.Problem(number, words, field, text(field)));
    }

    /** A value is not known here; the grower is offered what it may mean, the likeliest first. */
    void unknown(String field, String words, List<CsvIn.Choice> choices) {
        problems.add(new CsvIn.Problem(number, words, "", ""));
        unknown.add(new CsvIn.Unknown(field, text(field), 1, choices));
    }

    List<CsvIn.Unknown> unknown() {
        return unknown;
    }

    List<CsvIn.Problem> problems() {
        return problems;
    }

    /** Says so where a text is longer than its place. */
    void atMost(String field, int most) {
        int length = text(field).length();
        if (length > most) {
            wrong(field, Wording.say("exchange.csv-row.has-letters-are-most", field, length, most));
        }
    }

    /**
     * Whether a cell holds a day that is two days, by which of day and month comes first: 3/12/2025. Where one part is above 12 it says so for its
     * whole table.
     *
     * @return true if the month comes first, false if the day does; empty where it cannot be told
     */
    static Optional<Boolean> monthFirst(String cell) {
        Matcher numbers = NUMBERS.matcher(cell.strip());
        if (!numbers.matches()) {
            return Optional.empty();
        }
        int first = Integer.parseInt(numbers.group(1));
        int second = Integer.parseInt(numbers.group(2));
        return first > 12 ? Optional.of(false) : second > 12 ? Optional.of(true) : Optional.empty();
    }

    /** Whether a cell can be read as two different days. */
    static boolean twoDays(String cell) {
        Matcher numbers = NUMBERS.matcher(cell.strip());
        return numbers.matches()
                && monthFirst(cell).isEmpty()
                && Integer.parseInt(numbers.group(1)) != Integer.parseInt(numbers.group(2));
    }

    /** A day of numbers read in one of the two ways, as the reader writes days; as it stands where it is none. */
    static String read(String cell, boolean monthFirst) {
        return numbered(cell.strip(), monthFirst).map(DayFormat.LONG::format).orElse(cell);
    }

    private static Optional<LocalDate> numbered(String text, boolean monthFirst) {
        Matcher numbers = NUMBERS.matcher(text);
        if (!numbers.matches()) {
            return Optional.empty();
        }
        int first = Integer.parseInt(numbers.group(1));
        int second = Integer.parseInt(numbers.group(2));
        try {
            return Optional.of(LocalDate.of(
                    Integer.parseInt(numbers.group(3)), monthFirst ? first : second, monthFirst ? second : first));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /** A day that has come; says so where it is none. */
    Optional<LocalDate> day(String field) {
        String text = text(field).strip();
        if (text.isBlank()) {
            return Optional.empty();
        }
        Optional<LocalDate> day = DAYS.stream()
                .map(format -> parsed(text, format))
                .flatMap(Optional::stream)
                .findFirst()
                .or(() -> numbered(text, monthFirst(text).or(mends::monthFirst).orElse(false)));
        if (day.isEmpty()) {
            wrong(field, Wording.say("exchange.csv-row.not-date-write-2026", text));
        } else if (day.get().isAfter(today)) {
            wrong(field, Wording.say("exchange.csv-row.future", text));
        }
        return day;
    }

    private static Optional<LocalDate> parsed(String text, DateTimeFormatter format) {
        try {
            return Optional.of(LocalDate.parse(text, format));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
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
            wrong(field, Wording.say("exchange.csv-row.allowed", what, text, low, high));
        } catch (NumberFormatException e) {
            wrong(field, Wording.say("exchange.csv-row.the", what, String.valueOf(e.getMessage())));
        }
        return null;
    }
}

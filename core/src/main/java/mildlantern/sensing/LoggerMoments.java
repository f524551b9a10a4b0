package mildlantern.sensing;

import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;

/** Moments as loggers write them: seconds since 1970, ISO 8601, or a day and a clock in one order or the other. */
final class LoggerMoments {
    private static final Pattern DAY = Pattern.compile("(\\d{1,4})[-/.](\\d{1,2})[-/.](\\d{1,4})");
    private static final Pattern CLOCK =
            Pattern.compile("(\\d{1,2}):(\\d{2})(?::(\\d{2})(?:[.,]\\d+)?)?\\s*([AaPp]\\.?[Mm]\\.?)?");

    private final LoggerColumns columns;
    private final boolean monthFirst;

    LoggerMoments(LoggerColumns columns, LoggerFile.DayOrder order, List<CSVRecord> rows) {
        this.columns = columns;
        this.monthFirst = monthFirst(order, rows);
    }

    /**
     * The moment of a row.
     *
     * @param before the moment of the row before it
     * @return empty where its time is none
     */
    Optional<Instant> of(CSVRecord row, Instant before) {
        return moment(text(row), before);
    }

    /** A row's time as it is written. */
    String text(CSVRecord row) {
        String time = columns.cell(row, LoggerColumns.Part.TIME);
        return time.isBlank()
                ? (columns.cell(row, LoggerColumns.Part.DAY) + " " + columns.cell(row, LoggerColumns.Part.CLOCK))
                        .strip()
                : time;
    }

    /** Day and month from the table itself: a number above 12 settles it; otherwise the day comes first. */
    private boolean monthFirst(LoggerFile.DayOrder order, List<CSVRecord> rows) {
        if (order != LoggerFile.DayOrder.AS_WRITTEN) {
            return order == LoggerFile.DayOrder.MONTH_FIRST;
        }
        int first = 0;
        int second = 0;
        for (CSVRecord row : rows) {
            Matcher day = DAY.matcher(text(row));
            if (day.find() && day.group(1).length() <= 2) {
                first = Math.max(first, Integer.parseInt(day.group(1)));
                second = Math.max(second, Integer.parseInt(day.group(2)));
            }
        }
        return second > 12 && first <= 12;
    }

    private Optional<Instant> moment(String text, Instant before) {
        if (text.matches("\\d{10}")) {
            return Optional.of(Instant.ofEpochSecond(Long.parseLong(text)));
        }
        if (text.matches("\\d{13}")) {
            return Optional.of(Instant.ofEpochMilli(Long.parseLong(text)));
        }
        if (text.matches("\\d{4}-\\d{2}-\\d{2}[T ]\\d{2}:\\d{2}(:\\d{2}(\\.\\d+)?)?(Z|[+-]\\d{2}:\\d{2})")) {
            try {
                return Optional.of(OffsetDateTime.parse(text.replace(' ', 'T')).toInstant());
            } catch (DateTimeException e) {
                return Optional.empty();
            }
        }
        return local(text).map(time -> {
            ZonedDateTime early = time.atZone(columns.zone()).withEarlierOffsetAtOverlap();
            // When clocks go back, an hour comes twice: the second time it is the later one.
            return !columns.zoneSaid() && !early.toInstant().isAfter(before)
                    ? early.withLaterOffsetAtOverlap().toInstant()
                    : early.toInstant();
        });
    }

    private Optional<LocalDateTime> local(String text) {
        Matcher day = DAY.matcher(text);
        Matcher clock = CLOCK.matcher(text);
        if (!day.lookingAt() || !clock.find(day.end())) {
            return Optional.empty();
        }
        try {
            int hour = Integer.parseInt(clock.group(1));
            if (clock.group(4) != null) {
                if (hour < 1 || hour > 12) {
                    return Optional.empty();
                }
                hour = hour % 12 + (clock.group(4).toLowerCase(Locale.ROOT).startsWith("p") ? 12 : 0);
            }
            int second = clock.group(3) == null ? 0 : Integer.parseInt(clock.group(3));
            return Optional.of(date(day).atTime(hour, Integer.parseInt(clock.group(2)), second));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    private LocalDate date(Matcher day) {
        int one = Integer.parseInt(day.group(1));
        int two = Integer.parseInt(day.group(2));
        int three = Integer.parseInt(day.group(3));
        if (day.group(1).length() == 4) {
            return LocalDate.of(one, two, three);
        }
        int year = three < 100 ? 2000 + three : three;
        return monthFirst ? LocalDate.of(year, one, two) : LocalDate.of(year, two, one);
    }
}

package mildlantern.log;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Finds the day that a line speaks of: {@code yesterday}, {@code 5 days ago}, {@code on monday}, {@code 2026-11-12}, {@code 12.11.2026},
 * {@code 12/11/2026}, {@code 12 nov}, {@code nov 12 2026}.
 */
final class SpokenDay {
    private static final String MONTHS = "(jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\\.?";

    private static final List<Pattern> FORMS = List.of(
            Pattern.compile("\\b(today)\\b"),
            Pattern.compile("\\b(yesterday)\\b"),
            Pattern.compile("\\b(\\d{1,4}) days? ago\\b"),
            Pattern.compile("\\b(\\d{4})-(\\d{1,2})-(\\d{1,2})\\b"),
            Pattern.compile("\\b(\\d{1,2})([./])(\\d{1,2})\\2(\\d{4})\\b"),
            Pattern.compile("\\b(\\d{1,2})\\.? " + MONTHS + "(?:,? (\\d{4}))?(?![a-z\\d])"),
            Pattern.compile("\\b" + MONTHS + " (\\d{1,2})(?:,? (\\d{4}))?(?![a-z\\d])"),
            Pattern.compile("\\b(?:on|last) (monday|tuesday|wednesday|thursday|friday|saturday|sunday)\\b"));

    /**
     * A day in a line.
     *
     * @param day which; empty where there is no such day
     * @param words how it was written
     * @param rest the line without it
     */
    record Found(Optional<LocalDate> day, String words, String rest) {}

    private SpokenDay() {}

    /**
     * @param monthFirst whether 3/4/2026 is the fourth of March; with points, the day always comes first
     * @return the first day that the line speaks of; empty where it speaks of none
     */
    static Optional<Found> in(String line, LocalDate today, boolean monthFirst) {
        String small = line.toLowerCase(Locale.ROOT);
        for (int form = 0; form < FORMS.size(); form++) {
            Matcher match = FORMS.get(form).matcher(small);
            if (match.find() && small.length() == line.length()) {
                String rest = (line.substring(0, match.start()) + line.substring(match.end())).strip();
                String words = line.substring(match.start(), match.end());
                try {
                    return Optional.of(new Found(Optional.of(day(form, match, today, monthFirst)), words, rest));
                } catch (DateTimeException e) {
                    return Optional.of(new Found(Optional.empty(), words, rest));
                }
            }
        }
        return Optional.empty();
    }

    private static LocalDate day(int form, Matcher match, LocalDate today, boolean monthFirst) {
        return switch (form) {
            case 0 -> today;
            case 1 -> today.minusDays(1);
            case 2 -> today.minusDays(number(match, 1));
            case 3 -> LocalDate.of(number(match, 1), number(match, 2), number(match, 3));
            case 4 -> {
                boolean american = monthFirst && match.group(2).equals("/");
                yield LocalDate.of(number(match, 4), number(match, american ? 1 : 3), number(match, american ? 3 : 1));
            }
            case 5 -> inYear(match.group(3), month(match.group(2)), number(match, 1), today);
            case 6 -> inYear(match.group(3), month(match.group(1)), number(match, 2), today);
            default ->
                today.with(TemporalAdjusters.previousOrSame(
                        DayOfWeek.valueOf(match.group(1).toUpperCase(Locale.ROOT))));
        };
    }

    /** Without a year, the last such day is meant. */
    private static LocalDate inYear(String year, Month month, int day, LocalDate today) {
        if (year != null) {
            return LocalDate.of(Integer.parseInt(year), month, day);
        }
        LocalDate thisYear = LocalDate.of(today.getYear(), month, day);
        return thisYear.isAfter(today) ? thisYear.minusYears(1) : thisYear;
    }

    private static Month month(String beginning) {
        return Arrays.stream(Month.values())
                .filter(month -> month.name().toLowerCase(Locale.ROOT).startsWith(beginning))
                .findFirst()
                .orElseThrow();
    }

    private static int number(Matcher match, int group) {
        return Integer.parseInt(match.group(group));
    }
}

package mildlantern.round;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** Days until something is due, in words. */
public final class DueWords {
    private DueWords() {}

    static String when(CareSchedule.WaterCheck check, LocalDate today) {
        long early = days(today, check.early());
        long late = days(today, check.late());
        if (late <= 0) {
            return "for " + spoken(Math.max(1, -days(today, check.likely())));
        }
        long first = Math.max(0, early);
        if (first == 0) {
            return late == 1 ? "today or tomorrow" : "by now, in %d days at the latest".formatted(late);
        }
        return first == late ? "in " + spoken(late) : "in %d to %d days".formatted(first, late);
    }

    static String spoken(double days) {
        long whole = Math.max(1, Math.round(days));
        return whole == 1 ? "a day" : whole + " days";
    }

    /** Days gone by, in words: today, yesterday, 3 days ago. */
    public static String ago(long days) {
        return days == 0 ? "today" : days == 1 ? "yesterday" : days + " days ago";
    }

    static long days(LocalDate from, LocalDate to) {
        return ChronoUnit.DAYS.between(from, to);
    }
}

package mildlantern.round;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;

/** When something was, or will be due, counted in days. */
public enum DueTime implements MessageKey {
    /** So many days ago; 0 for today. */
    AGO,
    /** So many days long, 1 or more. */
    SPAN,
    /** For so long already. */
    OVERDUE,
    TODAY_OR_TOMORROW,
    /** By now, in so many days at the latest. */
    BY_NOW,
    /** In so long. */
    IN,
    /** In so many to so many days. */
    BETWEEN;

    /** Days gone by. */
    public static Message ago(long days) {
        return AGO.with(days);
    }

    /** Days gone by since a day. */
    public static Message since(LocalDate day, LocalDate today) {
        return ago(days(day, today));
    }

    static Message span(double days) {
        return SPAN.with(Math.max(1, Math.round(days)));
    }

    /** When a pot wants water. */
    static Message when(CareSchedule.WaterCheck check, LocalDate today) {
        long early = days(today, check.early());
        long late = days(today, check.late());
        if (late <= 0) {
            return OVERDUE.with(span(Math.max(1, -days(today, check.likely()))));
        }
        long first = Math.max(0, early);
        if (first == 0) {
            return late == 1 ? TODAY_OR_TOMORROW.with() : BY_NOW.with(late);
        }
        return first == late ? IN.with(span(late)) : BETWEEN.with(first, late);
    }

    static long days(LocalDate from, LocalDate to) {
        return ChronoUnit.DAYS.between(from, to);
    }
}

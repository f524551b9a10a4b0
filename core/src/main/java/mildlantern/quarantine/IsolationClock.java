package mildlantern.quarantine;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import mildlantern.message.Message;

/**
 * A clock of standing alone.
 *
 * @param from the last new find, or the arrival
 * @param days how long it runs from there
 * @param reason why so long
 */
public record IsolationClock(LocalDate from, int days, Message reason) {
    /** The first day on which it may go back. */
    public LocalDate until() {
        return from.plusDays(days);
    }

    /** Days still to go, 0 or more. */
    public int left(LocalDate today) {
        return (int) Math.max(0, ChronoUnit.DAYS.between(today, until()));
    }
}

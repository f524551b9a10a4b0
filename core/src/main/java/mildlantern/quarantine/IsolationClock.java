package mildlantern.quarantine;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.OptionalInt;
import mildlantern.message.Message;

/**
 * A clock of standing alone.
 *
 * @param from the last use or new find, or the arrival
 * @param days how long it runs from there; nothing where no clock ends it
 * @param reason why so long
 */
public record IsolationClock(LocalDate from, OptionalInt days, Message reason) {
    static IsolationClock of(LocalDate from, int days, Message reason) {
        return new IsolationClock(from, OptionalInt.of(days), reason);
    }

    static IsolationClock never(LocalDate from, Message reason) {
        return new IsolationClock(from, OptionalInt.empty(), reason);
    }

    /** The first day on which it may go back, where a clock tells. */
    public Optional<LocalDate> until() {
        return days.isPresent() ? Optional.of(from.plusDays(days.getAsInt())) : Optional.empty();
    }

    /** The same, ended on a day. */
    public IsolationClock until(LocalDate day) {
        return new IsolationClock(from, OptionalInt.of((int) ChronoUnit.DAYS.between(from, day)), reason);
    }

    /** Days still to go, 0 or more; nothing where no clock ends it. */
    public OptionalInt left(LocalDate today) {
        return until().map(day -> OptionalInt.of((int) Math.max(0, ChronoUnit.DAYS.between(today, day))))
                .orElse(OptionalInt.empty());
    }
}

package mildlantern.water;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import mildlantern.log.LogEntry;
import mildlantern.log.Logged;

/** What of a plant's log tells of the water in its pot. */
final class PotLog {
    private PotLog() {}

    /** Waterings and readings until a day, in order; of one day, readings come before waterings. */
    static List<Logged> until(LocalDate today, List<Logged> log) {
        return log.stream()
                .filter(entry -> !entry.day().isAfter(today) && matters(entry.entry()))
                .sorted(Comparator.comparing(Logged::day).thenComparing(entry -> rank(entry.entry())))
                .toList();
    }

    private static boolean matters(LogEntry entry) {
        return entry instanceof LogEntry.Watered
                || entry instanceof LogEntry.Probed
                || entry instanceof LogEntry.Weighed weighed
                        && weighed.yardstick().isEmpty();
    }

    private static int rank(LogEntry entry) {
        return entry instanceof LogEntry.Watered ? 1 : 0;
    }
}

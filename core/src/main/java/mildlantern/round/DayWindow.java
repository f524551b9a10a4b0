package mildlantern.round;

import java.util.Set;
import mildlantern.knowledge.Entry;

/** Days after the last time, from the first that is worth it to the last that is in time. */
record DayWindow(int from, int by) {
    static DayWindow read(Entry entry) {
        entry.allowOnly(Set.of("from", "by"));
        int from = (int) entry.number("from", 1, 60);
        return new DayWindow(from, (int) entry.number("by", from, 90));
    }
}

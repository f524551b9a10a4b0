package mildlantern.web.log;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import mildlantern.log.Counted;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.plant.WaterSource;
import mildlantern.treatment.Situation;

/** What of a plant's record of the last weeks decides what may be used on it. */
public final class Lately {
    private Lately() {}

    /** What the record of the last weeks says: buds that were counted, a new pot, the water it got. */
    public static Set<Situation.State> of(List<LogLine> entries, LocalDate today) {
        Set<Situation.State> so = EnumSet.noneOf(Situation.State.class);
        put(
                so,
                Situation.State.NEWLY_POTTED,
                entries.stream()
                        .anyMatch(row -> row.kind() == LogKind.REPOTTED
                                && !row.onDay().isBefore(today.minusDays(Situation.SETTLES_DAYS))));
        put(
                so,
                Situation.State.IN_BUD,
                entries.stream()
                        .flatMap(row -> row.as(LogEntry.Count.class).stream())
                        .filter(count -> count.what() == Counted.BUDS)
                        .findFirst()
                        .filter(count -> count.number() > 0)
                        .isPresent());
        put(
                so,
                Situation.State.HARD_WATER,
                entries.stream()
                        .flatMap(row -> row.as(LogEntry.Watered.class).flatMap(LogEntry.Watered::water).stream())
                        .findFirst()
                        .filter(water -> water == WaterSource.HARD_TAP || water == WaterSource.SOFTENED_TAP)
                        .isPresent());
        return so;
    }

    private static void put(Set<Situation.State> states, Situation.State state, boolean is) {
        if (is) {
            states.add(state);
        }
    }
}

package mildlantern.web.season;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;

/** Where a plant stood from which day on. */
public final class Stood {
    private final NavigableMap<LocalDate, StopId> from = new TreeMap<>();

    /**
     * @param log its entries, none of them taken back, in any order; only moves are looked at
     */
    public Stood(Plant plant, List<LogLine> log) {
        log.stream()
                .sorted(Comparator.comparing(LogLine::onDay).thenComparing(LogLine::writtenAt))
                .forEach(line -> line.as(LogEntry.Moved.class)
                        .filter(move -> move.from().isPresent() && move.to().isPresent())
                        .ifPresent(move -> {
                            from.putIfAbsent(LocalDate.MIN, move.from().get());
                            from.put(line.onDay(), move.to().get());
                        }));
        if (from.isEmpty()) {
            from.put(LocalDate.MIN, plant.stop());
        }
    }

    /** The stop of a day. */
    public StopId on(LocalDate day) {
        return Optional.ofNullable(from.floorEntry(day))
                .orElseGet(from::firstEntry)
                .getValue();
    }
}

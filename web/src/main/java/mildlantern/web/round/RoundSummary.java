package mildlantern.web.round;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.plant.PlantId;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was done on a round, once it is over. */
@Service
@Transactional(readOnly = true)
class RoundSummary {
    private final LogBook logBook;
    private final Plants plants;

    RoundSummary(LogBook logBook, Plants plants) {
        this.logBook = logBook;
        this.plants = plants;
    }

    /** What the day came to, and what is left. */
    RoundViews.Summary summary(CollectionId collection, DueToday today) {
        List<LogLine> written = logBook.on(collection, today.day).stream()
                .sorted(Comparator.comparing(LogLine::writtenAt))
                .toList();
        Map<PlantId, Plant> plants =
                this.plants
                        .plants(
                                collection,
                                written.stream().map(LogLine::plant).distinct().toList())
                        .stream()
                        .collect(Collectors.toMap(Plant::id, plant -> plant));
        Map<LogKind, List<LogLine>> byKind = written.stream()
                .collect(Collectors.groupingBy(LogLine::kind, () -> new EnumMap<>(LogKind.class), Collectors.toList()));
        List<RoundViews.Tally> tallies = byKind.entrySet().stream()
                .filter(kind -> kind.getKey() != LogKind.PUT_OFF)
                .map(kind -> new RoundViews.Tally(
                        LogWords.of(kind.getKey()), kind.getValue().size(), poured(kind.getValue())))
                .toList();
        List<RoundViews.Elsewhere> left = today.walk.stream()
                .filter(stop -> today.due(stop).all() > 0)
                .map(stop -> new RoundViews.Elsewhere(stop.id(), stop.name(), RoundWords.dueWords(today.due(stop))))
                .toList();
        long visited = written.stream().map(LogLine::plant).distinct().count();
        String sentence = visited == 0
                ? Wording.say("round.round-summary.nothing-was-recorded-today")
                : (visited == 1
                                ? Wording.say("round.round-summary.one-plant-was-seen")
                                : Wording.say("round.round-summary.plants-were-seen-today", visited))
                        + (left.isEmpty()
                                ? Wording.say("round.round-summary.nothing-left-do")
                                : Wording.say("round.round-summary.some-still-do"));
        return new RoundViews.Summary(
                sentence, tallies, lines(written, plants, false), lines(written, plants, true), left);
    }

    private static String poured(List<LogLine> rows) {
        int ml = rows.stream()
                .flatMap(line -> line.as(LogEntry.Watered.class).stream())
                .mapToInt(watered -> watered.ml().orElse(0))
                .sum();
        return ml == 0 ? "" : litres(ml);
    }

    static String litres(int ml) {
        return Units.shown(ml, Unit.Of.VOLUME);
    }

    private static List<RoundViews.DoneLine> lines(List<LogLine> written, Map<PlantId, Plant> plants, boolean putOff) {
        return written.stream()
                .filter(row -> (row.kind() == LogKind.PUT_OFF) == putOff && plants.containsKey(row.plant()))
                .map(row -> new RoundViews.DoneLine(
                        row.plant(),
                        Objects.requireNonNull(plants.get(row.plant())).name(),
                        putOff
                                ? row.words().orElse(Wording.say("round.round-summary.no-reason-given"))
                                : LogWords.said(row),
                        row.id()))
                .toList();
    }
}

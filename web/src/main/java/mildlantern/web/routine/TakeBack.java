package mildlantern.web.routine;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.plant.PlantId;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.log.PlantState;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes back what was written, where nothing built on it since: what an entry changed is given back, and the log keeps both. */
@Service
public class TakeBack {
    private final Plants plants;
    private final LogBook logBook;
    private final Routine routine;

    TakeBack(Plants plants, LogBook logBook, Routine routine) {
        this.plants = plants;
        this.logBook = logBook;
        this.routine = routine;
    }

    /** An entry cannot be taken back as things stand; the message says why. */
    public static final class CannotTakeBack extends Exception {
        private static final long serialVersionUID = 1L;

        CannotTakeBack(String why) {
            super(why);
        }
    }

    /**
     * Takes an entry back, once; what came of a plant by splitting goes with the entry that says so.
     *
     * @throws NotHere if the collection has no such entry
     * @throws CannotTakeBack if a later entry builds on it; the message is for the grower
     */
    @Transactional(rollbackFor = CannotTakeBack.class)
    public LogLine entry(CollectionId collection, EntryId id) throws CannotTakeBack {
        LogLine row = logBook.find(collection, id).orElseThrow(() -> new NotHere("entry"));
        boolean several = row.kind() == LogKind.SPLIT || row.kind() == LogKind.PROPAGATED;
        takeBack(
                collection,
                several && row.batch().isPresent()
                        ? logBook.batch(collection, row.batch().get())
                        : List.of(row));
        return row;
    }

    /**
     * Takes back all entries that were written together, once; plants that came in with them are withdrawn.
     *
     * @return how many entries
     * @throws CannotTakeBack if a later entry builds on one of them; then none is taken back
     */
    @Transactional(rollbackFor = CannotTakeBack.class)
    public int batch(CollectionId collection, BatchId batch) throws CannotTakeBack {
        return takeBack(collection, logBook.batch(collection, batch));
    }

    private int takeBack(CollectionId collection, List<LogLine> asked) throws CannotTakeBack {
        return routine.change(
                collection, asked.stream().map(LogLine::plant).distinct().toList(), () -> takenBack(collection, asked));
    }

    private int takenBack(CollectionId collection, List<LogLine> asked) throws CannotTakeBack {
        List<LogLine> rows = asked.stream()
                .filter(row -> row.kind() != LogKind.UNDONE)
                .filter(row -> !logBook.takenBack(collection, row.id()))
                .sorted(Comparator.comparing(LogLine::writtenAt).reversed())
                .toList();
        Set<EntryId> ids = rows.stream().map(LogLine::id).collect(Collectors.toSet());
        Map<PlantId, Plant> touched = new LinkedHashMap<>();
        Map<PlantId, List<LogLine>> others = new HashMap<>();
        for (LogLine row : rows) {
            Plant plant = touched.computeIfAbsent(row.plant(), id -> plants.plant(collection, id));
            refuseIfBuiltOn(
                    plant,
                    row,
                    others.computeIfAbsent(
                            row.plant(),
                            id -> logBook.everything(collection, id).stream()
                                    .filter(other -> !ids.contains(other.id()))
                                    .toList()));
        }
        for (LogLine row : rows) {
            touched.computeIfPresent(row.plant(), (id, plant) -> givenBack(plant, row));
        }
        touched.values().forEach(plants::store);
        return rows.size();
    }

    private static boolean cameWith(LogLine row) {
        return row.kind() == LogKind.ARRIVED && row.batch().isPresent();
    }

    private static void refuseIfBuiltOn(Plant plant, LogLine row, List<LogLine> others) throws CannotTakeBack {
        if (cameWith(row) && !others.isEmpty()) {
            throw new CannotTakeBack(Wording.say("routine.take-back.has-own-entries", plant.name()));
        }
        Optional<PlantState.Changed> changed = PlantState.changed(row.kind());
        Optional<LogLine> later = others.stream()
                .filter(other ->
                        changed.isPresent() && PlantState.changed(other.kind()).equals(changed))
                .filter(other -> other.writtenAt().isAfter(row.writtenAt()))
                .max(Comparator.comparing(LogLine::writtenAt));
        if (later.isPresent()) {
            throw new CannotTakeBack(Wording.say(
                    "routine.take-back.later-entry",
                    plant.name(),
                    LogWords.of(later.get().kind()),
                    later.get().onDay()));
        }
    }

    private Plant givenBack(Plant plant, LogLine row) {
        logBook.store(
                plant.collection(),
                LogLine.of(plant.id(), row.onDay(), new LogEntry.TakenBack(), null, routine.moment(plant))
                        .undoing(row.id()));
        return cameWith(row)
                ? plant.ended(Plant.State.WITHDRAWN, routine.moment(plant).toLocalDate(), null)
                        .named(plant.cultivar(), null, plant.source())
                : row.before().map(before -> before.giveBack(row.kind(), plant)).orElse(plant);
    }
}

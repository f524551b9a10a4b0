package mildlantern.web.log;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.EntryId;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What was written down of plants. Entries are added, never changed or taken out. */
@Service
@Transactional(readOnly = true)
public class LogBook {
    /** Letters that the words of an entry may have. */
    public static final int LONGEST_WORDS = 1000;

    /** Older entries say nothing about today's troubles. */
    private static final int DAYS_THAT_MATTER = 400;

    private final LogRows rows;
    private final Clock clock;

    LogBook(LogRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** What happened to a plant in the last years that still matter, the latest first; nothing that was taken back. */
    public List<LogRow> entries(Plant plant) {
        return entries(plant, LocalDate.now(clock).minusDays(DAYS_THAT_MATTER));
    }

    /** What happened to a plant from a day on, the latest first; nothing that was taken back. */
    public List<LogRow> entries(Plant plant, LocalDate from) {
        return standing(rows.since(plant.collection(), plant.id(), from));
    }

    /** All that was ever written of a plant, in no order; nothing that was taken back. */
    public List<LogRow> everything(CollectionId collection, PlantId plant) {
        return standing(rows.findByCollectionAndPlantOrderByOnDayDesc(collection, plant));
    }

    /** What happened to each of some plants from a day on, the latest first; nothing that was taken back. */
    public Map<PlantId, List<LogRow>> entries(CollectionId collection, Collection<PlantId> plants, LocalDate from) {
        return standing(rows.allSince(collection, plants, from)).stream().collect(Collectors.groupingBy(LogRow::plant));
    }

    /** What was written of all plants for a day; nothing that was taken back. */
    public List<LogRow> on(CollectionId collection, LocalDate day) {
        return standing(rows.findByCollectionAndOnDay(collection, day));
    }

    /** What was written of some plants for a day; nothing that was taken back. */
    public List<LogRow> on(CollectionId collection, LocalDate day, Collection<PlantId> plants) {
        return plants.isEmpty()
                ? List.of()
                : standing(rows.findByCollectionAndOnDayAndPlantIn(collection, day, plants));
    }

    /** The day on which each plant of some stops came to where it stands, by plant; none for one of whose coming nothing was written. */
    public Map<PlantId, LocalDate> standingSince(CollectionId collection, Collection<StopId> stops) {
        return stops.isEmpty()
                ? Map.of()
                : standing(rows.comings(
                                collection.value(),
                                stops.stream().map(StopId::value).toList(),
                                LocalDate.now(clock).minusDays(DAYS_THAT_MATTER)))
                        .stream()
                        .collect(Collectors.toMap(LogRow::plant, LogRow::onDay, (latest, earlier) -> latest));
    }

    public Optional<LogRow> find(CollectionId collection, EntryId id) {
        return rows.findByCollectionAndId(collection, id.value());
    }

    /** The entries that were written together, those that were taken back too. */
    public List<LogRow> batch(CollectionId collection, BatchId batch) {
        return rows.findByCollectionAndBatch(collection, batch);
    }

    public boolean takenBack(CollectionId collection, EntryId id) {
        return rows.existsByCollectionAndUndoes(collection, id);
    }

    /** Stores an entry, within a piece of writing of the routine, which works out what follows. */
    @Transactional(propagation = Propagation.MANDATORY)
    public LogRow store(LogRow row) {
        return rows.save(row);
    }

    /** Entries without those that were taken back and what took them back. */
    private static List<LogRow> standing(List<LogRow> rows) {
        Set<EntryId> undone =
                rows.stream().map(LogRow::undoes).filter(Objects::nonNull).collect(Collectors.toSet());
        return rows.stream()
                .filter(row -> row.kind() != LogKind.UNDONE && !undone.contains(row.id()))
                .toList();
    }
}

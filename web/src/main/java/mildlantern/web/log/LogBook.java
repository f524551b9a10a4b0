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
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
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

    /** The names under which archives carry what an entry says. */
    public static final Set<String> FIELDS = EntryJson.FIELDS;

    /** Older entries say nothing about today's troubles. */
    private static final int DAYS_THAT_MATTER = 400;

    private final LogRows rows;
    private final EntryJson json;
    private final Clock clock;

    LogBook(LogRows rows, EntryJson json, Clock clock) {
        this.rows = rows;
        this.json = json;
        this.clock = clock;
    }

    /** What happened to a plant in the last years that still matter, the latest first; nothing that was taken back. */
    public List<LogLine> entries(Plant plant) {
        return entries(plant, LocalDate.now(clock).minusDays(DAYS_THAT_MATTER));
    }

    /** What happened to a plant from a day on, the latest first; nothing that was taken back. */
    public List<LogLine> entries(Plant plant, LocalDate from) {
        return standing(rows.since(plant.collection(), plant.id(), from));
    }

    /** All that was ever written of a plant, in no order; nothing that was taken back. */
    public List<LogLine> everything(CollectionId collection, PlantId plant) {
        return standing(rows.findByCollectionAndPlantOrderByOnDayDesc(collection, plant));
    }

    /** What happened to each of some plants from a day on, the latest first; nothing that was taken back. */
    public Map<PlantId, List<LogLine>> entries(CollectionId collection, Collection<PlantId> plants, LocalDate from) {
        return standing(rows.allSince(collection, plants, from)).stream()
                .collect(Collectors.groupingBy(LogLine::plant));
    }

    /** What was written of all plants for a day; nothing that was taken back. */
    public List<LogLine> on(CollectionId collection, LocalDate day) {
        return standing(rows.findByCollectionAndOnDay(collection, day));
    }

    /** What was written of some plants for a day; nothing that was taken back. */
    public List<LogLine> on(CollectionId collection, LocalDate day, Collection<PlantId> plants) {
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
                        .collect(Collectors.toMap(LogLine::plant, LogLine::onDay, (latest, earlier) -> latest));
    }

    /** What of a kind was written of all plants from a day on, the latest first; nothing that was taken back. */
    public List<LogLine> ofKind(CollectionId collection, LogKind kind, LocalDate from) {
        return rows.ofKind(collection.value(), kind.name(), from).stream()
                .map(this::line)
                .toList();
    }

    /** What of some kinds was written of all plants from a day on, the latest first; nothing that was taken back. */
    public List<LogLine> ofKinds(CollectionId collection, Set<LogKind> kinds, LocalDate from) {
        return rows.ofKinds(collection.value(), names(kinds), from).stream()
                .map(this::line)
                .toList();
    }

    /** The same of one plant. */
    public List<LogLine> ofKinds(CollectionId collection, PlantId plant, Set<LogKind> kinds, LocalDate from) {
        return rows.ofKinds(collection.value(), plant.value(), names(kinds), from).stream()
                .map(this::line)
                .toList();
    }

    private static List<String> names(Set<LogKind> kinds) {
        return kinds.stream().map(LogKind::name).sorted().toList();
    }

    /** Plants that came to a stop or left it from a day on. */
    public List<PlantId> passedBy(CollectionId collection, StopId stop, LocalDate from) {
        return rows.passedBy(collection.value(), stop.toString(), from).stream()
                .map(PlantId::new)
                .toList();
    }

    public Optional<LogLine> find(CollectionId collection, EntryId id) {
        return rows.findByCollectionAndId(collection, id.value()).map(this::line);
    }

    /** The entries that were written together, those that were taken back too. */
    public List<LogLine> batch(CollectionId collection, BatchId batch) {
        return rows.findByCollectionAndBatch(collection, batch).stream()
                .map(this::line)
                .toList();
    }

    /** Which of some batches have an entry that was taken back; a single entry may stand for a batch, by its id. */
    public Set<BatchId> takenBack(CollectionId collection, Collection<BatchId> batches) {
        return batches.isEmpty()
                ? Set.of()
                : rows
                        .takenBackOf(
                                collection.value(),
                                batches.stream().map(BatchId::value).toList())
                        .stream()
                        .map(BatchId::new)
                        .collect(Collectors.toSet());
    }

    /** The entries that were taken back of a plant from a day on, and that nothing stands for now; the latest first. */
    public List<LogLine> takenBack(Plant plant, LocalDate from) {
        List<LogRow> all = rows.since(plant.collection(), plant.id(), from);
        Set<EntryId> undone =
                all.stream().map(LogRow::undoes).filter(Objects::nonNull).collect(Collectors.toSet());
        Set<EntryId> replaced = all.stream()
                .filter(row -> !undone.contains(row.id()))
                .map(LogRow::replaces)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet());
        return all.stream()
                .filter(row -> undone.contains(row.id()) && !replaced.contains(row.id()))
                .map(this::line)
                .toList();
    }

    /** Whether an entry stands for another, and was not taken back itself. */
    public boolean stoodFor(CollectionId collection, EntryId id) {
        return rows.findByCollectionAndReplaces(collection, id).stream()
                .anyMatch(row -> !takenBack(collection, row.id()));
    }

    public boolean takenBack(CollectionId collection, EntryId id) {
        return rows.existsByCollectionAndUndoes(collection, id);
    }

    /** An entry as the table stores it. */
    public String stored(LogEntry entry) {
        return json.write(entry);
    }

    /** Stores an entry, within a piece of writing of the routine, which works out what follows. */
    @Transactional(propagation = Propagation.MANDATORY)
    public LogLine store(CollectionId collection, LogLine line) {
        rows.save(new LogRow(collection, line, json));
        return line;
    }

    /** Entries without those that were taken back and what took them back. */
    private List<LogLine> standing(List<LogRow> all) {
        Set<EntryId> undone =
                all.stream().map(LogRow::undoes).filter(Objects::nonNull).collect(Collectors.toSet());
        return all.stream()
                .filter(row -> row.kind() != LogKind.UNDONE && !undone.contains(row.id()))
                .map(this::line)
                .toList();
    }

    /** A row as the entry that it stores. */
    LogLine line(LogRow row) {
        return new LogLine(
                row.id(),
                row.plant(),
                row.onDay(),
                json.read(row.kind(), row.entry()),
                Optional.ofNullable(row.detail()),
                row.writtenAt(),
                Optional.ofNullable(row.batch()),
                Optional.ofNullable(row.undoes()),
                Optional.ofNullable(row.beforeState()).map(json::state),
                Optional.ofNullable(row.writtenBy()),
                Optional.ofNullable(row.replaces()));
    }
}

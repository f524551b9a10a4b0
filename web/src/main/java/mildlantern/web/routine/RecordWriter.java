package mildlantern.web.routine;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.log.LogEntry;
import mildlantern.place.Moves;
import mildlantern.place.StopId;
import mildlantern.plant.EventKind;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Wants;
import mildlantern.web.log.Effects;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.PlantState;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopNow;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Wording;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Writes the log. Entries are added, never changed or taken out; what an entry changes of its plant is changed with it, and
 * taking an entry back gives that back by an entry of its own.
 */
@Service
@Transactional
public class RecordWriter {
    private final Plants plants;
    private final Stops stops;
    private final LogBook logBook;
    private final Routine routine;
    private final WrittenForms forms;
    private final Moves moves;
    private final Records reader;
    private final StopStates states;
    private final YearBook years;
    private final Clock clock;
    private final ApplicationEventPublisher told;

    RecordWriter(
            Plants plants,
            Stops stops,
            LogBook logBook,
            Routine routine,
            WrittenForms forms,
            Moves moves,
            Records reader,
            StopStates states,
            YearBook years,
            Clock clock,
            ApplicationEventPublisher told) {
        this.plants = plants;
        this.stops = stops;
        this.logBook = logBook;
        this.routine = routine;
        this.forms = forms;
        this.moves = moves;
        this.reader = reader;
        this.states = states;
        this.years = years;
        this.clock = clock;
        this.told = told;
    }

    /**
     * An entry was written, with what it changed of its plant; told within the same piece of writing.
     *
     * @param plant as it is now
     */
    public record Written(Plant plant, LogLine line) {}

    /**
     * An entry to be written.
     *
     * @param entry what happened
     * @param words further words, or null
     * @param replaces the entry that it stands for
     */
    public record Line(LogEntry entry, @Nullable String words, Optional<EntryId> replaces) {
        public Line(LogEntry entry, @Nullable String words) {
            this(entry, words, Optional.empty());
        }

        public static Line of(LogEntry entry) {
            return new Line(entry, null);
        }
    }

    /**
     * Writes entries of one plant and one day, once, however often the form is sent.
     *
     * @return the ids of what was written; empty where the form had been stored before
     */
    public List<EntryId> write(CollectionId collection, PlantId plant, FormKey form, LocalDate day, List<Line> lines) {
        return routine.change(collection, List.of(plant), () -> {
            Plant found = plants.plant(collection, plant);
            return forms.firstTime(collection, form) ? add(found, day, lines, Optional.empty()) : List.of();
        });
    }

    /** Writes entries of a plant within the caller's piece of work. */
    public List<EntryId> write(
            CollectionId collection, PlantId plant, LocalDate day, List<Line> lines, Optional<BatchId> batch) {
        return routine.change(
                collection, List.of(plant), () -> add(plants.plant(collection, plant), day, lines, batch));
    }

    /** Adds or changes a plant, within a piece of writing that holds it or in one of its own. */
    public Plant store(Plant plant) {
        return routine.change(plant.collection(), plant.isNew() ? List.of() : List.of(plant.id()), () -> {
            routine.touched(plant);
            return plants.store(plant);
        });
    }

    private List<EntryId> add(Plant plant, LocalDate day, List<Line> lines, Optional<BatchId> batch) {
        return lines.stream().map(line -> add(plant, day, line, batch).id()).toList();
    }

    /** Adds an entry and what it changes of its plant, within a piece of writing that holds the plant. */
    public LogLine add(Plant of, LocalDate day, Line line, Optional<BatchId> batch) {
        // The plant as it is now: an entry before this one may have changed it.
        Plant plant = plants.plant(of.collection(), of.id());
        LogEntry entry = line.entry() instanceof LogEntry.Moved moved ? completed(plant, moved) : line.entry();
        LogLine written = noted(plant, day, entry, line, batch);
        Plant now = plants.store(Effects.after(plant, day, entry, stop -> plants.nextPlace(plant.collection(), stop)));
        told.publishEvent(new Written(now, written));
        return written;
    }

    private LogEntry.Moved completed(Plant plant, LogEntry.Moved moved) {
        if (moved.to().isEmpty() || moved.temperatureStep().isPresent()) {
            return moved;
        }
        Stop from = stops.stop(plant.collection(), plant.stop());
        Stop to = stops.onWalk(plant.collection(), moved.to().get());
        Moves.Step step = Objects.requireNonNull(judge(plant, from, List.of(to)).get(to.id()));
        return new LogEntry.Moved(
                Optional.of(from.id()), Optional.of(to.id()), step.temperatureStep(), step.lightRatio());
    }

    /** What a move to each of some stops would mean for a plant, by stop; nothing is written. */
    @Transactional(readOnly = true)
    public Map<StopId, Moves.Step> judge(Plant plant, List<Stop> to) {
        return judge(plant, stops.stop(plant.collection(), plant.stop()), to);
    }

    /** What speaks against moving a plant to a stop; empty where nothing does, or it stands there. */
    @Transactional(readOnly = true)
    public List<String> warnings(Plant plant, StopId to) {
        return to.equals(plant.stop())
                ? List.of()
                : Objects.requireNonNull(judge(plant, List.of(stops.onWalk(plant.collection(), to)))
                                .get(to))
                        .warnings()
                        .stream()
                        .map(Wording::of)
                        .toList();
    }

    private Map<StopId, Moves.Step> judge(Plant plant, Stop from, List<Stop> to) {
        Wants wants = years.wants(plant);
        List<Stop> all = new ArrayList<>(to);
        all.add(from);
        Map<StopId, StopNow> now = states.of(plant.collection(), all);
        Function<Stop, PlantRecord.Place> place =
                stop -> reader.place(stop, now.getOrDefault(stop.id(), StopNow.UNKNOWN));
        PlantRecord.Place here = place.apply(from);
        return to.stream().collect(Collectors.toMap(Stop::id, stop -> moves.judge(wants, here, place.apply(stop))));
    }

    /** Writes what a grower remembers of an earlier day; it changes nothing of how the plant stands now. */
    public void remember(CollectionId collection, PlantId plant, EventKind event, LocalDate day) {
        routine.change(
                collection,
                List.of(plant),
                () -> note(
                        plants.plant(collection, plant),
                        day,
                        LogEntry.bare(event),
                        Wording.say("routine.record-writer.remembered"),
                        Optional.empty()));
    }

    /** Notes that a plant came together with others: with a table, or of another plant. */
    public void arrived(Plant plant, LocalDate day, BatchId batch) {
        note(plant, day, LogEntry.bare(EventKind.ACQUIRED), null, Optional.of(batch));
    }

    /** Shifts a pot on its stop: its middle from the left and from the glass, cm. Neither warmth nor light changes by that. */
    public void shift(CollectionId collection, PlantId id, double x, double y, LocalDate day) {
        routine.write(collection, List.of(id), () -> {
            Plant plant = plants.plant(collection, id);
            note(plant, day, new LogEntry.Shifted(), null, Optional.empty());
            plants.store(plant.at(x, y));
        });
    }

    /** Ends a plant: it is no longer kept, and its record stays. */
    public void end(CollectionId collection, PlantId id, Plant.State how, LocalDate day, @Nullable String cause) {
        routine.write(collection, List.of(id), () -> {
            Plant plant = plants.plant(collection, id);
            note(plant, day, new LogEntry.Ended(how == Plant.State.LOST), cause, Optional.empty());
            plants.store(plant.ended(how, day, cause));
        });
    }

    /** Writes an entry that is not of the quick field: a photo, a split, an end; within a piece of writing that holds the plant. */
    public LogLine note(Plant plant, LocalDate day, LogEntry entry, @Nullable String words, Optional<BatchId> batch) {
        return noted(plant, day, entry, new Line(entry, words), batch);
    }

    private LogLine noted(Plant plant, LocalDate day, LogEntry entry, Line said, Optional<BatchId> batch) {
        LogLine line = LogLine.of(plant.id(), day, entry, said.words(), routine.moment(plant))
                .inBatch(batch)
                .replacing(said.replaces());
        return logBook.store(
                plant.collection(),
                PlantState.changed(entry.kind()).isPresent() ? line.over(PlantState.of(plant)) : line);
    }
}

package mildlantern.web.collection;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.log.QuickLine;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;
import mildlantern.treatment.CareSetting;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.StaleEdit;
import mildlantern.web.platform.WrittenForms;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Stops, plants and what is written down of them. Every question names the collection it is asked for. */
@Service
@Transactional(readOnly = true)
public class CollectionService {
    /** Older entries say nothing about today's troubles. */
    private static final int DAYS_THAT_MATTER = 400;

    private final Repositories.Stops stops;
    private final Repositories.Plants plants;
    private final Repositories.Happenings happenings;
    private final Repositories.CareEntries careEntries;
    private final RecordReader reader;
    private final UpkeepRows upkeep;
    private final Routine routine;
    private final Repositories.StopReadings readings;
    private final WrittenForms forms;
    private final Clock clock;

    CollectionService(
            Repositories.Stops stops,
            Repositories.Plants plants,
            Repositories.Happenings happenings,
            Repositories.CareEntries careEntries,
            RecordReader reader,
            UpkeepRows upkeep,
            Routine routine,
            Repositories.StopReadings readings,
            WrittenForms forms,
            Clock clock) {
        this.stops = stops;
        this.plants = plants;
        this.happenings = happenings;
        this.careEntries = careEntries;
        this.reader = reader;
        this.upkeep = upkeep;
        this.routine = routine;
        this.readings = readings;
        this.forms = forms;
        this.clock = clock;
    }

    /** The stops in walking order. */
    public List<Stop> walk(UUID collection) {
        return stops.findByCollectionOrderByPosition(collection);
    }

    /** All plants that are kept, in the order in which they stand at their stops. */
    public List<Plant> plants(UUID collection) {
        return plants.findByCollectionOrderByPlaceOnStop(collection).stream()
                .filter(Plant::alive)
                .toList();
    }

    /** Living plants that came into the collection on a day or later. */
    @Transactional(readOnly = true)
    public List<Plant> arrivedSince(UUID collection, LocalDate since) {
        return plants.arrivedSince(collection, since);
    }

    /** The plants that stand at a stop, in their order. */
    public List<Plant> plantsAt(UUID collection, UUID stop) {
        return plants.findByCollectionAndStopOrderByPlaceOnStop(collection, stop).stream()
                .filter(Plant::alive)
                .toList();
    }

    /** Some plants by their ids, in no order; those of other collections are left out. */
    public List<Plant> plants(UUID collection, Collection<UUID> ids) {
        return ids.isEmpty() ? List.of() : plants.findByCollectionAndIdIn(collection, ids);
    }

    /** The names of all plants that are kept, with their accession numbers. */
    public List<QuickLine.Named> names(UUID collection) {
        return plants.names(collection);
    }

    /** What came of a plant by splitting or from a cutting. */
    public List<Plant> offspring(Plant plant) {
        return plants.findByCollectionAndMotherOrderByName(plant.collection(), plant.id());
    }

    /**
     * @throws NotHere if the collection has no such plant
     */
    public Plant plant(UUID collection, UUID id) {
        return plants.findByCollectionAndId(collection, id).orElseThrow(() -> new NotHere("plant"));
    }

    /**
     * @throws NotHere if the collection has no such stop
     */
    public Stop stop(UUID collection, UUID id) {
        return stops.findByCollectionAndId(collection, id).orElseThrow(() -> new NotHere("stop"));
    }

    public Profile profile(Plant plant) {
        return reader.profile(plant);
    }

    /** What is known of a plant today, for the core. */
    public PlantRecord record(Plant plant) {
        return reader.read(
                plant,
                stop(plant.collection(), plant.stop()),
                happenings(plant),
                upkeep.of(plant.collection(), plant.id()));
    }

    /** What happened to a plant in the last years that still matter, the latest first; nothing that was taken back. */
    public List<Happening> happenings(Plant plant) {
        return happenings(plant, LocalDate.now(clock).minusDays(DAYS_THAT_MATTER));
    }

    /** What happened to a plant from a day on, the latest first; nothing that was taken back. */
    public List<Happening> happenings(Plant plant, LocalDate from) {
        return standing(happenings.since(plant.collection(), plant.id(), from));
    }

    /** What was written of all plants for a day; nothing that was taken back. */
    public List<Happening> happenedOn(UUID collection, LocalDate day) {
        return standing(happenings.findByCollectionAndOnDay(collection, day));
    }

    /** What was written of some plants for a day; nothing that was taken back. */
    public List<Happening> happenedOn(UUID collection, LocalDate day, Collection<UUID> plants) {
        return plants.isEmpty()
                ? List.of()
                : standing(happenings.findByCollectionAndOnDayAndPlantIn(collection, day, plants));
    }

    /** The day on which each plant of some stops came to where it stands, by plant; none for one of whose coming nothing was written. */
    public Map<UUID, LocalDate> standingSince(UUID collection, Collection<UUID> stops) {
        return stops.isEmpty()
                ? Map.of()
                : standing(happenings.comings(
                                collection, stops, LocalDate.now(clock).minusDays(DAYS_THAT_MATTER)))
                        .stream()
                        .collect(Collectors.toMap(Happening::plant, Happening::onDay, (latest, earlier) -> latest));
    }

    /** Entries without those that were taken back and what took them back. */
    static List<Happening> standing(List<Happening> rows) {
        Set<UUID> undone =
                rows.stream().map(Happening::undoes).filter(Objects::nonNull).collect(Collectors.toSet());
        return rows.stream()
                .filter(row -> row.kind() != HappeningKind.UNDONE && !undone.contains(row.id()))
                .toList();
    }

    /** The lines of a care sheet by setting, the one that holds first, its history after it. */
    public Map<CareSetting, List<CareEntry>> careSheet(Plant plant) {
        Map<CareSetting, List<CareEntry>> sheet = new EnumMap<>(CareSetting.class);
        for (CareEntry entry :
                careEntries.findByCollectionAndPlantOrderByWrittenAtDesc(plant.collection(), plant.id())) {
            sheet.computeIfAbsent(entry.setting(), setting -> new ArrayList<>()).add(entry);
        }
        return sheet;
    }

    /** Writes a line of the care sheet; the older line stays as history. */
    @Transactional
    public void write(CareEntry entry) {
        careEntries.save(entry);
    }

    /** Adds a stop at the end of the walk. */
    @Transactional
    public Stop write(Stop stop) {
        return stops.save(stop);
    }

    /** Changes a stop and its place on the walk; the others close up. */
    private void reshape(Stop stop, int position) {
        List<Stop> order = new ArrayList<>(walk(stop.collection()).stream()
                .filter(other -> !other.id().equals(stop.id()))
                .toList());
        order.add(Math.min(order.size(), position - 1), stop);
        for (int i = 0; i < order.size(); i++) {
            stops.save(order.get(i).at(i + 1));
        }
    }

    /**
     * Changes what a stop is and where on the walk it comes, once.
     *
     * @param opened the version that the page showed
     * @param changes made to the stop as it is now
     * @throws StaleEdit if it was changed since the page was opened; nothing is stored
     */
    @Transactional(rollbackFor = StaleEdit.class)
    public void reshape(
            UUID collection, UUID stop, UUID form, @Nullable Long opened, int position, Consumer<Stop> changes)
            throws StaleEdit {
        routine.writeAll(collection, () -> {
            Stop found = stop(collection, stop);
            if (forms.firstTime(collection, form)) {
                StaleEdit.check(opened, found.version());
                changes.accept(found);
                reshape(found, position);
                routine.touchedAt(collection, stop);
            }
        });
    }

    /** Adds or changes a plant, within a piece of writing that holds it or in one of its own. */
    @Transactional
    public Plant write(Plant plant) {
        return routine.change(plant.collection(), plant.isNew() ? List.of() : List.of(plant.id()), () -> {
            routine.touched(plant);
            return plants.save(plant);
        });
    }

    /** Writes what was read at a stop, once; where nothing later was typed, the stop is now as read. */
    @Transactional
    public void read(UUID collection, UUID stopId, UUID form, Function<Stop, StopReading> readings) {
        routine.writeAll(collection, () -> {
            Stop stop = stop(collection, stopId);
            if (forms.firstTime(collection, form)) {
                read(stop, readings.apply(stop));
            }
        });
    }

    private void read(Stop stop, StopReading reading) {
        boolean latest =
                typedReadings(stop, 1).stream().noneMatch(other -> other.onDay().isAfter(reading.onDay()));
        readings.save(reading);
        if (latest) {
            stops.save(stop.typed(reading));
        }
        routine.touchedAt(stop.collection(), stop.id());
    }

    /** Stores what sensors measured at a stop, and works out anew what depends on it. */
    @Transactional
    public void measured(UUID collection, UUID stop, Runnable storing) {
        routine.writeAll(collection, () -> {
            storing.run();
            routine.touchedAt(collection, stop);
        });
    }

    /** Stores what was read at a stop on an earlier day; how the stop is today stays as it is. */
    @Transactional
    public void store(StopReading reading) {
        readings.save(reading);
    }

    /** What was read at all stops from a day on, the latest last. */
    public List<StopReading> readingsSince(UUID collection, LocalDate day) {
        return readings.findByCollectionAndOnDayGreaterThanEqualOrderByOnDay(collection, day);
    }

    /** What was typed at a stop or read with a meter, the latest first. */
    public List<StopReading> typedReadings(Stop stop, int most) {
        return readings.typed(stop.collection(), stop.id(), Limit.of(most));
    }

    /** What was read at a stop, the latest last. */
    public List<StopReading> readings(Stop stop) {
        return readings.findByCollectionAndStopOrderByOnDay(stop.collection(), stop.id());
    }

    /** Where a new plant would stand. */
    public int nextPlace(UUID collection, UUID stop) {
        return plants.lastPlace(collection, stop) + 1;
    }

    /** Where a new stop would come on the walk. */
    int nextPosition(UUID collection) {
        return walk(collection).stream().mapToInt(Stop::position).max().orElse(0) + 1;
    }

    /** Runs a piece of writing once, however often its form is sent. */
    @Transactional
    public void once(UUID collection, UUID form, Runnable writing) {
        if (forms.firstTime(collection, form)) {
            writing.run();
        }
    }
}

package mildlantern.web.routine;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import mildlantern.log.LogEntry;
import mildlantern.log.Logged;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.water.Climate;
import mildlantern.water.ClimateOfDay;
import mildlantern.water.PotOfPlant;
import mildlantern.water.Scale;
import mildlantern.water.WaterBalance;
import mildlantern.water.WaterEstimate;
import mildlantern.water.WaterKnowledge;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Maybe;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.ReadOnDay;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts a stored plant, its log and the readings of its stops before the core's water balance. */
@Component
public class WaterBook {
    private static final double USUAL_CELSIUS = 21;

    private final PlantKnowledge knowledge;
    private final WaterKnowledge water;
    private final WaterBalance balance;
    private final Houses houses;
    private final Stops stops;
    private final Clock clock;

    WaterBook(PlantKnowledge knowledge, WaterKnowledge water, Houses houses, Stops stops, Clock clock) {
        this.knowledge = knowledge;
        this.water = water;
        this.balance = new WaterBalance(water);
        this.houses = houses;
        this.stops = stops;
        this.clock = clock;
    }

    /** The climates of a collection's stops, read as they are asked for. */
    public Climates climates(CollectionId collection) {
        return new Climates(collection);
    }

    /** What each stop's air and light were, day by day; made for one piece of work, so that each stop is read once. */
    public final class Climates {
        private final CollectionId collection;
        private final Function<LocalDate, Season> seasons;
        private final Map<StopId, NavigableMap<LocalDate, ReadOnDay>> byStop = new HashMap<>();
        private final Map<StopId, Optional<Stop>> known = new HashMap<>();

        private Climates(CollectionId collection) {
            this.collection = collection;
            this.seasons = houses.seasons(collection);
        }

        public Season season(LocalDate day) {
            return seasons.apply(day);
        }

        public Climate at(StopId stop, LocalDate day) {
            NavigableMap<LocalDate, ReadOnDay> read = byStop.computeIfAbsent(stop, this::read);
            Map.@Nullable Entry<LocalDate, ReadOnDay> nearest =
                    Optional.ofNullable(read.floorEntry(day)).orElseGet(read::firstEntry);
            if (nearest != null) {
                ReadOnDay reading = nearest.getValue();
                return climate(
                        reading.dayCelsius(),
                        reading.humidityPercent(),
                        reading.light(),
                        reading.dailyLight(),
                        season(day));
            }
            Optional<Stop> found = known.computeIfAbsent(stop, id -> stops.find(collection, id));
            return found.map(it -> climate(it.dayCelsius(), it.humidityPercent(), it.light(), null, season(day)))
                    .orElseGet(() -> climate(null, null, null, null, season(day)));
        }

        /** Temperature by day at a stop, °C; a usual room's where none was read. */
        double celsius(StopId stop, LocalDate day) {
            NavigableMap<LocalDate, ReadOnDay> read = byStop.computeIfAbsent(stop, this::read);
            return Optional.ofNullable(read.floorEntry(day))
                    .or(() -> Optional.ofNullable(read.firstEntry()))
                    .map(entry -> entry.getValue().dayCelsius())
                    .orElse(USUAL_CELSIUS);
        }

        private NavigableMap<LocalDate, ReadOnDay> read(StopId stop) {
            NavigableMap<LocalDate, ReadOnDay> byDay = new TreeMap<>();
            @Nullable ReadOnDay last = null;
            for (ReadOnDay reading : stops.readOnDays(collection, stop)) {
                last = last == null ? reading : last.with(reading);
                byDay.put(reading.onDay(), last);
            }
            return byDay;
        }
    }

    private Climate climate(
            @Nullable Double day,
            @Nullable Double humidity,
            @Nullable Brightness light,
            @Nullable Double daily,
            Season season) {
        return water.climate(
                Maybe.number(day),
                Maybe.number(humidity),
                light == null ? Brightness.MEDIUM : light,
                Maybe.number(daily),
                season);
    }

    /** The plant and its pot as the water balance sees them; what is not known is taken to be usual. */
    public PotOfPlant pot(Plant plant, Profile profile) {
        Medium medium = Optional.ofNullable(plant.medium())
                .flatMap(knowledge::medium)
                .orElseGet(() -> knowledge.medium(profile.media().get(0)).orElseThrow());
        return new PotOfPlant(
                profile,
                plant.potKind(),
                plant.acrossCm(),
                Maybe.number(plant.potHeightCm()),
                medium,
                plant.leafClass(),
                plant.reservoirMl());
    }

    /** Leaf area of a plant, one side, cm². */
    public double leafSquareCm(Plant plant, Profile profile) {
        return water.leafSquareCm(pot(plant, profile));
    }

    /** Whether what it drinks stands in a tray or reservoir. */
    boolean tray(Plant plant, Profile profile) {
        return water.pot(pot(plant, profile)).reservoirMl() > 0;
    }

    /**
     * Retells what the water in a plant's pot did.
     *
     * @param log its entries, none of them taken back, in any order
     * @param climates the climates of the collection's stops
     */
    public WaterEstimate estimate(Plant plant, Profile profile, List<LogLine> log, Climates climates) {
        List<Logged> entries = new ArrayList<>();
        log.forEach(line -> entries.add(new Logged(line.onDay(), line.entry())));
        Optional<Scale> scale =
                plant.wetGrams() == null || plant.dryGrams() == null || plant.dryGrams() >= plant.wetGrams()
                        ? Optional.empty()
                        : Optional.of(new Scale(plant.wetGrams(), plant.dryGrams()));
        NavigableMap<LocalDate, StopId> stood = stood(plant, log);
        ClimateOfDay climate = day -> climates.at(
                Optional.ofNullable(stood.floorEntry(day))
                        .orElseGet(stood::firstEntry)
                        .getValue(),
                day);
        return balance.estimate(pot(plant, profile), entries, scale, climate, LocalDate.now(clock));
    }

    /** Where it stood from which day on. */
    private static NavigableMap<LocalDate, StopId> stood(Plant plant, List<LogLine> log) {
        NavigableMap<LocalDate, StopId> stood = new TreeMap<>();
        log.stream()
                .sorted(Comparator.comparing(LogLine::onDay).thenComparing(LogLine::writtenAt))
                .forEach(line -> line.as(LogEntry.Moved.class)
                        .filter(move -> move.from().isPresent() && move.to().isPresent())
                        .ifPresent(move -> {
                            stood.putIfAbsent(LocalDate.MIN, move.from().get());
                            stood.put(line.onDay(), move.to().get());
                        }));
        if (stood.isEmpty()) {
            stood.put(LocalDate.MIN, plant.stop());
        }
        return stood;
    }
}

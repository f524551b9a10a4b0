package mildlantern.web.season;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mildlantern.light.Daylight;
import mildlantern.light.Sun;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.plant.Dryness;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.plant.Wants;
import mildlantern.season.Conditions;
import mildlantern.season.Mark;
import mildlantern.season.PlantYear;
import mildlantern.season.PlantYears;
import mildlantern.season.RestPlaces;
import mildlantern.season.YearKnowledge;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Stops;
import org.springframework.stereotype.Component;

/** Puts a stored plant, its log and its stops before the core, which tells its year. Nothing of it is stored. */
@Component
public class YearBook {
    private static final int LATELY = 14;
    private static final Set<LogKind> TELLING =
            Set.of(LogKind.MOVED, LogKind.BLOOM_OPENED, LogKind.BLOOM_ENDED, LogKind.GROWTH_SEEN, LogKind.PHASE_SAID);

    private final PlantYears years;
    private final Sun sun;
    private final Daylight daylight;
    private final WindowCurves curves;
    private final Houses houses;
    private final Stops stops;
    private final Plants plants;
    private final LogBook logBook;
    private final Clock clock;
    private final Map<Double, Sun.Year> suns = new ConcurrentHashMap<>();

    YearBook(
            PlantYears years,
            Sun sun,
            Daylight daylight,
            WindowCurves curves,
            Houses houses,
            Stops stops,
            Plants plants,
            LogBook logBook,
            Clock clock) {
        this.years = years;
        this.sun = sun;
        this.daylight = daylight;
        this.curves = curves;
        this.houses = houses;
        this.stops = stops;
        this.plants = plants;
        this.logBook = logBook;
        this.clock = clock;
    }

    /** The years of a collection's plants; made for one piece of work, so that its stops are read once. */
    public House house(CollectionId collection) {
        return new House(collection);
    }

    /** The years of all kinds. */
    public YearKnowledge knowledge() {
        return years.knowledge();
    }

    /** The year of one plant. */
    public PlantYear of(Plant plant) {
        return house(plant.collection()).of(plant);
    }

    /** What one plant wants now. */
    public Wants wants(Plant plant) {
        return of(plant).wants();
    }

    /** The seasons of one plant's own year. */
    public Function<LocalDate, Season> seasons(Plant plant) {
        return of(plant).seasons(houses.seasons(plant.collection()));
    }

    private Sun.Year sun(double latitude) {
        double rounded = Math.rint(latitude * 10) / 10;
        return suns.computeIfAbsent(rounded, sun::year);
    }

    /** The years of one collection. */
    public final class House {
        private final CollectionId collection;
        private final StopDays days;
        private final LocalDate today = LocalDate.now(clock);

        private House(CollectionId collection) {
            this.collection = collection;
            double latitude = houses.site(collection).latitude();
            this.days = new StopDays(
                    collection,
                    stops,
                    daylight,
                    curves,
                    sun(latitude),
                    latitude,
                    knowledge().readings(),
                    today);
        }

        /** What its stops' air and light were. */
        public StopDays days() {
            return days;
        }

        public PlantYear of(Plant plant) {
            return told(plant, logBook.ofKinds(collection, plant.id(), TELLING, today.minusDays(PlantYears.BACK)));
        }

        /** What a plant had where it stood. */
        public Conditions there(Plant plant) {
            return new There(
                    days,
                    new Stood(
                            plant,
                            logBook.ofKinds(
                                    collection, plant.id(), Set.of(LogKind.MOVED), today.minusDays(PlantYears.BACK))));
        }

        /** The stops of the walk as they are these weeks, for finding a place for a plant; only what stands in water goes into a tray of it. */
        public List<RestPlaces.Place<Stop>> places(Plant plant) {
            boolean bog = plants.profile(plant).dryness() == Dryness.BOG;
            return stops.walk(collection).stream()
                    .filter(stop -> !stop.isolation() && (bog || stop.kind() != StopKind.BOG_TRAY))
                    .map(stop -> new RestPlaces.Place<>(
                            stop,
                            days.light(stop.id(), today),
                            lately(day -> days.day(stop.id(), day)),
                            lately(day -> days.night(stop.id(), day))))
                    .toList();
        }

        private OptionalDouble lately(Function<LocalDate, OptionalDouble> value) {
            return IntStream.range(0, LATELY)
                    .mapToObj(ago -> value.apply(today.minusDays(ago)))
                    .flatMapToDouble(OptionalDouble::stream)
                    .average();
        }

        /** The years of some plants, by plant. */
        public Map<PlantId, PlantYear> of(List<Plant> some) {
            Map<PlantId, List<LogLine>> lines =
                    logBook.ofKinds(collection, TELLING, today.minusDays(PlantYears.BACK)).stream()
                            .collect(Collectors.groupingBy(LogLine::plant));
            Map<PlantId, PlantYear> told = new HashMap<>();
            some.forEach(plant -> told.put(plant.id(), told(plant, lines.getOrDefault(plant.id(), List.of()))));
            return told;
        }

        private PlantYear told(Plant plant, List<LogLine> lines) {
            Profile kind = plants.profile(plant);
            List<Mark> marks = lines.stream()
                    .sorted(Comparator.comparing(LogLine::onDay).thenComparing(LogLine::writtenAt))
                    .flatMap(YearBook::mark)
                    .toList();
            return years.of(kind, days.sun(), new There(days, new Stood(plant, lines)), marks, today);
        }
    }

    private static Stream<Mark> mark(LogLine line) {
        Stream<Mark> bloom =
                line.as(LogEntry.Bloom.class).stream().map(it -> new Mark.Bloom(line.onDay(), it.opened()));
        Stream<Mark> seen = line.as(LogEntry.Grew.class).stream().map(it -> new Mark.Seen(line.onDay(), it.sign()));
        Stream<Mark> said =
                line.as(LogEntry.PhaseSaid.class).stream().map(it -> new Mark.Said(line.onDay(), it.phase()));
        return Stream.of(bloom, seen, said).flatMap(it -> it);
    }

    /** What a plant had where it stood. */
    private record There(StopDays days, Stood stood) implements Conditions {
        @Override
        public OptionalDouble light(LocalDate day) {
            return days.light(stood.on(day), day);
        }

        @Override
        public OptionalDouble day(LocalDate day) {
            return days.day(stood.on(day), day);
        }

        @Override
        public OptionalDouble night(LocalDate day) {
            return days.night(stood.on(day), day);
        }

        @Override
        public double lampHours(LocalDate day) {
            return days.lampHours(stood.on(day));
        }
    }
}

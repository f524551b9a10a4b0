package mildlantern.web.routine;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import mildlantern.log.LogKind;
import mildlantern.log.Logged;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.Dryness;
import mildlantern.plant.Medium;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.season.PlantYear;
import mildlantern.water.Climate;
import mildlantern.water.ClimateOfDay;
import mildlantern.water.PotOfPlant;
import mildlantern.water.PotOn;
import mildlantern.water.Scale;
import mildlantern.water.WaterBalance;
import mildlantern.water.WaterEstimate;
import mildlantern.water.WaterKnowledge;
import mildlantern.weather.WeatherDay;
import mildlantern.weather.WeatherSource;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Maybe;
import mildlantern.web.season.Stood;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.ReadOnDay;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Weathers;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Puts a stored plant, its log and the readings of its stops before the core's water balance. */
@Component
public class WaterBook {
    private static final double USUAL_CELSIUS = 21;

    private final PlantKnowledge knowledge;
    private final WaterKnowledge water;
    private final WaterBalance balance;
    private final YearBook years;
    private final Weathers weathers;
    private final Clock clock;

    WaterBook(PlantKnowledge knowledge, WaterKnowledge water, YearBook years, Weathers weathers, Clock clock) {
        this.knowledge = knowledge;
        this.water = water;
        this.balance = new WaterBalance(water);
        this.years = years;
        this.weathers = weathers;
        this.clock = clock;
    }

    /** The climates of a collection's stops, read as they are asked for. */
    public Climates climates(CollectionId collection) {
        return new Climates(years.house(collection), weathers.of(collection));
    }

    /** What each stop's air and light were, day by day, and the years of the plants there; made for one piece of work, so that each stop is read once. */
    public final class Climates {
        private final YearBook.House house;

        private final Optional<WeatherSource> source;
        private final Map<LocalDate, WeatherDay> brought = new HashMap<>();

        private Climates(YearBook.House house, Optional<WeatherSource> source) {
            this.house = house;
            this.source = source;
        }

        /** The years of the plants. */
        public YearBook.House house() {
            return house;
        }

        /** Whether a stop is outdoors. */
        boolean outdoors(StopId stop) {
            return house.days()
                    .stop(stop)
                    .filter(it -> it.kind() == StopKind.OUTDOORS)
                    .isPresent();
        }

        public Climate at(StopId stop, LocalDate day) {
            Optional<ReadOnDay> read = house.days().asOf(stop, day);
            Optional<WeatherDay> outdoors = house.days()
                    .stop(stop)
                    .filter(it -> it.kind() == StopKind.OUTDOORS)
                    .flatMap(it -> weather(day));
            Climate climate = water.climate(
                    new WaterKnowledge.AirRead(
                            Maybe.first(
                                    house.days().day(stop, day),
                                    () -> Maybe.number(outdoors.map(WeatherDay::dayCelsius)),
                                    () -> Maybe.number(read.map(ReadOnDay::dayCelsius))),
                            Maybe.first(
                                    house.days().night(stop, day),
                                    () -> Maybe.number(outdoors.map(WeatherDay::nightCelsius)),
                                    () -> Maybe.number(read.map(ReadOnDay::nightCelsius))),
                            Maybe.first(
                                    Maybe.number(read.map(ReadOnDay::humidityPercent)),
                                    () -> Maybe.number(house.days().stop(stop).map(Stop::humidityPercent)),
                                    () -> Maybe.number(outdoors.map(WeatherDay::humidityPercent))),
                            house.days().light(stop, day)),
                    Brightness.MEDIUM,
                    house.days().sun().share(day));
            return outdoors.map(it -> climate.in(new Climate.Outdoors(it.rainMm(), it.windMs())))
                    .orElse(climate);
        }

        private Optional<WeatherDay> weather(LocalDate day) {
            return source.map(it -> brought.computeIfAbsent(day, it::day));
        }

        /** Temperature by day at a stop, °C; a usual room's where none was read. */
        double celsius(StopId stop, LocalDate day) {
            return house.days().asOf(stop, day).map(ReadOnDay::dayCelsius).orElse(USUAL_CELSIUS);
        }
    }

    /** The plant and its pot as the water balance sees them, as dry as its kind gets in growth; what is not known is taken to be usual. */
    public PotOfPlant pot(Plant plant, Profile profile) {
        return pot(plant, profile, profile.dryness(), plant.acrossCm(), plant.medium());
    }

    private PotOfPlant pot(Plant plant, Profile profile, Dryness dryness, double acrossCm, @Nullable String mediumId) {
        Medium medium = Optional.ofNullable(mediumId)
                .flatMap(knowledge::medium)
                .orElseGet(() -> knowledge.medium(profile.usualMedium()).orElseThrow());
        return new PotOfPlant(
                profile,
                dryness,
                plant.potKind(),
                acrossCm,
                Maybe.number(plant.potHeightCm()),
                medium,
                plant.leafClass(),
                plant.reservoirMl());
    }

    /** What a plant stood in, in order: its pot of today, and those before, as they were when it was repotted. */
    private List<PotOn> pots(Plant plant, Profile profile, Dryness dryness, List<LogLine> log) {
        NavigableMap<LocalDate, PotState> before = new TreeMap<>();
        log.stream()
                .filter(line -> line.kind() == LogKind.REPOTTED)
                .forEach(line -> line.before()
                        .ifPresent(was -> before.put(
                                line.onDay(),
                                new PotState(was.potDiameterCm(), was.medium(), was.wetGrams(), was.dryGrams()))));
        List<PotOn> pots = new ArrayList<>();
        LocalDate from = LocalDate.MIN;
        for (Map.Entry<LocalDate, PotState> until : before.entrySet()) {
            PotState was = until.getValue();
            if (was.acrossCm() != null) {
                pots.add(new PotOn(
                        from, pot(plant, profile, dryness, was.acrossCm(), was.medium()), scale(was.wet(), was.dry())));
            }
            from = until.getKey();
        }
        // What was poured into a pot that is not known says nothing of this one.
        LocalDate potted = plant.pottedOn() != null && before.isEmpty() ? plant.pottedOn() : from;
        pots.add(new PotOn(
                potted,
                pot(plant, profile, dryness, plant.acrossCm(), plant.medium()),
                scale(plant.wetGrams(), plant.dryGrams())));
        return pots;
    }

    private record PotState(
            @Nullable Double acrossCm,
            @Nullable String medium,
            @Nullable Integer wet,
            @Nullable Integer dry) {}

    private static Optional<Scale> scale(@Nullable Integer wetGrams, @Nullable Integer dryGrams) {
        return wetGrams == null || dryGrams == null || dryGrams >= wetGrams
                ? Optional.empty()
                : Optional.of(new Scale(wetGrams, dryGrams));
    }

    /** Leaf area of a plant, one side, cm². */
    public double leafSquareCm(Plant plant, Profile profile) {
        return water.leafSquareCm(pot(plant, profile));
    }

    /** Whether its medium draws water up from a wick or a tray. */
    public boolean wicks(Plant plant, Profile profile) {
        return profile.dryness() == Dryness.BOG || pot(plant, profile).medium().wicks();
    }

    /** Whether what it drinks stands in a tray or reservoir. */
    public boolean tray(Plant plant, Profile profile) {
        return water.pot(pot(plant, profile)).reservoirMl() > 0;
    }

    /**
     * Retells what the water in a plant's pot did.
     *
     * @param log its entries, none of them taken back, in any order
     * @param climates the climates of the collection's stops
     * @param year its own year
     */
    public WaterEstimate estimate(Plant plant, Profile profile, List<LogLine> log, Climates climates, PlantYear year) {
        List<PotOn> pots = pots(plant, profile, year.wants().dryness(), log);
        LocalDate first = pots.get(0).from();
        List<Logged> entries = log.stream()
                .filter(line -> !line.onDay().isBefore(first))
                .map(line -> new Logged(line.onDay(), line.entry()))
                .toList();
        Stood stood = new Stood(plant, log);
        return balance.estimate(
                pots,
                entries,
                new ClimateOfDay() {
                    @Override
                    public Climate on(LocalDate day) {
                        return climates.at(stood.on(day), day);
                    }

                    @Override
                    public double atWork(LocalDate day) {
                        return water.atWork(profile, year.at(day).phase());
                    }
                },
                LocalDate.now(clock));
    }
}

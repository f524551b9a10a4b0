package mildlantern.web.care;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Change;
import mildlantern.care.Changes;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.care.Need;
import mildlantern.care.PotGives;
import mildlantern.care.Spot;
import mildlantern.care.StepPlanner;
import mildlantern.care.Subject;
import mildlantern.care.SuitsAt;
import mildlantern.nutrition.PotAccount;
import mildlantern.nutrition.WaterAnalysis;
import mildlantern.nutrition.Waters;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.season.PlantYear;
import mildlantern.treatment.Hold;
import mildlantern.weather.WeatherHour;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.climate.Stations;
import mildlantern.web.climate.StopClimates;
import mildlantern.web.feeding.OwnWaters;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Stops;
import mildlantern.web.stop.Weathers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts what a plant needs and gets before the core, and stores the change that the grower accepts. */
@Service
@Transactional(readOnly = true)
class CareService {
    private static final int ENOUGH_READINGS = 3;
    private static final double SQUARE_CM_A_SQUARE_M = 10_000;

    private final Stops stops;
    private final Plants plants;
    private final Houses houses;
    private final YearBook years;
    private final StopClimates climates;
    private final Stations stations;
    private final Weathers weathers;
    private final PotAccount account;
    private final OwnWaters ownWaters;
    private final Waters waters;
    private final Changes changes;
    private final CareKnowledge knowledge;
    private final StepPlanner stepPlanner;
    private final CaseTroubles troubles;
    private final Clock clock;

    CareService(
            Stops stops,
            Plants plants,
            Houses houses,
            YearBook years,
            StopClimates climates,
            Stations stations,
            Weathers weathers,
            PotAccount account,
            OwnWaters ownWaters,
            Waters waters,
            Changes changes,
            CareKnowledge knowledge,
            StepPlanner stepPlanner,
            CaseTroubles troubles,
            Clock clock) {
        this.stops = stops;
        this.plants = plants;
        this.houses = houses;
        this.years = years;
        this.climates = climates;
        this.stations = stations;
        this.weathers = weathers;
        this.account = account;
        this.ownWaters = ownWaters;
        this.waters = waters;
        this.changes = changes;
        this.knowledge = knowledge;
        this.stepPlanner = stepPlanner;
        this.troubles = troubles;
        this.clock = clock;
    }

    /**
     * A collection as the core weighs it.
     *
     * @param years of its plants
     * @param spots all stops with who stands there
     */
    record House(
            CollectionId collection,
            Map<PlantId, PlantYear> years,
            Map<StopId, Stop> stops,
            Map<StopId, Gives> gives,
            List<Spot> spots,
            Map<WaterSource, WaterAnalysis> waters,
            CaseTroubles.Open open,
            Changes.Outside outside,
            double lightHours) {
        Map<PlantId, Set<Hold>> holds() {
            return open.holds();
        }

        WaterAnalysis water(WaterSource source) {
            return Objects.requireNonNull(waters.get(source));
        }

        Spot spot(StopId stop) {
            return spots.stream()
                    .filter(spot -> spot.id().equals(stop))
                    .findFirst()
                    .orElseThrow();
        }
    }

    House house(CollectionId collection, List<Plant> plants) {
        LocalDate today = LocalDate.now(clock);
        Map<StopId, Gives> gives = climates.of(collection);
        Map<PlantId, PlantYear> years = this.years.house(collection).of(plants);
        Map<StopId, List<Plant>> standing = plants.stream().collect(Collectors.groupingBy(Plant::stop));
        List<Spot> spots = new ArrayList<>();
        Map<StopId, Stop> stops = new HashMap<>();
        for (Stop stop : this.stops.walk(collection)) {
            stops.put(stop.id(), stop);
            List<Plant> there = standing.getOrDefault(stop.id(), List.of());
            double pots = there.stream()
                    .mapToDouble(plant -> Math.pow(plant.acrossCm(), 2))
                    .sum();
            spots.add(new Spot(
                    stop.id(),
                    stop.name(),
                    judged(stop, gives.getOrDefault(stop.id(), Gives.NOTHING)),
                    there.stream().map(plant -> resident(plant, years)).toList(),
                    knowledge.full(pots, (double) stop.widthCm() * stop.depthCm()),
                    stop.isolation(),
                    stop.kind() == StopKind.BOG_TRAY,
                    stop.widthCm() * stop.depthCm() / SQUARE_CM_A_SQUARE_M,
                    stop.kind() == StopKind.CABINET));
        }
        return new House(
                collection,
                years,
                stops,
                gives,
                List.copyOf(spots),
                ownWaters.analyses(collection),
                troubles.open(collection),
                outside(collection),
                stations.hoursOfDay(collection, today));
    }

    private static Gives judged(Stop stop, Gives gives) {
        return stop.kind() == StopKind.OUTDOORS ? gives.outdoors() : gives;
    }

    private Changes.Resident resident(Plant plant, Map<PlantId, PlantYear> years) {
        return new Changes.Resident(
                plant.id(),
                plant.name(),
                this.plants.profile(plant),
                Objects.requireNonNull(years.get(plant.id())).wants());
    }

    private Changes.Outside outside(CollectionId collection) {
        return weathers.of(collection)
                .map(weather -> {
                    WeatherHour now = weather.at(clock.instant());
                    return new Changes.Outside(
                            now.air().celsius(), now.humidity().percent());
                })
                .orElseGet(() -> knowledge.outside(houses.season(collection, LocalDate.now(clock))));
    }

    /** A plant as the core weighs it; of its own place on the stop where it has one. */
    Subject subject(House house, Plant plant, Optional<PlantRecord> record) {
        Stop stop = Objects.requireNonNull(house.stops().get(plant.stop()));
        Spot spot = house.spot(plant.stop());
        Gives own = climates.at(stop, spot.gives(), plant);
        Set<Hold> holds = house.holds().getOrDefault(plant.id(), Set.of());
        return new Subject(
                resident(plant, house.years()),
                new Spot(
                        spot.id(),
                        spot.name(),
                        own,
                        spot.standing(),
                        spot.full(),
                        spot.alone(),
                        spot.inWater(),
                        spot.boardSquareM(),
                        spot.glassCase()),
                pot(house, plant, record),
                Optional.ofNullable(plant.waterSource()).map(house::water),
                holds.contains(Hold.FEED),
                spot.alone() || holds.contains(Hold.MOVE));
    }

    /** Whether a plant is left where it stands: it is under treatment, stands alone, or must not be moved now. */
    boolean staysPut(House house, Subject subject) {
        return subject.moveHeld() || house.open().on(subject.plant().id());
    }

    private PotGives pot(House house, Plant plant, Optional<PlantRecord> record) {
        Profile profile = this.plants.profile(plant);
        Optional<PlantRecord.PotFood> food = record.flatMap(it -> it.feeding().pot());
        Optional<PlantRecord.Drying> drying = record.flatMap(it -> it.watering().drying());
        return new PotGives(
                // Outdoors the rain waters too, and the days between cans say nothing.
                record.filter(it -> outdoors(house, plant)).isPresent()
                        ? OptionalDouble.empty()
                        : record.map(it -> it.watering().intervalDays()).orElse(OptionalDouble.empty()),
                drying.map(it -> OptionalDouble.of(it.cycleDays())).orElse(OptionalDouble.empty()),
                drying.map(PlantRecord.Drying::spread).orElse(0.0),
                drying.filter(it -> it.measured() && it.observed() >= ENOUGH_READINGS)
                        .isPresent(),
                Optional.ofNullable(plant.waterSource())
                        .map(source -> Figure.of(waters.dissolvedMg(house.water(source)), source)),
                Optional.ofNullable(plant.waterSource()).map(house::water),
                food.map(it -> OptionalDouble.of(it.nitrogen())).orElse(OptionalDouble.empty()),
                account.hungryBelow(),
                food.map(it -> OptionalDouble.of(it.conductivity())).orElse(OptionalDouble.empty()),
                account.saltyAbove(profile.water()),
                OptionalDouble.of(plant.acrossCm()));
    }

    private static boolean outdoors(House house, Plant plant) {
        return Objects.requireNonNull(house.stops().get(plant.stop())).kind() == StopKind.OUTDOORS;
    }

    List<Need> needs(House house, Subject subject) {
        return changes.needs(subject);
    }

    List<Change> weigh(House house, Subject subject) {
        return changes.weigh(subject, house.spots(), house.outside(), house.lightHours());
    }

    List<SuitsAt> places(House house, Subject subject) {
        List<Spot> spots = house.spots().stream()
                .map(spot -> spot.id().equals(subject.here().id()) ? subject.here() : spot)
                .toList();
        return changes.places(subject, spots);
    }

    /** The steps from where a plant stands to a stop; empty where too little is known of one of them. */
    Optional<StepPlanner.Plan> steps(House house, Subject subject, StopId to) {
        Optional<StepPlanner.Place> from = place(subject.here());
        Optional<StepPlanner.Place> target = house.spots().stream()
                .filter(spot -> spot.id().equals(to))
                .findFirst()
                .flatMap(this::place);
        if (from.isEmpty() || target.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(stepPlanner.plan(
                subject.plant().wants(),
                from.get(),
                target.get(),
                house.spots().stream().flatMap(spot -> place(spot).stream()).toList(),
                LocalDate.now(clock)));
    }

    private Optional<StepPlanner.Place> place(Spot spot) {
        Gives gives = spot.gives();
        if (gives.light().isEmpty() || gives.byDay().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new StepPlanner.Place(
                spot.id(),
                spot.name(),
                gives.light().get().value(),
                gives.byDay().get().value(),
                gives.night().map(Figure::value).orElse(gives.byDay().get().value()),
                !spot.alone() && !spot.full()));
    }
}

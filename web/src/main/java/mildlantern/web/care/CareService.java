package mildlantern.web.care;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Change;
import mildlantern.care.Changes;
import mildlantern.care.Experience;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import mildlantern.care.Spot;
import mildlantern.care.StepPlanner;
import mildlantern.care.Subject;
import mildlantern.care.SuitsAt;
import mildlantern.nutrition.WaterAnalysis;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantRecord;
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
import mildlantern.web.season.StopDays;
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
public class CareService {
    private static final double SQUARE_CM_A_SQUARE_M = 10_000;

    private final Stops stops;
    private final Plants plants;
    private final Houses houses;
    private final YearBook years;
    private final StopClimates climates;
    private final Stations stations;
    private final Weathers weathers;
    private final PotsGive pots;
    private final OwnWaters ownWaters;
    private final Changes changes;
    private final Needs needs;
    private final CareKnowledge knowledge;
    private final StepPlanner stepPlanner;
    private final CaseTroubles troubles;
    private final Experiences experiences;
    private final Clock clock;

    CareService(
            Stops stops,
            Plants plants,
            Houses houses,
            YearBook years,
            StopClimates climates,
            Stations stations,
            Weathers weathers,
            PotsGive pots,
            OwnWaters ownWaters,
            Changes changes,
            Needs needs,
            CareKnowledge knowledge,
            StepPlanner stepPlanner,
            CaseTroubles troubles,
            Experiences experiences,
            Clock clock) {
        this.stops = stops;
        this.plants = plants;
        this.houses = houses;
        this.years = years;
        this.climates = climates;
        this.stations = stations;
        this.weathers = weathers;
        this.pots = pots;
        this.ownWaters = ownWaters;
        this.changes = changes;
        this.needs = needs;
        this.knowledge = knowledge;
        this.stepPlanner = stepPlanner;
        this.troubles = troubles;
        this.experiences = experiences;
        this.clock = clock;
    }

    /**
     * A collection as the core weighs it.
     *
     * @param years of its plants
     * @param spots all stops with who stands there
     */
    public record House(
            CollectionId collection,
            Map<PlantId, PlantYear> years,
            Map<StopId, Stop> stops,
            Map<StopId, Gives> gives,
            List<Spot> spots,
            Map<WaterSource, WaterAnalysis> waters,
            CaseTroubles.Open open,
            Changes.Outside outside,
            double lightHours,
            Experience experience,
            StopDays days) {
        public Map<PlantId, Set<Hold>> holds() {
            return open.holds();
        }

        /** Whether what a plant has could spread to others. */
        public boolean catching(PlantId plant) {
            return open.catching().contains(plant);
        }

        public WaterAnalysis water(WaterSource source) {
            return Objects.requireNonNull(waters.get(source));
        }

        public Spot spot(StopId stop) {
            return spots.stream()
                    .filter(spot -> spot.id().equals(stop))
                    .findFirst()
                    .orElseThrow();
        }
    }

    /**
     * A collection as the core weighs it.
     *
     * @param plants all of its plants
     */
    public House house(CollectionId collection, List<Plant> plants) {
        LocalDate today = LocalDate.now(clock);
        Map<StopId, Gives> gives = climates.of(collection);
        YearBook.House yearBook = this.years.house(collection);
        Map<PlantId, PlantYear> years = yearBook.of(plants);
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
                stations.hoursOfDay(collection, today),
                experiences.of(collection),
                yearBook.days());
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
    public Subject subject(House house, Plant plant, Optional<PlantRecord> record) {
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
                pots.of(house, plant, record),
                Optional.ofNullable(plant.waterSource()).map(house::water),
                holds.contains(Hold.FEED),
                spot.alone() || holds.contains(Hold.MOVE));
    }

    /** Whether a plant is left where it stands: it is under treatment, stands alone, or must not be moved now. */
    public boolean staysPut(House house, Subject subject) {
        return subject.moveHeld() || house.open().on(subject.plant().id());
    }

    /** All needs of a plant where it stands. */
    public List<Need> needs(House house, Subject subject) {
        return changes.needs(subject);
    }

    /** What a plant would need at another stop, as far as that gives it. */
    public List<Need> needsAt(House house, Subject subject, StopId stop) {
        return needs.ofStop(subject.plant().wants(), house.spot(stop).gives());
    }

    List<Change> weigh(House house, Subject subject) {
        return changes.weigh(subject, house.spots(), house.outside(), house.lightHours(), house.experience());
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

package mildlantern.web.houseplan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import mildlantern.care.Need;
import mildlantern.care.Spot;
import mildlantern.care.Subject;
import mildlantern.place.StopId;
import mildlantern.plan.Fitting;
import mildlantern.plan.HousePlanner;
import mildlantern.plan.Household;
import mildlantern.plan.Surroundings;
import mildlantern.plant.PlantId;
import mildlantern.plant.Stage;
import mildlantern.plant.WaterSource;
import mildlantern.web.care.CareService;
import mildlantern.web.care.PlannedTasks;
import mildlantern.web.plant.Plant;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import org.springframework.stereotype.Component;

/** Puts a collection before the core that plans it. */
@Component
class Households {
    private static final Set<WaterSource> SOFT =
            Set.of(WaterSource.RAIN, WaterSource.REVERSE_OSMOSIS, WaterSource.DISTILLED);

    private final CareService care;
    private final PlannedTasks tasks;
    private final SetupTasks setups;
    private final HousePlanner planner;
    private final YearBook years;
    private final Clock clock;

    Households(
            CareService care,
            PlannedTasks tasks,
            SetupTasks setups,
            HousePlanner planner,
            YearBook years,
            Clock clock) {
        this.care = care;
        this.tasks = tasks;
        this.setups = setups;
        this.planner = planner;
        this.years = years;
        this.clock = clock;
    }

    /** A collection as a plan goes by it: with what was accepted for its stops, and with the light of the coming weeks. */
    CareService.House house(CareService.House read) {
        return house(read, coming(read));
    }

    /** The same where what its stops will give is known already. */
    CareService.House house(CareService.House read, ComingSeason coming) {
        LocalDate today = LocalDate.now(clock);
        return giving(
                read,
                spot -> spot.giving(
                        coming.goneBy(spot.id(), stop(read, spot.id()).kind() == StopKind.OUTDOORS, today)));
    }

    /** What its stops will give, with what was accepted for them. */
    ComingSeason coming(CareService.House read) {
        return new ComingSeason(read, years.knowledge(), setups.countedOn(read.collection(), read.stops()), planner);
    }

    /** A collection as it is read today, with what was accepted before and what is accepted now. */
    CareService.House accepting(CareService.House read, Map<StopId, Fitting> fittings) {
        return with(with(read, setups.countedOn(read.collection(), read.stops())), fittings);
    }

    private static Stop stop(CareService.House house, StopId id) {
        return Objects.requireNonNull(house.stops().get(id));
    }

    /** A collection with what is put up at its stops and done to their air. */
    CareService.House with(CareService.House house, Map<StopId, Fitting> fittings) {
        return giving(house, spot -> planner.with(spot, fittings.getOrDefault(spot.id(), Fitting.NONE)));
    }

    private static CareService.House giving(CareService.House house, UnaryOperator<Spot> otherwise) {
        return new CareService.House(
                house.collection(),
                house.years(),
                house.stops(),
                house.gives(),
                house.spots().stream().map(otherwise).toList(),
                house.waters(),
                house.open(),
                house.outside(),
                house.lightHours(),
                house.experience(),
                house.days());
    }

    /**
     * The house as the core plans it: what is being treated, stands alone, must not be moved or is being changed otherwise stays; what is on its way
     * stands where it goes, and stays there.
     */
    Household of(CareService.House house, List<Plant> all) {
        Set<StopId> closed = new HashSet<>();
        Map<PlantId, StopId> onTheirWay = tasks.moving(house.collection());
        Set<PlantId> changing = tasks.changing(house.collection());
        List<Household.Housed> housed = new ArrayList<>();
        for (Plant plant : all) {
            Subject subject = care.subject(house, plant, Optional.empty());
            boolean onlyThat = changing.contains(plant.id()) || house.open().on(plant.id());
            Optional<StopId> goesTo = Optional.ofNullable(onTheirWay.get(plant.id()));
            if (house.catching(plant.id())) {
                closed.add(plant.stop());
            }
            housed.add(new Household.Housed(
                    subject.plant(),
                    goesTo.filter(house.stops()::containsKey).orElse(plant.stop()),
                    plant.acrossCm() * plant.acrossCm(),
                    plant.stage() == Stage.SEEDLING || plant.stage() == Stage.CUTTING,
                    care.staysPut(house, subject) || changing.contains(plant.id()),
                    onlyThat ? 0 : hardWater(house, subject)));
        }
        return new Household(housed, house.spots(), around(house, closed, all), house.experience());
    }

    private double hardWater(CareService.House house, Subject subject) {
        return care.needs(house, subject).stream()
                .filter(need -> need.kind() == Need.Kind.WATER)
                .mapToDouble(Need::miss)
                .sum();
    }

    private static Surroundings around(CareService.House house, Set<StopId> closed, List<Plant> all) {
        Map<StopId, String> rooms = new HashMap<>();
        for (Stop stop : house.stops().values()) {
            if (sharesAir(stop)) {
                rooms.put(stop.id(), room(stop));
            }
        }
        return new Surroundings(
                rooms,
                house.stops().values().stream()
                        .filter(stop -> stop.kind() == StopKind.OUTDOORS)
                        .map(Stop::id)
                        .collect(Collectors.toSet()),
                closed,
                house.outside().celsius(),
                all.stream().anyMatch(plant -> plant.waterSource() != null && SOFT.contains(plant.waterSource())));
    }

    /** Whether one humidifier or one heating serves both stops. */
    static boolean sameRoom(Stop one, Stop other) {
        return one.id().equals(other.id())
                || sharesAir(one) && sharesAir(other) && room(one).equals(room(other));
    }

    private static boolean sharesAir(Stop stop) {
        return !room(stop).isBlank() && stop.kind() != StopKind.OUTDOORS && stop.kind() != StopKind.CABINET;
    }

    private static String room(Stop stop) {
        return stop.room() == null ? "" : stop.room();
    }
}

package mildlantern.web.houseplan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.care.Need;
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

    Households(CareService care, PlannedTasks tasks, SetupTasks setups, HousePlanner planner) {
        this.care = care;
        this.tasks = tasks;
        this.setups = setups;
        this.planner = planner;
    }

    /** A collection with what was accepted for its stops: each gives what it will give with that. */
    CareService.House house(CareService.House read) {
        return with(read, setups.countedOn(read.collection(), read.stops()));
    }

    /** The same with what is put up and done to the air. */
    CareService.House with(CareService.House house, Map<StopId, Fitting> fittings) {
        return new CareService.House(
                house.collection(),
                house.years(),
                house.stops(),
                house.gives(),
                house.spots().stream()
                        .map(spot -> planner.with(spot, fittings.getOrDefault(spot.id(), Fitting.NONE)))
                        .toList(),
                house.waters(),
                house.open(),
                house.outside(),
                house.lightHours(),
                house.experience(),
                house.days());
    }

    /**
     * The house as the core plans it: what is being treated, stands alone or must not be moved stays; what is on its way stands where it goes, and
     * stays there.
     */
    Household of(CareService.House house, List<Plant> all) {
        Set<StopId> closed = new HashSet<>();
        Map<PlantId, StopId> onTheirWay = tasks.moving(house.collection());
        List<Household.Housed> housed = new ArrayList<>();
        for (Plant plant : all) {
            Subject subject = care.subject(house, plant, Optional.empty());
            Optional<StopId> goesTo = Optional.ofNullable(onTheirWay.get(plant.id()));
            if (house.catching(plant.id())) {
                closed.add(plant.stop());
            }
            housed.add(new Household.Housed(
                    subject.plant(),
                    goesTo.filter(house.stops()::containsKey).orElse(plant.stop()),
                    plant.acrossCm() * plant.acrossCm(),
                    plant.stage() == Stage.SEEDLING || plant.stage() == Stage.CUTTING,
                    care.staysPut(house, subject) || goesTo.isPresent(),
                    hardWater(house, subject)));
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

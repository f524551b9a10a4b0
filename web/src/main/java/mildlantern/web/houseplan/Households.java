package mildlantern.web.houseplan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.care.Subject;
import mildlantern.place.StopId;
import mildlantern.plan.Household;
import mildlantern.plant.PlantId;
import mildlantern.plant.Stage;
import mildlantern.web.care.CareService;
import mildlantern.web.care.PlannedTasks;
import mildlantern.web.plant.Plant;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import org.springframework.stereotype.Component;

/** Puts a collection before the core that plans it. */
@Component
class Households {
    private final CareService care;
    private final PlannedTasks tasks;

    Households(CareService care, PlannedTasks tasks) {
        this.care = care;
        this.tasks = tasks;
    }

    /** The house as the core plans it: what is being treated, stands alone, is on its way or must not be moved stays. */
    Household of(CareService.House house, List<Plant> all) {
        Set<StopId> closed = new HashSet<>();
        Set<PlantId> onTheirWay = tasks.moving(house.collection());
        List<Household.Housed> housed = new ArrayList<>();
        for (Plant plant : all) {
            Subject subject = care.subject(house, plant, Optional.empty());
            if (house.catching(plant.id())) {
                closed.add(plant.stop());
            }
            housed.add(new Household.Housed(
                    subject.plant(),
                    plant.stop(),
                    plant.acrossCm() * plant.acrossCm(),
                    plant.stage() == Stage.SEEDLING || plant.stage() == Stage.CUTTING,
                    care.staysPut(house, subject) || onTheirWay.contains(plant.id())));
        }
        return new Household(
                housed,
                house.spots(),
                house.stops().values().stream()
                        .filter(stop -> stop.kind() == StopKind.OUTDOORS)
                        .map(Stop::id)
                        .collect(Collectors.toSet()),
                closed,
                house.experience());
    }
}

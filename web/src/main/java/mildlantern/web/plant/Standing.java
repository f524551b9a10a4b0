package mildlantern.web.plant;

import java.util.List;
import mildlantern.place.BenchPlan;
import mildlantern.web.platform.Maybe;
import mildlantern.web.stop.Stop;

/** Where the plants of a stop stand. */
public final class Standing {
    private Standing() {}

    /** The pots of a stop laid out, cm; those without a place of their own in rows, in their order. */
    public static List<BenchPlan.Placed> at(Stop stop, List<Plant> plants) {
        return BenchPlan.lay(
                plants.stream()
                        .map(plant -> new BenchPlan.Pot(
                                plant.id(), plant.acrossCm(), Maybe.number(plant.planX()), Maybe.number(plant.planY())))
                        .toList(),
                stop.widthCm(),
                stop.depthCm());
    }
}

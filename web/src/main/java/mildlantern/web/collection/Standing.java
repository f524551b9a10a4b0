package mildlantern.web.collection;

import java.util.List;
import java.util.OptionalDouble;
import mildlantern.place.BenchPlan;
import org.jspecify.annotations.Nullable;

/** Where the plants of a stop stand. */
public final class Standing {
    private Standing() {}

    /** The pots of a stop laid out, cm; those without a place of their own in rows, in their order. */
    public static List<BenchPlan.Placed> at(Stop stop, List<Plant> plants) {
        return BenchPlan.lay(
                plants.stream()
                        .map(plant -> new BenchPlan.Pot(
                                plant.id(), plant.acrossCm(), number(plant.planX()), number(plant.planY())))
                        .toList(),
                stop.widthCm(),
                stop.depthCm());
    }

    private static OptionalDouble number(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}

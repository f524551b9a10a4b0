package mildlantern.plan;

import java.util.List;
import java.util.Map;
import java.util.Set;
import mildlantern.care.Need;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;

/**
 * A plan for a house.
 *
 * @param stops where each plant is to stand
 * @param fittings what is to be put up and how the air is to be kept, by stop; only where something is to be
 * @param softer plants that are to get softer water
 * @param fates what the plan does for each plant, in the order of the house
 * @param cost weighted misses with it and what it costs, in the measure of a miss
 * @param least no plan within the dials costs less, as far as is proven
 */
public record HousePlan(
        Map<PlantId, StopId> stops,
        Map<StopId, Fitting> fittings,
        Set<PlantId> softer,
        List<Fate> fates,
        double cost,
        double least) {
    /**
     * What a plan does for a plant.
     *
     * @param from where it stands
     * @param to where it is to stand; the same where it stays
     * @param before what it misses now
     * @param after what it will miss
     */
    public record Fate(PlantId plant, StopId from, StopId to, List<Need> before, List<Need> after) {
        public boolean moves() {
            return !from.equals(to);
        }
    }

    /** By how much the best plan could be better at most, as a share of this one's cost; 0 is proven best. */
    public double gap() {
        return cost <= 0 ? 0 : Math.max(0, (cost - least) / cost);
    }

    /** The same where no plan within the dials costs less than this. */
    HousePlan provenAbove(double bound) {
        return new HousePlan(stops, fittings, softer, fates, cost, bound);
    }

    /** Whether it is proven best, as far as the whole numbers tell that the solver reckons with. */
    public boolean proven() {
        return gap() < 0.0005;
    }

    public List<Fate> moves() {
        return fates.stream().filter(Fate::moves).toList();
    }

    /** How many plants miss something of a kind, before or after. */
    public long missing(Need.Kind kind, Need.Standing how, boolean afterwards) {
        return fates.stream()
                .filter(fate -> (afterwards ? fate.after() : fate.before())
                        .stream().anyMatch(need -> need.kind() == kind && need.standing() == how))
                .count();
    }
}

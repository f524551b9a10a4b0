package mildlantern.plan;

import com.google.ortools.Loader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.DoubleConsumer;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Gives;
import mildlantern.care.Needs;
import mildlantern.care.Spot;
import mildlantern.place.Moves;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;

/**
 * Plans a house: an assignment of plants to stops with room for so many pots, and for each stop the decisions what to put up, solved as an integer
 * programme (CP-SAT). One thread, a fixed seed and an effort counted in the solver's own steps: the same house gives the same plan on any machine.
 */
public final class HousePlanner {
    private final PlanKnowledge knowledge;
    private final Offers offers;
    private final Needs needs;
    private final Moves moves;

    public HousePlanner(PlanKnowledge knowledge, CareKnowledge care, Needs needs, Moves moves) {
        this.knowledge = knowledge;
        this.offers = new Offers(knowledge, care);
        this.needs = needs;
        this.moves = moves;
    }

    PlanKnowledge knowledge() {
        return knowledge;
    }

    Weighed weigh(Household house) {
        return weigh(house, Dials.OPEN);
    }

    private Weighed weigh(Household house, Dials dials) {
        return new Weighed(house, dials, knowledge, offers, needs, moves);
    }

    /** The plan that helps most for what it costs. */
    public HousePlan plan(Household house, Dials dials) {
        return plan(house, dials, within -> {});
    }

    /**
     * The same for a house that takes long.
     *
     * @param within is told, with each better plan that is found, by how much the best could be better at most, as a share of its cost; must not throw
     */
    public HousePlan plan(Household house, Dials dials, DoubleConsumer within) {
        Loader.loadNativeLibraries();
        return new PlanModel(weigh(house, dials))
                .solve(knowledge.effort(house.plants().size()), knowledge.near, within);
    }

    /**
     * A plan that was found before, of the house as it is now: who came since stays, and so does who was to go where no stop is any more.
     *
     * @param least what was proven then
     */
    public HousePlan recall(
            Household house,
            Map<PlantId, StopId> stops,
            Map<StopId, Fitting> fittings,
            Set<PlantId> softer,
            double least) {
        Weighed weighed = weigh(house);
        Map<PlantId, StopId> standing = new LinkedHashMap<>();
        Set<PlantId> watered = new HashSet<>();
        for (Household.Housed housed : house.plants()) {
            PlantId plant = housed.plant().id();
            StopId to = stops.getOrDefault(plant, housed.stop());
            boolean goes = !housed.stays() && weighed.knows(to);
            standing.put(plant, goes ? to : housed.stop());
            if (softer.contains(plant) && housed.hardWater() > 0) {
                watered.add(plant);
            }
        }
        Map<StopId, Fitting> hung = new HashMap<>();
        Map<String, RoomAir> airs = new HashMap<>();
        fittings.forEach((stop, fitting) -> {
            if (weighed.knows(stop)) {
                hung.put(stop, fitting.alone());
                airs.put(house.around().room(stop), fitting.air());
            }
        });
        HousePlan found = told(weighed, standing, weighed.whole(hung, airs), watered, 0);
        return found.provenAbove(Math.min(found.cost(), least));
    }

    /** @param effort how long the best is looked for, in the solver's own count, about seconds of one fast core */
    HousePlan plan(Household house, Dials dials, double effort) {
        Loader.loadNativeLibraries();
        return new PlanModel(weigh(house, dials)).solve(effort, 0, within -> {});
    }

    /** A stop with something put up there, and in other air. */
    public Spot with(Spot spot, Fitting fitting) {
        return spot.giving(gives(spot.gives(), fitting));
    }

    /** What a stop that gives so much would give with something put up, and in other air. */
    public Gives gives(Gives gives, Fitting fitting) {
        return offers.gives(gives, fitting);
    }

    /** So many weeks count for what light a plan goes by: what is enough today may be too little in a fortnight. */
    public int weeksOfLight() {
        return knowledge.weeksOfLight;
    }

    /** What a plan asks of the grower's time, and of the meter. */
    public Workload workload(Household house, HousePlan plan) {
        return Workload.of(weigh(house), plan, knowledge);
    }

    /** What a plan costs: weighted misses, moves, what is put up, and water. */
    static double cost(
            Weighed weighed, Map<PlantId, StopId> stops, Map<StopId, Fitting> fittings, Set<PlantId> softer) {
        double cost = weighed.cost(fittings) + weighed.water().cost(softer);
        for (Household.Housed housed : weighed.house().plants()) {
            StopId stop = Objects.requireNonNull(stops.get(housed.plant().id()));
            cost += weighed.costOfMove(housed, stop)
                    + weighed.weight(housed) * weighed.missed(housed, stop, fittings.getOrDefault(stop, Fitting.NONE));
        }
        return cost;
    }

    static HousePlan told(
            Weighed weighed,
            Map<PlantId, StopId> stops,
            Map<StopId, Fitting> fittings,
            Set<PlantId> softer,
            double least) {
        List<HousePlan.Fate> fates = new ArrayList<>();
        for (Household.Housed housed : weighed.house().plants()) {
            StopId to = Objects.requireNonNull(stops.get(housed.plant().id()));
            fates.add(new HousePlan.Fate(
                    housed.plant().id(),
                    housed.stop(),
                    to,
                    weighed.needs(housed, housed.stop(), Fitting.NONE),
                    weighed.needs(housed, to, fittings.getOrDefault(to, Fitting.NONE))));
        }
        return new HousePlan(
                Map.copyOf(stops),
                Map.copyOf(fittings),
                Set.copyOf(softer),
                List.copyOf(fates),
                cost(weighed, stops, fittings, softer),
                least);
    }
}

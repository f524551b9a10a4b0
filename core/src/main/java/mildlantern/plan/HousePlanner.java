package mildlantern.plan;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.DoubleConsumer;
import mildlantern.care.CareKnowledge;
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
    /** Costs go to the solver as whole numbers of this part of a miss. */
    private static final double PARTS = 10_000;

    /** Boards go to it as whole numbers of this part of a square centimetre. */
    private static final double SQUARE_PARTS = 10;

    private final PlanKnowledge knowledge;
    private final CareKnowledge care;
    private final Needs needs;
    private final Moves moves;

    public HousePlanner(PlanKnowledge knowledge, CareKnowledge care, Needs needs, Moves moves) {
        this.knowledge = knowledge;
        this.care = care;
        this.needs = needs;
        this.moves = moves;
    }

    PlanKnowledge knowledge() {
        return knowledge;
    }

    Weighed weigh(Household house) {
        return new Weighed(house, knowledge, care, needs, moves);
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
        return new Model(weigh(house), dials)
                .solve(knowledge.effort(house.plants().size()), within);
    }

    /**
     * A plan that was found before, of the house as it is now: who came since stays, and so does who was to go where no stop is any more.
     *
     * @param least what was proven then
     */
    public HousePlan recall(Household house, Map<PlantId, StopId> stops, Map<StopId, Fitting> fittings, double least) {
        Weighed weighed = weigh(house);
        Map<PlantId, StopId> standing = new LinkedHashMap<>();
        for (Household.Housed housed : house.plants()) {
            StopId to = stops.getOrDefault(housed.plant().id(), housed.stop());
            boolean goes = !housed.stays() && weighed.knows(to);
            standing.put(housed.plant().id(), goes ? to : housed.stop());
        }
        Map<StopId, Fitting> hanging = new HashMap<>(fittings);
        hanging.keySet().removeIf(stop -> !weighed.knows(stop));
        double cost = cost(weighed, standing, hanging);
        return told(weighed, standing, hanging, cost, Math.min(cost, least));
    }

    /** @param effort how long the best is looked for, in the solver's own count, about seconds of one fast core */
    HousePlan plan(Household house, Dials dials, double effort) {
        Loader.loadNativeLibraries();
        return new Model(weigh(house), dials).solve(effort, within -> {});
    }

    /** What a plan costs: weighted misses, moves, and what is put up. */
    static double cost(Weighed weighed, Map<PlantId, StopId> stops, Map<StopId, Fitting> fittings) {
        double cost = 0;
        for (Map.Entry<StopId, Fitting> fitting : fittings.entrySet()) {
            cost += weighed.cost(weighed.spot(fitting.getKey()), fitting.getValue());
        }
        for (Household.Housed housed : weighed.house().plants()) {
            StopId stop = Objects.requireNonNull(stops.get(housed.plant().id()));
            cost += weighed.costOfMove(housed, stop)
                    + weighed.weight(housed) * weighed.missed(housed, stop, fittings.getOrDefault(stop, Fitting.NONE));
        }
        return cost;
    }

    static HousePlan told(
            Weighed weighed, Map<PlantId, StopId> stops, Map<StopId, Fitting> fittings, double cost, double least) {
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
        return new HousePlan(Map.copyOf(stops), Map.copyOf(fittings), List.copyOf(fates), cost, least);
    }

    /**
     * A house as an integer programme, in the form of facility location: a stop has one fitting, a plant stands at one stop with the fitting that it
     * has. No cost is below nothing then, and the bound of the relaxed programme is near.
     */
    private static final class Model {
        private final Weighed weighed;
        private final Dials dials;
        private final CpModel model = new CpModel();
        private final LinearExprBuilder cost = LinearExpr.newBuilder();
        private final Map<StopId, Map<Fitting, BoolVar>> fitted = new LinkedHashMap<>();
        private final Map<PlantId, Map<StopId, List<BoolVar>>> standing = new LinkedHashMap<>();

        Model(Weighed weighed, Dials dials) {
            this.weighed = weighed;
            this.dials = dials;
            weighed.house().spots().forEach(this::fit);
            weighed.house().plants().forEach(this::stand);
            weighed.house().spots().forEach(this::leaveRoom);
            carryNoMore();
            model.minimize(cost);
        }

        private void fit(Spot spot) {
            Map<Fitting, BoolVar> here = new LinkedHashMap<>();
            for (Fitting fitting : weighed.fittings(spot, dials)) {
                BoolVar yes = model.newBoolVar("");
                here.put(fitting, yes);
                cost.addTerm(yes, parts(weighed.cost(spot, fitting)));
                model.addHint(yes, fitting.equals(Fitting.NONE));
            }
            model.addExactlyOne(here.values().toArray(BoolVar[]::new));
            fitted.put(spot.id(), here);
        }

        private void stand(Household.Housed housed) {
            Map<StopId, List<BoolVar>> at = new LinkedHashMap<>();
            List<BoolVar> all = new ArrayList<>();
            for (StopId stop : weighed.places(housed, dials)) {
                List<BoolVar> there = new ArrayList<>();
                alike(housed, stop).forEach((misses, fittings) -> {
                    BoolVar stands = model.newBoolVar("");
                    model.addLessOrEqual(stands, LinearExpr.sum(fittings.toArray(BoolVar[]::new)));
                    model.addHint(stands, stop.equals(housed.stop()) && there.isEmpty());
                    cost.addTerm(stands, misses + parts(weighed.costOfMove(housed, stop)));
                    there.add(stands);
                    all.add(stands);
                });
                at.put(stop, there);
            }
            model.addExactlyOne(all.toArray(BoolVar[]::new));
            standing.put(housed.plant().id(), at);
        }

        /** What may be put up at a stop where a plant stands, by what it would miss then: what is the same for it is one decision. */
        private Map<Long, List<BoolVar>> alike(Household.Housed housed, StopId stop) {
            Map<Long, List<BoolVar>> alike = new LinkedHashMap<>();
            double weight = weighed.weight(housed);
            Objects.requireNonNull(fitted.get(stop)).forEach((fitting, fits) -> {
                if (weighed.bears(housed, weighed.spot(stop), fitting)) {
                    long misses = parts(weight * weighed.missed(housed, stop, fitting));
                    alike.computeIfAbsent(misses, key -> new ArrayList<>()).add(fits);
                }
            });
            return alike;
        }

        private List<BoolVar> at(Household.Housed housed, StopId stop) {
            return Objects.requireNonNull(standing.get(housed.plant().id())).getOrDefault(stop, List.of());
        }

        private void leaveRoom(Spot spot) {
            LinearExprBuilder pots = LinearExpr.newBuilder();
            for (Household.Housed housed : weighed.house().plants()) {
                at(housed, spot.id())
                        .forEach(there -> pots.addTerm(there, Math.round(housed.boardSquareCm() * SQUARE_PARTS)));
            }
            model.addLessOrEqual(pots, Math.round(weighed.room(spot) * SQUARE_PARTS));
        }

        private void carryNoMore() {
            if (dials.mostMoves() >= weighed.house().plants().size()) {
                return;
            }
            LinearExprBuilder staying = LinearExpr.newBuilder();
            weighed.house().plants().forEach(housed -> at(housed, housed.stop()).forEach(staying::add));
            model.addGreaterOrEqual(staying, weighed.house().plants().size() - dials.mostMoves());
        }

        private static long parts(double cost) {
            return Math.round(cost * PARTS);
        }

        HousePlan solve(double effort, DoubleConsumer within) {
            CpSolver solver = new CpSolver();
            solver.getParameters()
                    .setNumWorkers(1)
                    .setRandomSeed(1)
                    .setMaxDeterministicTime(effort)
                    .setLinearizationLevel(2);
            CpSolverStatus status = solver.solve(model, new CpSolverSolutionCallback() {
                @Override
                public void onSolutionCallback() {
                    within.accept(
                            Math.max(0, (objectiveValue() - bestObjectiveBound()) / Math.max(1, objectiveValue())));
                }
            });
            if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
                return asItIs();
            }
            Map<PlantId, StopId> stops = new LinkedHashMap<>();
            standing.forEach((plant, at) -> at.forEach((stop, there) -> {
                if (there.stream().anyMatch(solver::booleanValue)) {
                    stops.put(plant, stop);
                }
            }));
            Map<StopId, Fitting> fittings = new HashMap<>();
            fitted.forEach((stop, here) -> here.forEach((fitting, yes) -> {
                if (solver.booleanValue(yes) && !fitting.equals(Fitting.NONE)) {
                    fittings.put(stop, fitting);
                }
            }));
            double cost = HousePlanner.cost(weighed, stops, fittings);
            return told(weighed, stops, fittings, cost, Math.min(cost, solver.bestObjectiveBound() / PARTS));
        }

        /** Nothing was found in the time given: everything stays as it is, and nothing is proven. */
        private HousePlan asItIs() {
            Map<PlantId, StopId> stops = new LinkedHashMap<>();
            weighed.house().plants().forEach(housed -> stops.put(housed.plant().id(), housed.stop()));
            return told(weighed, stops, Map.of(), HousePlanner.cost(weighed, stops, Map.of()), 0);
        }
    }
}

package mildlantern.plan;

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
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import mildlantern.care.Need;
import mildlantern.care.Spot;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;

/**
 * A house as an integer programme, in the form of facility location: a stop has one lamp, one net or nothing, a room is moistened or not and has one way of
 * its nights, and a plant stands at one stop with what is there. What it misses of light, of moisture and of warmth by night are decisions of their own, as no
 * one depends on the others. No cost is below nothing then, and the bound of the relaxed programme is near.
 */
final class PlanModel {
    /** Costs go to the solver as whole numbers of this part of a miss. */
    private static final double PARTS = 10_000;

    /** Boards go to it as whole numbers of this part of a square centimetre. */
    private static final double SQUARE_PARTS = 10;

    private final Weighed weighed;
    private final Set<PlantId> softer;
    private final CpModel model = new CpModel();
    private final LinearExprBuilder cost = LinearExpr.newBuilder();
    private final Map<StopId, Map<Fitting, BoolVar>> hung = new LinkedHashMap<>();
    private final Map<String, Map<Boolean, BoolVar>> moist = new LinkedHashMap<>();
    private final Map<String, Map<Double, BoolVar>> nights = new LinkedHashMap<>();
    private final Map<PlantId, Map<StopId, BoolVar>> standing = new LinkedHashMap<>();

    PlanModel(Weighed weighed) {
        this.weighed = weighed;
        this.softer = weighed.water().plants();
        Offers offers = weighed.offers();
        weighed.house()
                .spots()
                .forEach(spot -> hung.put(
                        spot.id(), oneOf(weighed.hangings(spot), fitting -> offers.costOfHanging(spot, fitting))));
        weighed.rooms().keySet().forEach(room -> {
            moist.put(room, oneOf(weighed.humidifiers(room), offers::costOfHumidifier));
            nights.put(room, oneOf(weighed.nights(room), offers::costOfNights));
        });
        weighed.house().plants().forEach(this::stand);
        weighed.house().plants().forEach(this::stayTogether);
        weighed.house().spots().forEach(this::leaveRoom);
        carryNoMore();
        model.minimize(cost);
    }

    /** One of several things is so; the first is how it is now. */
    private <T> Map<T, BoolVar> oneOf(List<T> options, Function<T, Double> costs) {
        Map<T, BoolVar> all = new LinkedHashMap<>();
        for (T option : options) {
            BoolVar yes = model.newBoolVar("");
            cost.addTerm(yes, parts(costs.apply(option)));
            all.put(option, yes);
        }
        model.addExactlyOne(all.values().toArray(BoolVar[]::new));
        return all;
    }

    private void stand(Household.Housed housed) {
        Map<StopId, BoolVar> at = new LinkedHashMap<>();
        for (StopId stop : weighed.places().of(housed)) {
            Spot spot = weighed.spot(stop);
            String room = weighed.house().around().room(stop);
            BoolVar stands = model.newBoolVar("");
            cost.addTerm(
                    stands,
                    parts(weighed.costOfMove(housed, stop)) + misses(housed, stop, Fitting.NONE, Need.Kind.DAY));
            miss(
                    stands,
                    Objects.requireNonNull(hung.get(stop)),
                    fitting -> weighed.bears(housed, spot, fitting)
                            ? OptionalLong.of(misses(housed, stop, fitting, Need.Kind.LIGHT))
                            : OptionalLong.empty());
            miss(
                    stands,
                    Objects.requireNonNull(moist.get(room)),
                    runs -> OptionalLong.of(
                            misses(housed, stop, Fitting.NONE.in(new RoomAir(runs, 0)), Need.Kind.HUMIDITY)));
            miss(
                    stands,
                    Objects.requireNonNull(nights.get(room)),
                    by -> weighed.bearsNights(housed, spot, by)
                            ? OptionalLong.of(
                                    misses(housed, stop, Fitting.NONE.in(new RoomAir(false, by)), Need.Kind.NIGHT))
                            : OptionalLong.empty());
            at.put(stop, stands);
        }
        model.addExactlyOne(at.values().toArray(BoolVar[]::new));
        standing.put(housed.plant().id(), at);
    }

    private long misses(Household.Housed housed, StopId stop, Fitting fitting, Need.Kind need) {
        return parts(weighed.weight(housed) * weighed.missed(housed, stop, fitting, Set.of(need)));
    }

    /**
     * What a plant misses of one need where it stands, by what is there; what is the same for it is one decision.
     *
     * @param misses empty for what it does not bear
     */
    private <T> void miss(BoolVar stands, Map<T, BoolVar> options, Function<T, OptionalLong> misses) {
        Map<Long, List<BoolVar>> alike = new LinkedHashMap<>();
        options.forEach((option, yes) -> misses.apply(option)
                .ifPresent(it ->
                        alike.computeIfAbsent(it, key -> new ArrayList<>()).add(yes)));
        boolean all = alike.values().stream().mapToInt(List::size).sum() == options.size();
        if (alike.size() == 1 && all) {
            cost.addTerm(stands, alike.keySet().iterator().next());
            return;
        }
        LinearExprBuilder some = LinearExpr.newBuilder();
        alike.forEach((costs, those) -> {
            BoolVar so = alike.size() == 1 ? stands : model.newBoolVar("");
            model.addLessOrEqual(so, LinearExpr.sum(those.toArray(BoolVar[]::new)));
            cost.addTerm(so, costs);
            some.add(so);
        });
        if (alike.size() != 1) {
            model.addEquality(some, stands);
        }
    }

    private void stayTogether(Household.Housed housed) {
        Household.Housed first = weighed.places().company(housed).get(0);
        if (!first.equals(housed)) {
            Map<StopId, BoolVar> others =
                    Objects.requireNonNull(standing.get(first.plant().id()));
            Objects.requireNonNull(standing.get(housed.plant().id()))
                    .forEach((stop, stands) -> model.addEquality(stands, Objects.requireNonNull(others.get(stop))));
        }
    }

    private void leaveRoom(Spot spot) {
        LinearExprBuilder pots = LinearExpr.newBuilder();
        for (Household.Housed housed : weighed.house().plants()) {
            BoolVar stands =
                    Objects.requireNonNull(standing.get(housed.plant().id())).get(spot.id());
            if (stands != null) {
                pots.addTerm(stands, Math.round(housed.boardSquareCm() * SQUARE_PARTS));
            }
        }
        model.addLessOrEqual(pots, Math.round(weighed.room(spot) * SQUARE_PARTS));
    }

    private void carryNoMore() {
        int plants = weighed.house().plants().size();
        int most = weighed.dials().mostMoves();
        if (most >= plants) {
            return;
        }
        LinearExprBuilder staying = LinearExpr.newBuilder();
        weighed.house()
                .plants()
                .forEach(housed -> staying.add(Objects.requireNonNull(
                        Objects.requireNonNull(standing.get(housed.plant().id()))
                                .get(housed.stop()))));
        model.addGreaterOrEqual(staying, plants - most);
    }

    private static long parts(double cost) {
        return Math.round(cost * PARTS);
    }

    /**
     * @param effort how long the best is looked for at most, in the solver's own count
     * @param near it ends sooner where no plan can be better by more than this share
     */
    HousePlan solve(double effort, double near, DoubleConsumer within) {
        CpSolver solver = new CpSolver();
        // Without cuts: the relaxed programme is near enough as it is, and they took four fifths of the time
        // (measured).
        solver.getParameters()
                .setNumWorkers(1)
                .setRandomSeed(1)
                .setMaxDeterministicTime(effort)
                .setRelativeGapLimit(near)
                .setCpModelProbingLevel(0)
                .setCutLevel(0)
                .setLinearizationLevel(2);
        CpSolverStatus status = solver.solve(model, new CpSolverSolutionCallback() {
            @Override
            public void onSolutionCallback() {
                within.accept(Math.max(0, (objectiveValue() - bestObjectiveBound()) / Math.max(1, objectiveValue())));
            }
        });
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
            return asItIs();
        }
        Map<PlantId, StopId> stops = new LinkedHashMap<>();
        standing.forEach((plant, at) -> stops.put(plant, chosen(solver, at)));
        Map<StopId, Fitting> hanging = new HashMap<>();
        hung.forEach((stop, options) -> hanging.put(stop, chosen(solver, options)));
        Map<String, RoomAir> airs = new HashMap<>();
        moist.forEach((room, options) -> airs.put(
                room, new RoomAir(chosen(solver, options), chosen(solver, Objects.requireNonNull(nights.get(room))))));
        HousePlan plan = HousePlanner.told(weighed, stops, weighed.whole(hanging, airs), softer, 0);
        double bound = solver.bestObjectiveBound() / PARTS + weighed.water().cost(softer);
        return plan.provenAbove(Math.min(plan.cost(), bound));
    }

    private static <T> T chosen(CpSolver solver, Map<T, BoolVar> options) {
        return options.entrySet().stream()
                .filter(option -> solver.booleanValue(option.getValue()))
                .findFirst()
                .orElseThrow()
                .getKey();
    }

    /** Nothing was found in the time given: everything stays as it is, and nothing is proven. */
    private HousePlan asItIs() {
        Map<PlantId, StopId> stops = new LinkedHashMap<>();
        weighed.house().plants().forEach(housed -> stops.put(housed.plant().id(), housed.stop()));
        return HousePlanner.told(weighed, stops, Map.of(), Set.of(), 0);
    }
}

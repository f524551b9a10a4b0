package mildlantern.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import mildlantern.care.Spot;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;

/** Simpler ways to plan a house, which the plan is measured against. */
public final class Rivals {
    private final HousePlanner planner;

    public Rivals(HousePlanner planner) {
        this.planner = planner;
    }

    /** Nothing is changed. */
    public HousePlan asItIs(Household house) {
        return told(planner.weigh(house), new State(house));
    }

    /** Plant after plant, in their order, each gets the one change that is best for it as things then stand. */
    public HousePlan oneLineAPlant(Household house) {
        Weighed weighed = planner.weigh(house);
        State state = new State(house);
        for (Household.Housed housed : house.plants()) {
            best(weighed, List.of(housed), state).ifPresent(better -> state.take(better.state()));
        }
        return told(weighed, state);
    }

    /** Again and again the one change that is best for the house, until none is worth what it costs. */
    public HousePlan greedy(Household house) {
        Weighed weighed = planner.weigh(house);
        State state = new State(house);
        for (Optional<Better> better = best(weighed, house.plants(), state);
                better.isPresent();
                better = best(weighed, house.plants(), state)) {
            state.take(better.get().state());
        }
        return told(weighed, state);
    }

    /**
     * The planner's own way, with much more time.
     *
     * @param effort in the solver's own count, about seconds of one fast core; it ends sooner where the best is proven
     */
    public HousePlan longer(Household house, double effort) {
        return planner.plan(house, Dials.OPEN, effort);
    }

    private static HousePlan told(Weighed weighed, State state) {
        return HousePlanner.told(weighed, state.stops, state.fittings(weighed), Set.of(), 0);
    }

    private record Better(State state, double cost) {}

    private static Optional<Better> best(Weighed weighed, List<Household.Housed> plants, State now) {
        Optional<Better> best = Optional.empty();
        double least = cost(weighed, now) - 1e-9;
        for (Household.Housed housed : plants) {
            StopId here = Objects.requireNonNull(now.stops.get(housed.plant().id()));
            for (StopId there : weighed.places().of(housed)) {
                Spot spot = weighed.spot(there);
                Fitting fitted = now.fittings(weighed).getOrDefault(there, Fitting.NONE);
                if (!there.equals(here)
                        && weighed.bears(housed, spot, fitted)
                        && weighed.bearsNights(housed, spot, fitted.air().nights())
                        && taken(weighed, now, there) + housed.boardSquareCm() <= weighed.room(spot)) {
                    State next = now.copy();
                    next.stops.put(housed.plant().id(), there);
                    double cost = cost(weighed, next);
                    if (cost < least) {
                        least = cost;
                        best = Optional.of(new Better(next, cost));
                    }
                }
            }
            for (State next : fitted(weighed, now, here)) {
                double cost = cost(weighed, next);
                if (cost < least) {
                    least = cost;
                    best = Optional.of(new Better(next, cost));
                }
            }
        }
        return best;
    }

    /** What may be put up at a stop instead of what hangs there, and other air of its room, where all who stand there bear it. */
    private static List<State> fitted(Weighed weighed, State now, StopId here) {
        List<State> states = new ArrayList<>();
        for (Fitting fitting : weighed.hangings(weighed.spot(here))) {
            State next = now.copy();
            next.hung.put(here, fitting);
            states.add(next);
        }
        String room = weighed.house().around().room(here);
        for (boolean humidifier : weighed.humidifiers(room)) {
            for (double by : weighed.nights(room)) {
                State next = now.copy();
                next.airs.put(room, new RoomAir(humidifier, by));
                states.add(next);
            }
        }
        states.removeIf(state -> !allBear(weighed, state));
        return states;
    }

    private static boolean allBear(Weighed weighed, State state) {
        Map<StopId, Fitting> fittings = state.fittings(weighed);
        return weighed.house().plants().stream().allMatch(housed -> {
            Spot spot = weighed.spot(
                    Objects.requireNonNull(state.stops.get(housed.plant().id())));
            Fitting fitting = fittings.getOrDefault(spot.id(), Fitting.NONE);
            return weighed.bears(housed, spot, fitting)
                    && weighed.bearsNights(housed, spot, fitting.air().nights());
        });
    }

    private static double taken(Weighed weighed, State state, StopId stop) {
        return weighed.house().plants().stream()
                .filter(housed -> stop.equals(state.stops.get(housed.plant().id())))
                .mapToDouble(Household.Housed::boardSquareCm)
                .sum();
    }

    private static double cost(Weighed weighed, State state) {
        return HousePlanner.cost(weighed, state.stops, state.fittings(weighed), Set.of());
    }

    /** Who stands where, what is put up, and how the air is kept. */
    private static final class State {
        private final Map<PlantId, StopId> stops = new LinkedHashMap<>();
        private final Map<StopId, Fitting> hung = new HashMap<>();
        private final Map<String, RoomAir> airs = new HashMap<>();

        private State() {}

        State(Household house) {
            house.plants().forEach(housed -> stops.put(housed.plant().id(), housed.stop()));
        }

        State copy() {
            State copy = new State();
            copy.take(this);
            return copy;
        }

        void take(State other) {
            stops.putAll(other.stops);
            hung.putAll(other.hung);
            airs.putAll(other.airs);
        }

        Map<StopId, Fitting> fittings(Weighed weighed) {
            return weighed.whole(hung, airs);
        }
    }
}

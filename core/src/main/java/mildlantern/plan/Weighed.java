package mildlantern.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import mildlantern.care.CareKnowledge;
import mildlantern.care.CareOrigin;
import mildlantern.care.Change;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import mildlantern.care.Spot;
import mildlantern.place.Moves;
import mildlantern.place.StopId;
import mildlantern.plant.Wants;

/** A house weighed: what each plant would miss at each stop with what may be put up there, and where it may stand at all. */
final class Weighed {
    private final Household house;
    private final PlanKnowledge knowledge;
    private final CareKnowledge care;
    private final Needs needs;
    private final Moves moves;
    private final Map<StopId, Spot> spots = new HashMap<>();

    Weighed(Household house, PlanKnowledge knowledge, CareKnowledge care, Needs needs, Moves moves) {
        this.house = house;
        this.knowledge = knowledge;
        this.care = care;
        this.needs = needs;
        this.moves = moves;
        house.spots().forEach(spot -> spots.put(spot.id(), spot));
    }

    Household house() {
        return house;
    }

    boolean knows(StopId id) {
        return spots.containsKey(id);
    }

    Spot spot(StopId id) {
        return Objects.requireNonNull(spots.get(id));
    }

    /** What a plant misses at a stop. */
    List<Need> needs(Household.Housed housed, StopId stop, Fitting fitting) {
        return needs(housed.plant().wants(), gives(spot(stop), fitting));
    }

    List<Need> needs(Wants wants, Gives gives) {
        return needs.ofStop(wants, gives);
    }

    /** All that a plant misses at a stop; what such a change did here before counts as much as the book. */
    double missed(Household.Housed housed, StopId stop, Fitting fitting) {
        double there = Needs.missed(needs(housed, stop, fitting));
        Optional<Change.Kind> change = change(housed, stop, fitting);
        if (change.isEmpty()) {
            return there;
        }
        double here = Needs.missed(needs(housed, housed.stop(), Fitting.NONE));
        double factor = house.experience().factor(housed.plant().profile().id(), change.get(), Optional.of(stop));
        return there < here ? Math.max(0, here - factor * (here - there)) : there;
    }

    private static Optional<Change.Kind> change(Household.Housed housed, StopId stop, Fitting fitting) {
        if (!stop.equals(housed.stop())) {
            return Optional.of(Change.Kind.MOVE);
        }
        if (fitting.lamp() > 0) {
            return Optional.of(Change.Kind.LAMP);
        }
        return fitting.humidifier() ? Optional.of(Change.Kind.HUMIDIFIER) : Optional.empty();
    }

    /** What a stop gives with something put up. */
    Gives gives(Spot spot, Fitting fitting) {
        return gives(spot.gives(), fitting);
    }

    /** The same of what it gives at another time. */
    Gives gives(Gives gives, Fitting fitting) {
        Optional<Figure> light = gives.light().map(figure -> {
            double through = figure.value() * (fitting.net() ? knowledge.netPasses : 1);
            double lit = through + care.lampAdds(fitting.lamp());
            return lit == figure.value() ? figure : Figure.of(lit, CareOrigin.WITH_A_LAMP);
        });
        Optional<Figure> humidity = gives.humidity()
                .map(figure -> fitting.humidifier() && figure.value() < care.humidifierHolds()
                        ? Figure.of(care.humidifierHolds(), CareOrigin.WITH_A_HUMIDIFIER)
                        : figure);
        return new Gives(light, humidity, gives.byDay(), gives.night());
    }

    /** What may be put up at a stop, nothing first; only that outdoors, and at stops for plants that stand alone. */
    List<Fitting> fittings(Spot spot, Dials dials) {
        List<Fitting> ofLight = new ArrayList<>(List.of(Fitting.NONE));
        if (house.outdoors().contains(spot.id())
                || spot.alone()
                || dials.without().contains(spot.id())) {
            return ofLight;
        }
        if (spot.gives().light().isPresent()) {
            if (dials.money() && dials.lamps()) {
                knowledge.lampSizes().forEach(lamp -> ofLight.add(new Fitting(lamp, false, false)));
            }
            ofLight.add(new Fitting(0, false, true));
        }
        List<Fitting> all = new ArrayList<>(ofLight);
        if (dials.money()
                && spot.gives()
                        .humidity()
                        .filter(it -> it.value() < care.humidifierHolds())
                        .isPresent()) {
            ofLight.forEach(fitting -> all.add(new Fitting(fitting.lamp(), true, fitting.net())));
        }
        return all;
    }

    /** What it costs to put something up, in the measure of a miss. */
    double cost(Spot spot, Fitting fitting) {
        return (fitting.lamp() > 0 ? knowledge.costOfLamp(care.lampKwhAMonth(fitting.lamp(), spot.boardSquareM())) : 0)
                + (fitting.humidifier() ? knowledge.humidifier : 0)
                + (fitting.net() ? knowledge.net : 0);
    }

    /** What it costs to carry a plant from where it stands. */
    double costOfMove(Household.Housed housed, StopId to) {
        return housed.stop().equals(to)
                ? 0
                : knowledge.costOfMove(spot(housed.stop()).gives().bySteps(spot(to).gives(), moves));
    }

    double weight(Household.Housed housed) {
        return knowledge.weight(housed, needs(housed, housed.stop(), Fitting.NONE));
    }

    /** Where a plant may stand, its own stop first, then those where it would miss least with the best that may be put up there. */
    List<StopId> places(Household.Housed housed, Dials dials) {
        List<StopId> places = new ArrayList<>(List.of(housed.stop()));
        if (housed.stays() || dials.pinned().contains(housed.plant().id()) || dials.mostMoves() == 0) {
            return places;
        }
        house.spots().stream()
                .filter(spot -> !spot.id().equals(housed.stop()) && mayGo(housed, spot))
                .sorted(Comparator.comparingDouble((Spot spot) -> least(housed, spot, dials))
                        .thenComparing(spot -> spot.id().toString()))
                .limit(knowledge.places - 1L)
                .forEach(spot -> places.add(spot.id()));
        return places;
    }

    private double least(Household.Housed housed, Spot spot, Dials dials) {
        return fittings(spot, dials).stream()
                .filter(fitting -> bears(housed, spot, fitting))
                .mapToDouble(fitting -> missed(housed, spot.id(), fitting))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** Whether a plant may be carried to a stop: it is neither chilled nor is its rest broken there, nor drowned, nor set beside what is catching. */
    private boolean mayGo(Household.Housed housed, Spot spot) {
        Gives there = spot.gives();
        Gives here = spot(housed.stop()).gives();
        boolean asMuchKnown = (there.light().isPresent() || here.light().isEmpty())
                && (there.humidity().isPresent()
                        || here.humidity().isEmpty()
                        || house.outdoors().contains(spot.id()))
                && (there.byDay().isPresent() || here.byDay().isEmpty());
        return !spot.alone()
                && !house.closed().contains(spot.id())
                && asMuchKnown
                && spot.dryEnoughFor(housed.plant().profile())
                && nightsAreRight(housed.plant().wants(), there, here);
    }

    private boolean nightsAreRight(Wants wants, Gives there, Gives here) {
        if (there.night().isEmpty()) {
            return false;
        }
        double night = there.night().get().value();
        boolean warmer = here.night().filter(now -> night <= now.value()).isEmpty();
        return night >= wants.night().low() - knowledge.coldSlack
                && (!wants.phase().rests() || !warmer || night <= wants.night().high() + wants.warmSlack());
    }

    /** Whether what is put up at a stop does a plant there no harm that it has not now: no scorch, no lamp that takes its long nights. */
    boolean bears(Household.Housed housed, Spot spot, Fitting fitting) {
        Wants wants = housed.plant().wants();
        if (fitting.lamp() > 0 && (wants.phase().rests() || wants.lightHours().orElse(24) < care.lampHours())) {
            return false;
        }
        double most = wants.light().high();
        double lit = light(spot, fitting);
        return lit <= most || housed.stop().equals(spot.id()) && lit <= light(spot, Fitting.NONE);
    }

    private double light(Spot spot, Fitting fitting) {
        return gives(spot, fitting).light().map(Figure::value).orElse(0.0);
    }

    /** What pots may take up of a stop, cm²: what fills it, or what stands there now where that is more. */
    double room(Spot spot) {
        double standing = house.plants().stream()
                .filter(housed -> housed.stop().equals(spot.id()))
                .mapToDouble(Household.Housed::boardSquareCm)
                .sum();
        return Math.max(standing, care.room(spot.boardSquareM()));
    }
}

package mildlantern.plan;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.care.Change;
import mildlantern.care.Gives;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import mildlantern.care.Spot;
import mildlantern.place.Moves;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Wants;

/** A house weighed: what each plant would miss at each stop with what may be put up there, and where it may stand at all. */
final class Weighed {
    private final Household house;
    private final Dials dials;
    private final PlanKnowledge knowledge;
    private final Offers offers;
    private final Needs needs;
    private final Moves moves;
    private final Map<StopId, Spot> spots = new LinkedHashMap<>();
    private final Map<String, List<Spot>> rooms;
    private final Map<StopId, List<Fitting>> hangings = new HashMap<>();
    private final Map<String, List<Boolean>> humidifiers = new HashMap<>();
    private final Map<String, List<Double>> nights = new HashMap<>();
    private final Map<PlantId, List<Need>> now = new HashMap<>();

    Weighed(Household house, Dials dials, PlanKnowledge knowledge, Offers offers, Needs needs, Moves moves) {
        this.house = house;
        this.dials = dials;
        this.knowledge = knowledge;
        this.offers = offers;
        this.needs = needs;
        this.moves = moves;
        house.spots().forEach(spot -> spots.put(spot.id(), spot));
        this.rooms = house.spots().stream()
                .collect(Collectors.groupingBy(
                        spot -> house.around().room(spot.id()), LinkedHashMap::new, Collectors.toList()));
        house.spots().forEach(spot -> hangings.put(spot.id(), offers.hangings(house, spot, dials)));
        rooms.forEach((room, stops) -> {
            humidifiers.put(room, offers.humidifiers(house, stops, dials));
            nights.put(room, offers.nights(house, stops, dials));
        });
        house.plants().forEach(housed -> now.put(housed.plant().id(), needs(housed, housed.stop(), Fitting.NONE)));
    }

    Household house() {
        return house;
    }

    Dials dials() {
        return dials;
    }

    boolean knows(StopId id) {
        return spots.containsKey(id);
    }

    Spot spot(StopId id) {
        return Objects.requireNonNull(spots.get(id));
    }

    /** Stops by room, in the order of the walk. */
    Map<String, List<Spot>> rooms() {
        return rooms;
    }

    /** What a plant misses at a stop. */
    List<Need> needs(Household.Housed housed, StopId stop, Fitting fitting) {
        return needs(housed.plant().wants(), gives(spot(stop).gives(), fitting));
    }

    List<Need> needs(Wants wants, Gives gives) {
        return needs.ofStop(wants, gives);
    }

    Gives gives(Gives gives, Fitting fitting) {
        return offers.gives(gives, fitting);
    }

    /** What may be put up at a stop, nothing first. */
    List<Fitting> hangings(Spot spot) {
        return Objects.requireNonNull(hangings.get(spot.id()));
    }

    /** Whether a humidifier may run in a room: no comes first. */
    List<Boolean> humidifiers(String room) {
        return Objects.requireNonNull(humidifiers.get(room));
    }

    /** By how much the nights of a room may be kept warmer, °C, as they are first. */
    List<Double> nights(String room) {
        return Objects.requireNonNull(nights.get(room));
    }

    /** All that a plant misses at a stop; what such a change did here before counts as much as the book. */
    double missed(Household.Housed housed, StopId stop, Fitting fitting) {
        return missed(housed, stop, fitting, Set.of(Need.Kind.values()));
    }

    /** The same of some needs. */
    double missed(Household.Housed housed, StopId stop, Fitting fitting, Set<Need.Kind> of) {
        return needs(housed, stop, fitting).stream()
                .filter(need -> of.contains(need.kind()))
                .mapToDouble(need -> learned(housed, stop, fitting, need))
                .sum();
    }

    private double learned(Household.Housed housed, StopId stop, Fitting fitting, Need there) {
        double here = Needs.missed(now(housed), there.kind());
        if (there.miss() >= here) {
            return there.miss();
        }
        double factor = change(housed, stop, fitting, there.kind())
                .map(change ->
                        house.experience().factor(housed.plant().profile().id(), change, Optional.of(stop)))
                .orElse(1.0);
        return Math.max(0, here - factor * (here - there.miss()));
    }

    private static Optional<Change.Kind> change(Household.Housed housed, StopId stop, Fitting fitting, Need.Kind need) {
        if (!stop.equals(housed.stop())) {
            return Optional.of(Change.Kind.MOVE);
        }
        if (need == Need.Kind.LIGHT && fitting.lamp() > 0) {
            return Optional.of(Change.Kind.LAMP);
        }
        return need == Need.Kind.HUMIDITY && fitting.air().humidifier()
                ? Optional.of(Change.Kind.HUMIDIFIER)
                : Optional.empty();
    }

    private List<Need> now(Household.Housed housed) {
        return Objects.requireNonNull(now.get(housed.plant().id()));
    }

    /** What it costs to put up and to run what a plan proposes, in the measure of a miss; the air of a room once. */
    double cost(Map<StopId, Fitting> fittings) {
        double cost = 0;
        Map<String, RoomAir> airs = new HashMap<>();
        for (Map.Entry<StopId, Fitting> entry : fittings.entrySet()) {
            cost += offers.costOfHanging(spot(entry.getKey()), entry.getValue());
            airs.put(house.around().room(entry.getKey()), entry.getValue().air());
        }
        for (RoomAir air : airs.values()) {
            cost += offers.costOfHumidifier(air.humidifier()) + offers.costOfNights(air.nights());
        }
        return cost;
    }

    Offers offers() {
        return offers;
    }

    /** What is put up at stops, in the air of their rooms; only where something is other than now. */
    Map<StopId, Fitting> whole(Map<StopId, Fitting> hung, Map<String, RoomAir> airs) {
        Map<StopId, Fitting> whole = new HashMap<>();
        for (StopId stop : spots.keySet()) {
            Fitting fitting = hung.getOrDefault(stop, Fitting.NONE)
                    .in(airs.getOrDefault(house.around().room(stop), RoomAir.AS_IT_IS));
            if (!fitting.equals(Fitting.NONE)) {
                whole.put(stop, fitting);
            }
        }
        return whole;
    }

    Places places() {
        return new Places(this, knowledge.places);
    }

    SofterWater water() {
        return new SofterWater(house, knowledge, this::weight);
    }

    /** What it costs to carry a plant from where it stands. */
    double costOfMove(Household.Housed housed, StopId to) {
        return housed.stop().equals(to) ? 0 : knowledge.costOfMove(bySteps(housed, to));
    }

    boolean bySteps(Household.Housed housed, StopId to) {
        return spot(housed.stop()).gives().bySteps(spot(to).gives(), moves);
    }

    double weight(Household.Housed housed) {
        return knowledge.weight(housed, now(housed));
    }

    /** Whether a plant at a stop is neither chilled nor is its rest broken, with nights kept so much warmer; where it stands now, no worse than now. */
    boolean bearsNights(Household.Housed housed, Spot spot, double by) {
        boolean stays = housed.stop().equals(spot.id());
        if (stays && by == 0) {
            return true;
        }
        if (spot.gives().night().isEmpty()) {
            return false;
        }
        double night = spot.gives().night().get().value() + by;
        Optional<Double> before = spot(housed.stop()).gives().night().map(figure -> figure.value());
        boolean warmer = before.filter(was -> night <= was).isEmpty();
        boolean colder = before.filter(was -> night >= was).isEmpty();
        Wants wants = housed.plant().wants();
        boolean cold = night < wants.night().low() - knowledge.coldSlack;
        boolean restBroken = wants.phase().rests() && night > wants.night().high() + wants.warmSlack();
        return !(cold && (colder || !stays)) && !(restBroken && warmer);
    }

    /** Whether what is put up at a stop does a plant there no harm that it has not now: no scorch, no lamp that takes its long nights. */
    boolean bears(Household.Housed housed, Spot spot, Fitting fitting) {
        Wants wants = housed.plant().wants();
        if (fitting.lamp() > 0 && (wants.phase().rests() || wants.lightHours().orElse(24) < offers.lampHours())) {
            return false;
        }
        double most = wants.light().high();
        double lit = light(spot, fitting);
        return lit <= most || housed.stop().equals(spot.id()) && lit <= light(spot, Fitting.NONE);
    }

    private double light(Spot spot, Fitting fitting) {
        return gives(spot.gives(), fitting)
                .light()
                .map(figure -> figure.value())
                .orElse(0.0);
    }

    /** What pots may take up of a stop, cm²: what fills it, or what stands there now where that is more. */
    double room(Spot spot) {
        double standing = house.plants().stream()
                .filter(housed -> housed.stop().equals(spot.id()))
                .mapToDouble(Household.Housed::boardSquareCm)
                .sum();
        return Math.max(standing, offers.room(spot));
    }
}

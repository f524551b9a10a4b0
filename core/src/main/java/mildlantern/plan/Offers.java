package mildlantern.plan;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mildlantern.care.CareKnowledge;
import mildlantern.care.CareOrigin;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.care.Spot;

/** What may be put up at a stop and done to the air of a room, what that gives, and what it costs. */
final class Offers {
    private final PlanKnowledge knowledge;
    private final CareKnowledge care;

    Offers(PlanKnowledge knowledge, CareKnowledge care) {
        this.knowledge = knowledge;
        this.care = care;
    }

    /** What a stop that gives so much would give with something put up and its air kept otherwise. */
    Gives gives(Gives gives, Fitting fitting) {
        if (fitting.equals(Fitting.NONE)) {
            return gives;
        }
        Optional<Figure> light = gives.light().map(figure -> {
            double through = figure.value() * (fitting.net() ? knowledge.netPasses : 1);
            double lit = through + care.lampAdds(fitting.lamp());
            return lit == figure.value() ? figure : Figure.of(lit, CareOrigin.WITH_A_LAMP);
        });
        RoomAir air = fitting.air();
        Optional<Figure> humidity = gives.humidity()
                .map(figure -> air.humidifier() && figure.value() < care.humidifierHolds()
                        ? Figure.of(care.humidifierHolds(), CareOrigin.WITH_A_HUMIDIFIER)
                        : figure);
        Optional<Figure> night = gives.night()
                .map(figure -> air.nights() == 0
                        ? figure
                        : Figure.of(figure.value() + air.nights(), CareOrigin.WITH_OTHER_HEATING));
        return new Gives(light, humidity, gives.byDay(), night);
    }

    /** What may be put up at a stop, nothing first; only that outdoors, and at stops for plants that stand alone. */
    List<Fitting> hangings(Household house, Spot spot, Dials dials) {
        List<Fitting> hangings = new ArrayList<>(List.of(Fitting.NONE));
        if (!house.around().outdoors().contains(spot.id())
                && !spot.alone()
                && !dials.without().contains(spot.id())
                && spot.gives().light().isPresent()) {
            if (dials.money() && dials.lamps()) {
                knowledge.lampSizes().forEach(lamp -> hangings.add(Fitting.lamp(lamp)));
            }
            hangings.add(Fitting.shade());
        }
        return hangings;
    }

    /** Whether a humidifier may run in a room: no comes first. */
    List<Boolean> humidifiers(Household house, Collection<Spot> room, Dials dials) {
        boolean dry = room.stream()
                .flatMap(spot -> spot.gives().humidity().stream())
                .anyMatch(humidity -> humidity.value() < care.humidifierHolds());
        return dials.money() && dry && changeable(house, room, dials) ? List.of(false, true) : List.of(false);
    }

    /** By how much the nights of a room may be kept warmer, °C, as they are first; no cooler than it is outdoors, and in a glass case as they are. */
    List<Double> nights(Household house, Collection<Spot> room, Dials dials) {
        List<Double> nights = new ArrayList<>(List.of(0.0));
        boolean heated = room.stream().noneMatch(Spot::glassCase)
                && room.stream().allMatch(spot -> spot.gives().night().isPresent());
        if (heated && changeable(house, room, dials)) {
            double coldest = room.stream()
                    .flatMap(spot -> spot.gives().night().stream())
                    .mapToDouble(Figure::value)
                    .min()
                    .orElse(0);
            knowledge
                    .nightSteps()
                    .filter(by -> by > 0
                            ? dials.money()
                            : house.around().celsius() <= coldest + by - knowledge.coolerOutdoors)
                    .forEach(nights::add);
        }
        return nights;
    }

    private static boolean changeable(Household house, Collection<Spot> room, Dials dials) {
        return room.stream()
                .noneMatch(spot -> house.around().outdoors().contains(spot.id())
                        || spot.alone()
                        || dials.sameAir().contains(spot.id()));
    }

    /** What it costs to put up a lamp or a net, in the measure of a miss. */
    double costOfHanging(Spot spot, Fitting fitting) {
        return (fitting.lamp() > 0 ? knowledge.costOfLamp(lampKwhAMonth(spot, fitting)) : 0)
                + (fitting.net() ? knowledge.net : 0);
    }

    double lampKwhAMonth(Spot spot, Fitting fitting) {
        return fitting.lamp() > 0 ? care.lampKwhAMonth(fitting.lamp(), spot.boardSquareM()) : 0;
    }

    double costOfHumidifier(boolean runs) {
        return runs ? knowledge.humidifier : 0;
    }

    double costOfNights(double by) {
        return knowledge.costOfNights(by);
    }

    double lampHours() {
        return care.lampHours();
    }

    /** What pots may take up of a stop, cm². */
    double room(Spot spot) {
        return care.room(spot.boardSquareM());
    }
}

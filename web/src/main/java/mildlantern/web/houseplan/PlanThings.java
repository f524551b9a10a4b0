package mildlantern.web.houseplan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Figure;
import mildlantern.care.Needs;
import mildlantern.care.Spot;
import mildlantern.place.StopId;
import mildlantern.plan.Fitting;
import mildlantern.plan.HousePlan;
import mildlantern.plan.PlanKnowledge;
import mildlantern.plan.RoomAir;
import mildlantern.quantity.Limits;
import mildlantern.quantity.TemperatureChange;
import mildlantern.quantity.Volume;
import mildlantern.web.care.CareService;
import mildlantern.web.stop.Stop;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** What a plan sets up: lamps and nets by stop, humidifiers and heating by room; in words, and as the page sends it back. */
@Component
class PlanThings {
    private static final double ROOM_CELSIUS = 20;

    private final CareKnowledge care;
    private final PlanKnowledge knowledge;

    PlanThings(CareKnowledge care, PlanKnowledge knowledge) {
        this.care = care;
        this.knowledge = knowledge;
    }

    /** What is to be set up, by stop and by room in the order of the walk. */
    List<HousePlanViews.Thing> of(CareService.House house, HousePlan plan, PlanDials dials) {
        List<HousePlanViews.Thing> things = new ArrayList<>();
        Map<Stop, List<Spot>> rooms = new LinkedHashMap<>();
        for (Spot spot : house.spots()) {
            Fitting fitting = plan.fittings().getOrDefault(spot.id(), Fitting.NONE);
            if (fitting.hangs()) {
                things.add(hanging(house, plan, spot, fitting, dials));
            }
            if (fitting.air().changes()) {
                Stop stop = stop(house, spot.id());
                Stop first = rooms.keySet().stream()
                        .filter(other -> Households.sameRoom(other, stop))
                        .findFirst()
                        .orElse(stop);
                rooms.computeIfAbsent(first, key -> new ArrayList<>()).add(spot);
            }
        }
        rooms.forEach((first, spots) -> things.add(air(house, plan, first, spots, dials)));
        return List.copyOf(things);
    }

    private static Stop stop(CareService.House house, StopId id) {
        return Objects.requireNonNull(house.stops().get(id));
    }

    /** The room that something serves, where it is named and has more stops than one; else the stop. */
    String name(CareService.House house, SetupTasks.Waiting waiting) {
        Stop stop = stop(house, waiting.stop());
        boolean shared = waiting.ofRoom()
                && house.stops().values().stream()
                                .filter(other -> Households.sameRoom(stop, other))
                                .count()
                        > 1;
        return shared && stop.room() != null ? stop.room() : stop.name();
    }

    private HousePlanViews.Thing hanging(
            CareService.House house, HousePlan plan, Spot spot, Fitting fitting, PlanDials dials) {
        List<Setup> setups = new ArrayList<>();
        if (fitting.lamp() > 0) {
            setups.add(new Setup(spot.id(), Setup.What.LAMP, fitting.lamp()));
        }
        if (fitting.net()) {
            setups.add(new Setup(spot.id(), Setup.What.NET, 0));
        }
        return thing(house, plan, spot.name(), setups, List.of(spot), dials.leaving(spot.id(), false));
    }

    private HousePlanViews.Thing air(
            CareService.House house, HousePlan plan, Stop first, List<Spot> spots, PlanDials dials) {
        RoomAir air = plan.fittings().getOrDefault(first.id(), Fitting.NONE).air();
        List<Setup> setups = new ArrayList<>();
        if (air.humidifier()) {
            setups.add(new Setup(first.id(), Setup.What.HUMIDIFIER, 0));
        }
        if (air.nights() != 0) {
            setups.add(new Setup(first.id(), Setup.What.NIGHTS, air.nights()));
        }
        String name = spots.size() > 1 && first.room() != null ? first.room() : first.name();
        return thing(house, plan, name, setups, spots, dials.leaving(first.id(), true));
    }

    private HousePlanViews.Thing thing(
            CareService.House house,
            HousePlan plan,
            String name,
            List<Setup> setups,
            List<Spot> spots,
            String without) {
        Set<StopId> here = spots.stream().map(Spot::id).collect(Collectors.toSet());
        long helped = plan.fates().stream()
                .filter(fate -> here.contains(fate.to())
                        && setups.stream()
                                .anyMatch(setup -> Needs.eased(
                                        fate.before(),
                                        fate.after(),
                                        setup.what().changes())))
                .count();
        return new HousePlanViews.Thing(
                setups.get(0).stop(),
                name,
                Wording.listed(setups.stream().map(setup -> words(house, setup)).toList()),
                Wording.say("houseplan.house-plan-pages.for", helped),
                setups.stream().map(PlanThings::sent).toList(),
                without);
    }

    /** What is set up, with its figures. */
    String words(CareService.House house, Setup setup) {
        Spot spot = house.spot(setup.stop());
        return switch (setup.what()) {
            case LAMP ->
                Wording.say(
                        "houseplan.house-plan-pages.lamp",
                        Math.round(care.lampWatts(setup.amount(), spot.boardSquareM())),
                        Math.round(setup.amount()),
                        Limits.plain(care.lampHours()),
                        Limits.tenths(care.lampKwhAMonth(setup.amount(), spot.boardSquareM())));
            case NET -> Wording.say("houseplan.house-plan-pages.net");
            case HUMIDIFIER ->
                Wording.say(
                        "houseplan.house-plan-pages.humidifier",
                        Math.round(care.humidifierHolds()),
                        litres(house, spot));
            case NIGHTS -> nights(setup.amount());
        };
    }

    private Volume litres(CareService.House house, Spot spot) {
        double celsius = spot.gives().byDay().map(Figure::value).orElse(ROOM_CELSIUS);
        double litres = care.humidifierLitres(spot.glassCase(), celsius, care.humidifierHolds(), house.outside());
        return new Volume(Math.round(Math.max(0, litres) * 10) * 100.0);
    }

    private String nights(double by) {
        TemperatureChange degrees = new TemperatureChange(Math.abs(by));
        return by > 0
                ? Wording.say("houseplan.plan-things.warmer", degrees, Limits.tenths(knowledge.nightKwhAMonth(by)))
                : Wording.say("houseplan.plan-things.cooler", degrees);
    }

    private static String sent(Setup setup) {
        return setup.stop() + " " + setup.what().name() + " " + setup.amount();
    }

    /** What a page sends back, one line each; what is no such line, or of another's stop, is left out. */
    List<Setup> read(CareService.House house, List<String> lines) {
        return lines.stream()
                .flatMap(line -> read(house, line).stream())
                .distinct()
                .toList();
    }

    private Optional<Setup> read(CareService.House house, String line) {
        String[] parts = line.split(" ", 3);
        Optional<StopId> stop = house.stops().keySet().stream()
                .filter(id -> id.toString().equals(parts[0]))
                .findFirst();
        Optional<Setup.What> what = List.of(Setup.What.values()).stream()
                .filter(it -> parts.length == 3 && it.name().equals(parts[1]))
                .findFirst();
        if (stop.isEmpty() || what.isEmpty() || !parts[2].matches("-?[0-9]{1,4}(\\.[0-9]{1,3})?")) {
            return Optional.empty();
        }
        double amount = Double.parseDouble(parts[2]);
        boolean fits = switch (what.get()) {
            case LAMP -> knowledge.hasLamp(amount);
            case NIGHTS -> knowledge.hasNights(amount);
            case NET, HUMIDIFIER -> amount == 0;
        };
        return fits ? Optional.of(new Setup(stop.get(), what.get(), amount)) : Optional.empty();
    }

    /** What stops have with all of that. */
    static Map<StopId, Fitting> fittings(CareService.House house, List<Setup> setups) {
        Map<StopId, Fitting> fittings = new HashMap<>();
        for (Setup setup : setups) {
            for (Stop stop : house.stops().values()) {
                if (setup.serves(stop(house, setup.stop()), stop)) {
                    fittings.put(stop.id(), setup.with(fittings.getOrDefault(stop.id(), Fitting.NONE)));
                }
            }
        }
        return fittings;
    }
}

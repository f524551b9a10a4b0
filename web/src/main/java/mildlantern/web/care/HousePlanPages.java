package mildlantern.web.care;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import mildlantern.care.Subject;
import mildlantern.place.StopId;
import mildlantern.plan.Dials;
import mildlantern.plan.Fitting;
import mildlantern.plan.HousePlan;
import mildlantern.plan.HousePlanner;
import mildlantern.plan.Household;
import mildlantern.plan.MoveOrder;
import mildlantern.plant.PlantId;
import mildlantern.plant.Stage;
import mildlantern.quantity.Limits;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans the whole house at once and words it: who goes where, what is put up, who still goes short. */
@Service
@Transactional(readOnly = true)
class HousePlanPages {
    /** More plants than this are not planned while somebody waits for the page. */
    private static final int MOST_PLANTS = 150;

    private static final int LEFT_SHOWN = 30;

    /** What may be amiss with plants, as the page counts it. */
    private static final Map<Need.Kind, List<Need.Standing>> COUNTED = Map.of(
            Need.Kind.LIGHT, List.of(Need.Standing.SHORT, Need.Standing.OVER),
            Need.Kind.HUMIDITY, List.of(Need.Standing.SHORT),
            Need.Kind.NIGHT, List.of(Need.Standing.SHORT, Need.Standing.OVER));

    private final CareService care;
    private final Plants plants;
    private final PlannedTasks tasks;
    private final HousePlanner planner;
    private final CareKnowledge knowledge;

    HousePlanPages(CareService care, Plants plants, PlannedTasks tasks, HousePlanner planner, CareKnowledge knowledge) {
        this.care = care;
        this.plants = plants;
        this.tasks = tasks;
        this.planner = planner;
        this.knowledge = knowledge;
    }

    /** Whether a collection is small enough to be planned while one waits. */
    boolean planned(CollectionId collection) {
        return plants.plants(collection).size() <= MOST_PLANTS;
    }

    HousePlanViews.Page page(CollectionId collection, Dials dials, HousePlanViews.Dialled dialled) {
        List<Plant> all = plants.plants(collection);
        CareService.House house = care.house(collection, all);
        Household household = household(house, all);
        HousePlan plan = planner.plan(household, dials);
        Map<PlantId, Plant> byId = all.stream().collect(Collectors.toMap(Plant::id, Function.identity()));
        List<HousePlanViews.Move> moves = moves(house, household, plan, byId);
        List<HousePlanViews.Left> left = plan.fates().stream()
                .flatMap(fate -> left(house, byId, fate).stream())
                .limit(LEFT_SHOWN)
                .toList();
        return new HousePlanViews.Page(
                dialled,
                Wording.say(
                        "care.house-plan-pages.sum",
                        plan.moves().size(),
                        plan.fittings().size()),
                plan.gap() < 0.005
                        ? Wording.say("care.house-plan-pages.best")
                        : Wording.say("care.house-plan-pages.near", Math.round(Math.ceil(plan.gap() * 100))),
                eased(plan),
                house.spots().stream()
                        .filter(spot -> plan.fittings().containsKey(spot.id()))
                        .map(spot ->
                                thing(house, plan, spot.id(), plan.fittings().getOrDefault(spot.id(), Fitting.NONE)))
                        .toList(),
                moves,
                left,
                dialled.pin().stream()
                        .flatMap(id -> Optional.ofNullable(byId.get(id)).stream())
                        .map(plant -> new HousePlanViews.Pinned(plant.id(), plant.name()))
                        .toList(),
                all.size());
    }

    /**
     * What a page of a plan sends back: plants of this collection with the stops that they go to.
     *
     * @param sent each as "plant stop"; what is no such pair, or another's, is left out
     */
    List<CareWriter.Carried> carried(CollectionId collection, List<String> sent) {
        List<Plant> all = plants.plants(collection);
        CareService.House house = care.house(collection, all);
        Map<String, Plant> byId =
                all.stream().collect(Collectors.toMap(plant -> plant.id().toString(), Function.identity()));
        Map<String, StopId> stops =
                house.stops().keySet().stream().collect(Collectors.toMap(StopId::toString, Function.identity()));
        List<CareWriter.Carried> carried = new ArrayList<>();
        for (String pair : sent) {
            String[] parts = pair.split(" ", 2);
            Plant plant = byId.get(parts[0]);
            StopId to = parts.length == 2 ? stops.get(parts[1]) : null;
            if (plant != null && to != null && !to.equals(plant.stop())) {
                Subject subject = care.subject(house, plant, Optional.empty());
                carried.add(new CareWriter.Carried(plant.id(), to, lacks(care.needs(house, subject))));
            }
        }
        return carried;
    }

    private static String lacks(List<Need> needs) {
        return needs.stream()
                .filter(need -> need.kind().ofStop())
                .flatMap(need -> need.missed().stream())
                .map(Wording::of)
                .collect(Collectors.joining(" "));
    }

    /** The house as the core plans it: what is being treated, stands alone, is on its way or must not be moved stays. */
    private Household household(CareService.House house, List<Plant> all) {
        Set<StopId> closed = new HashSet<>();
        Set<PlantId> onTheirWay = tasks.moving(house.collection());
        List<Household.Housed> housed = new ArrayList<>();
        for (Plant plant : all) {
            Subject subject = care.subject(house, plant, Optional.empty());
            if (house.open().catching().contains(plant.id())) {
                closed.add(plant.stop());
            }
            housed.add(new Household.Housed(
                    subject.plant(),
                    plant.stop(),
                    plant.acrossCm() * plant.acrossCm(),
                    plant.stage() == Stage.SEEDLING || plant.stage() == Stage.CUTTING,
                    care.staysPut(house, subject) || onTheirWay.contains(plant.id())));
        }
        return new Household(
                housed,
                house.spots(),
                house.stops().values().stream()
                        .filter(stop -> stop.kind() == StopKind.OUTDOORS)
                        .map(Stop::id)
                        .collect(Collectors.toSet()),
                closed);
    }

    private static List<HousePlanViews.Eased> eased(HousePlan plan) {
        return COUNTED.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .flatMap(counted -> counted.getValue().stream()
                        .map(standing -> new HousePlanViews.Eased(
                                amiss(counted.getKey(), standing),
                                plan.missing(counted.getKey(), standing, false),
                                plan.missing(counted.getKey(), standing, true))))
                .filter(eased -> eased.before() > 0 || eased.after() > 0)
                .toList();
    }

    private static String amiss(Need.Kind kind, Need.Standing standing) {
        boolean falls = standing == Need.Standing.SHORT;
        return switch (kind) {
            case LIGHT ->
                falls ? Wording.say("care.house-plan-pages.dark") : Wording.say("care.house-plan-pages.bright");
            case NIGHT ->
                falls
                        ? Wording.say("care.house-plan-pages.cold-nights")
                        : Wording.say("care.house-plan-pages.warm-nights");
            default -> Wording.say("care.house-plan-pages.dry-air");
        };
    }

    private HousePlanViews.Thing thing(CareService.House house, HousePlan plan, StopId stop, Fitting fitting) {
        List<String> words = new ArrayList<>();
        if (fitting.lamp() > 0) {
            double watts = knowledge.lampWatts(fitting.lamp(), house.spot(stop).boardSquareM());
            words.add(Wording.say(
                    "care.house-plan-pages.lamp",
                    Math.round(watts),
                    Math.round(fitting.lamp()),
                    Limits.plain(knowledge.lampHours()),
                    Limits.tenths(knowledge.lampKwhAMonth(
                            fitting.lamp(), house.spot(stop).boardSquareM()))));
        }
        if (fitting.net()) {
            words.add(Wording.say("care.house-plan-pages.net"));
        }
        if (fitting.humidifier()) {
            words.add(Wording.say("care.house-plan-pages.humidifier", Math.round(knowledge.humidifierHolds())));
        }
        long helped = plan.fates().stream()
                .filter(fate ->
                        fate.to().equals(stop) && Needs.missed(fate.after()) < Needs.missed(fate.before()) - 0.05)
                .count();
        return new HousePlanViews.Thing(
                stop, house.spot(stop).name(), Wording.listed(words), Wording.say("care.house-plan-pages.for", helped));
    }

    private List<HousePlanViews.Move> moves(
            CareService.House house, Household household, HousePlan plan, Map<PlantId, Plant> byId) {
        List<HousePlanViews.Move> moves = new ArrayList<>();
        int number = 0;
        for (MoveOrder.Carry carry : MoveOrder.of(household, plan, planner)) {
            HousePlan.Fate fate = carry.fate();
            number += carry.aside() ? 0 : 1;
            moves.add(new HousePlanViews.Move(
                    carry.aside() ? 0 : number,
                    carry.aside(),
                    fate.plant(),
                    Objects.requireNonNull(byId.get(fate.plant())).name(),
                    house.spot(fate.from()).name(),
                    house.spot(fate.to()).name(),
                    fate.to(),
                    gains(fate),
                    FormKey.fresh()));
        }
        return List.copyOf(moves);
    }

    /** What was amiss with a plant and is no more, or less. */
    private static String gains(HousePlan.Fate fate) {
        return fate.before().stream()
                .filter(before -> miss(fate.after(), before.kind()) < before.miss() - 0.05)
                .flatMap(before -> before.missed().stream())
                .map(Wording::of)
                .collect(Collectors.joining(" "));
    }

    private static double miss(Collection<Need> needs, Need.Kind kind) {
        return needs.stream()
                .filter(need -> need.kind() == kind)
                .mapToDouble(Need::miss)
                .sum();
    }

    private static Optional<HousePlanViews.Left> left(
            CareService.House house, Map<PlantId, Plant> byId, HousePlan.Fate fate) {
        return Needs.worst(fate.after())
                .flatMap(Need::missed)
                .map(lacks -> new HousePlanViews.Left(
                        fate.plant(),
                        Objects.requireNonNull(byId.get(fate.plant())).name(),
                        house.spot(fate.to()).name(),
                        Wording.of(lacks)));
    }
}

package mildlantern.web.houseplan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.care.CareKnowledge;
import mildlantern.care.Change;
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
import mildlantern.plan.SeasonAhead;
import mildlantern.plant.PlantId;
import mildlantern.quantity.Limits;
import mildlantern.web.care.CareService;
import mildlantern.web.care.CareWriter;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.season.YearBook;
import mildlantern.web.words.DayFormat;
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

    private static final DayFormat DAY = DayFormat.SHORT;

    private final CareService care;
    private final Plants plants;
    private final Households households;
    private final YearBook years;
    private final HousePlanner planner;
    private final PlanWorks works;
    private final CareKnowledge knowledge;
    private final Clock clock;

    HousePlanPages(
            CareService care,
            Plants plants,
            Households households,
            YearBook years,
            HousePlanner planner,
            PlanWorks works,
            CareKnowledge knowledge,
            Clock clock) {
        this.care = care;
        this.plants = plants;
        this.households = households;
        this.years = years;
        this.planner = planner;
        this.works = works;
        this.knowledge = knowledge;
        this.clock = clock;
    }

    /** Whether a collection is small enough to be planned while one waits. */
    boolean planned(CollectionId collection) {
        return plants.plants(collection).size() <= MOST_PLANTS;
    }

    /** The plan with these dials. */
    HousePlanViews.Page page(CollectionId collection, Dials dials, HousePlanViews.Dialled dialled) {
        return page(collection, dialled, household -> planner.plan(household, dials));
    }

    /** What stands on the page of a house that is planned while nobody waits. */
    HousePlanViews.Work work(CollectionId collection, Dials dials, HousePlanViews.Dialled dialled) {
        Optional<PlanWork> asked = works.of(collection, dials);
        boolean open = asked.filter(PlanWork::open).isPresent();
        boolean failed =
                asked.filter(work -> work.state() == PlanWork.State.FAILED).isPresent();
        OptionalDouble within = asked.map(PlanWork::within).orElse(OptionalDouble.empty());
        return new HousePlanViews.Work(
                open,
                failed
                        ? Wording.say("houseplan.house-plan-pages.failed")
                        : !open
                                ? ""
                                : within.isPresent()
                                        ? Wording.say(
                                                "houseplan.house-plan-pages.planning-within",
                                                Math.round(Math.ceil(within.getAsDouble() * 100)))
                                        : Wording.say("houseplan.house-plan-pages.planning"),
                asked.filter(work -> work.found().isPresent())
                        .map(work -> page(collection, dialled, household -> works.recall(work, household))));
    }

    private HousePlanViews.Page page(
            CollectionId collection, HousePlanViews.Dialled dialled, Function<Household, HousePlan> planned) {
        List<Plant> all = plants.plants(collection);
        CareService.House house = care.house(collection, all);
        Household household = households.of(house, all);
        HousePlan plan = planned.apply(household);
        Map<PlantId, Plant> byId = all.stream().collect(Collectors.toMap(Plant::id, Function.identity()));
        List<HousePlanViews.Move> moves = moves(house, household, plan, byId);
        SeasonAhead.Ahead ahead = SeasonAhead.of(
                household, plan, planner, new ComingSeason(house, years.knowledge()), LocalDate.now(clock));
        List<HousePlanViews.Left> left = plan.fates().stream()
                .flatMap(fate -> left(house, byId, fate, ahead.until()).stream())
                .limit(LEFT_SHOWN)
                .toList();
        return new HousePlanViews.Page(
                dialled,
                Wording.say(
                        "houseplan.house-plan-pages.sum",
                        plan.moves().size(),
                        plan.fittings().size()),
                plan.gap() < 0.005
                        ? Wording.say("houseplan.house-plan-pages.best")
                        : Wording.say("houseplan.house-plan-pages.near", Math.round(Math.ceil(plan.gap() * 100))),
                PlanSays.eased(plan),
                house.spots().stream()
                        .filter(spot -> plan.fittings().containsKey(spot.id()))
                        .map(spot ->
                                thing(house, plan, spot.id(), plan.fittings().getOrDefault(spot.id(), Fitting.NONE)))
                        .toList(),
                moves,
                WalkDrawing.of(
                        house.spots(),
                        plan,
                        moves.stream()
                                .filter(move -> !move.aside())
                                .collect(Collectors.toMap(HousePlanViews.Move::plant, HousePlanViews.Move::number)),
                        plant -> Objects.requireNonNull(byId.get(plant)).name()),
                left,
                PlanSays.ahead(house, byId, ahead),
                dialled.pin().stream()
                        .flatMap(id -> Optional.ofNullable(byId.get(id)).stream())
                        .map(plant -> new HousePlanViews.Pinned(plant.id(), plant.name()))
                        .toList(),
                knowledge.lookAgainDays(Change.Kind.MOVE));
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

    private HousePlanViews.Thing thing(CareService.House house, HousePlan plan, StopId stop, Fitting fitting) {
        List<String> words = new ArrayList<>();
        if (fitting.lamp() > 0) {
            double watts = knowledge.lampWatts(fitting.lamp(), house.spot(stop).boardSquareM());
            words.add(Wording.say(
                    "houseplan.house-plan-pages.lamp",
                    Math.round(watts),
                    Math.round(fitting.lamp()),
                    Limits.plain(knowledge.lampHours()),
                    Limits.tenths(knowledge.lampKwhAMonth(
                            fitting.lamp(), house.spot(stop).boardSquareM()))));
        }
        if (fitting.net()) {
            words.add(Wording.say("houseplan.house-plan-pages.net"));
        }
        if (fitting.humidifier()) {
            words.add(Wording.say("houseplan.house-plan-pages.humidifier", Math.round(knowledge.humidifierHolds())));
        }
        long helped = plan.fates().stream()
                .filter(fate ->
                        fate.to().equals(stop) && Needs.missed(fate.after()) < Needs.missed(fate.before()) - 0.05)
                .count();
        return new HousePlanViews.Thing(
                stop,
                house.spot(stop).name(),
                Wording.listed(words),
                Wording.say("houseplan.house-plan-pages.for", helped));
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
                    PlanSays.gains(fate),
                    FormKey.fresh()));
        }
        return List.copyOf(moves);
    }

    private static Optional<HousePlanViews.Left> left(
            CareService.House house, Map<PlantId, Plant> byId, HousePlan.Fate fate, Map<PlantId, LocalDate> until) {
        return Needs.worst(fate.after())
                .flatMap(Need::missed)
                .map(lacks -> new HousePlanViews.Left(
                        fate.plant(),
                        Objects.requireNonNull(byId.get(fate.plant())).name(),
                        house.spot(fate.to()).name(),
                        Wording.of(lacks),
                        Optional.ofNullable(until.get(fate.plant()))
                                .map(day -> Wording.say("houseplan.house-plan-pages.until", DAY.format(day)))
                                .orElse("")));
    }
}

package mildlantern.web.houseplan;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
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
import mildlantern.place.StopId;
import mildlantern.plan.HousePlan;
import mildlantern.plan.HousePlanner;
import mildlantern.plan.Household;
import mildlantern.plan.MoveOrder;
import mildlantern.plan.SeasonAhead;
import mildlantern.plant.PlantId;
import mildlantern.quantity.Limits;
import mildlantern.web.care.CareService;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
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
    private final HousePlanner planner;
    private final PlanWorks works;
    private final PlanThings things;
    private final SetupTasks setups;
    private final CareKnowledge knowledge;
    private final Clock clock;

    HousePlanPages(
            CareService care,
            Plants plants,
            Households households,
            HousePlanner planner,
            PlanWorks works,
            PlanThings things,
            SetupTasks setups,
            CareKnowledge knowledge,
            Clock clock) {
        this.care = care;
        this.plants = plants;
        this.households = households;
        this.planner = planner;
        this.works = works;
        this.things = things;
        this.setups = setups;
        this.knowledge = knowledge;
        this.clock = clock;
    }

    /** Whether a collection is small enough to be planned while one waits. */
    boolean planned(CollectionId collection) {
        return plants.plants(collection).size() <= MOST_PLANTS;
    }

    /** The plan with these dials. */
    HousePlanViews.Page page(CollectionId collection, PlanDials dials) {
        return page(collection, dials, household -> planner.plan(household, dials.dials()));
    }

    /** What stands on the page of a house that is planned while nobody waits. */
    HousePlanViews.Work work(CollectionId collection, PlanDials dials) {
        Optional<PlanWork> asked = works.of(collection, dials.dials());
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
                        .map(work -> page(collection, dials, household -> works.recall(work, household))));
    }

    private HousePlanViews.Page page(CollectionId collection, PlanDials dials, Function<Household, HousePlan> planned) {
        List<Plant> all = plants.plants(collection);
        CareService.House read = care.house(collection, all);
        ComingSeason coming = households.coming(read);
        CareService.House house = households.house(read, coming);
        Household household = households.of(house, all);
        HousePlan plan = planned.apply(household);
        Map<PlantId, Plant> byId = all.stream().collect(Collectors.toMap(Plant::id, Function.identity()));
        List<HousePlanViews.Move> moves = moves(house, household, plan, byId, dials);
        SeasonAhead.Ahead ahead = SeasonAhead.of(household, plan, planner, coming, LocalDate.now(clock));
        List<HousePlanViews.Left> left = plan.fates().stream()
                .flatMap(fate -> left(house, byId, fate, ahead.until()).stream())
                .limit(LEFT_SHOWN)
                .toList();
        List<HousePlanViews.Thing> put = things.of(house, plan, dials);
        return new HousePlanViews.Page(
                dials,
                Wording.say(
                        "houseplan.house-plan-pages.sum",
                        plan.moves().size(),
                        put.size(),
                        plan.softer().size()),
                plan.proven()
                        ? Wording.say("houseplan.house-plan-pages.best")
                        : Wording.say(
                                "houseplan.house-plan-pages.near", Limits.tenths(Math.ceil(plan.gap() * 1000) / 10)),
                PlanSays.asks(planner.workload(household, plan), dials.priceOfKwh()),
                PlanSays.eased(plan),
                put,
                waiting(house),
                named(plan.softer(), byId),
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
                named(dials.pin(), byId),
                dials.together().stream()
                        .map(group -> Wording.listed(named(group, byId).stream()
                                .map(HousePlanViews.Named::name)
                                .toList()))
                        .filter(names -> !names.isEmpty())
                        .toList(),
                neighbours(all),
                knowledge.lookAgainDays(Change.Kind.MOVE));
    }

    private static List<HousePlanViews.Named> named(Collection<PlantId> plants, Map<PlantId, Plant> byId) {
        return plants.stream()
                .flatMap(id -> Optional.ofNullable(byId.get(id)).stream())
                .map(plant -> new HousePlanViews.Named(plant.id(), plant.name()))
                .sorted(Comparator.comparing(HousePlanViews.Named::name))
                .toList();
    }

    /** Plants that stand beside another. */
    private static List<HousePlanViews.Named> neighbours(List<Plant> all) {
        Map<StopId, Long> standing = all.stream().collect(Collectors.groupingBy(Plant::stop, Collectors.counting()));
        return all.stream()
                .filter(plant -> standing.getOrDefault(plant.stop(), 0L) > 1)
                .map(plant -> new HousePlanViews.Named(plant.id(), plant.name()))
                .sorted(Comparator.comparing(HousePlanViews.Named::name))
                .toList();
    }

    private List<HousePlanViews.Waiting> waiting(CareService.House house) {
        return setups.waiting(house.collection()).stream()
                .filter(waiting -> house.stops().containsKey(waiting.stop()))
                .map(waiting -> new HousePlanViews.Waiting(
                        waiting.id(), waiting.stop(), things.name(house, waiting), waiting.words()))
                .toList();
    }

    private List<HousePlanViews.Move> moves(
            CareService.House house, Household household, HousePlan plan, Map<PlantId, Plant> byId, PlanDials dials) {
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
                    FormKey.fresh(),
                    dials.pinning(fate.plant())));
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

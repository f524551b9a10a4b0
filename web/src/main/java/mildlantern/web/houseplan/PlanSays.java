package mildlantern.web.houseplan;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import mildlantern.plan.HousePlan;
import mildlantern.plan.SeasonAhead;
import mildlantern.plan.Workload;
import mildlantern.plant.PlantId;
import mildlantern.quantity.Limits;
import mildlantern.web.care.CareService;
import mildlantern.web.plant.Plant;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;

/** What a plan of the house eases, what each plant gains by it, and what is ahead, in words. */
final class PlanSays {
    private static final DayFormat DAY = DayFormat.SHORT;

    private static final int SAID_TOGETHER_DAYS = 28;
    private static final long ROUND_MINUTES = 5;

    /** What may be amiss with plants, as the page counts it. */
    private static final Map<Need.Kind, List<Need.Standing>> COUNTED = Map.of(
            Need.Kind.LIGHT, List.of(Need.Standing.SHORT, Need.Standing.OVER),
            Need.Kind.HUMIDITY, List.of(Need.Standing.SHORT),
            Need.Kind.NIGHT, List.of(Need.Standing.SHORT, Need.Standing.OVER));

    private PlanSays() {}

    static List<HousePlanViews.Eased> eased(HousePlan plan) {
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

    /** What a plan asks of time and of the meter. */
    static String asks(Workload workload, OptionalDouble priceOfKwh) {
        List<String> asks = new ArrayList<>();
        if (workload.minutes() > 0) {
            asks.add(Wording.say(
                    "houseplan.plan-says.minutes", Math.round(workload.minutes() / ROUND_MINUTES) * ROUND_MINUTES));
        }
        if (workload.minutesAWeek() > 0) {
            asks.add(Wording.say("houseplan.plan-says.minutes-a-week", Math.round(workload.minutesAWeek())));
        }
        if (workload.kwhAMonth() > 0) {
            String kwh = Limits.tenths(workload.kwhAMonth());
            asks.add(
                    priceOfKwh.isPresent()
                            ? Wording.say(
                                    "houseplan.plan-says.kwh-priced",
                                    kwh,
                                    Limits.tenths(workload.kwhAMonth() * priceOfKwh.getAsDouble()))
                            : Wording.say("houseplan.plan-says.kwh", kwh));
        }
        return String.join(" ", asks);
    }

    private static String amiss(Need.Kind kind, Need.Standing standing) {
        boolean falls = standing == Need.Standing.SHORT;
        return switch (kind) {
            case LIGHT ->
                falls
                        ? Wording.say("houseplan.house-plan-pages.dark")
                        : Wording.say("houseplan.house-plan-pages.bright");
            case NIGHT ->
                falls
                        ? Wording.say("houseplan.house-plan-pages.cold-nights")
                        : Wording.say("houseplan.house-plan-pages.warm-nights");
            case DAY ->
                falls
                        ? Wording.say("houseplan.house-plan-pages.cool-days")
                        : Wording.say("houseplan.house-plan-pages.warm-days");
            default -> Wording.say("houseplan.house-plan-pages.dry-air");
        };
    }

    /** What was amiss with a plant and is no more, or less; and what will be amiss instead. */
    static String gains(HousePlan.Fate fate) {
        String gains = amissOnlyIn(fate.before(), fate.after());
        String takes = amissOnlyIn(fate.after(), fate.before());
        return takes.isEmpty() ? gains : Wording.say("houseplan.plan-says.instead", gains, takes);
    }

    private static String amissOnlyIn(List<Need> these, List<Need> others) {
        return these.stream()
                .filter(need -> Needs.eased(these, others, need.kind()))
                .flatMap(need -> need.missed().stream())
                .map(Wording::of)
                .collect(Collectors.joining(" "));
    }

    /** What will be amiss, by stop and by what it is, the earliest first; what follows much later is said with its own day. */
    static List<HousePlanViews.Ahead> ahead(
            CareService.House house, Map<PlantId, Plant> byId, SeasonAhead.Ahead ahead) {
        List<List<SeasonAhead.Turn>> alike = new ArrayList<>();
        for (SeasonAhead.Turn turn : ahead.turns()) {
            alike.stream()
                    .filter(turns -> together(turns.get(0), turn))
                    .findFirst()
                    .orElseGet(() -> {
                        alike.add(new ArrayList<>());
                        return alike.get(alike.size() - 1);
                    })
                    .add(turn);
        }
        return alike.stream()
                .map(turns -> new HousePlanViews.Ahead(
                        DAY.format(turns.get(0).from()),
                        house.spot(turns.get(0).stop()).name(),
                        first(turns.get(0).need()),
                        Wording.listed(
                                turns.stream().map(turn -> name(turn, byId)).toList())))
                .toList();
    }

    private static boolean together(SeasonAhead.Turn first, SeasonAhead.Turn other) {
        return first.stop().equals(other.stop())
                && first.need().kind() == other.need().kind()
                && first.need().standing() == other.need().standing()
                && ChronoUnit.DAYS.between(first.from(), other.from()) <= SAID_TOGETHER_DAYS;
    }

    private static String first(Need need) {
        return Wording.say(
                "houseplan.plan-says.about",
                amiss(need.kind(), need.standing()),
                Limits.tenths(need.gets().value()),
                need.kind().unit());
    }

    private static String name(SeasonAhead.Turn turn, Map<PlantId, Plant> byId) {
        String name = Objects.requireNonNull(byId.get(turn.plant())).name();
        return turn.carried() ? Wording.say("houseplan.house-plan-pages.carried-there", name) : name;
    }
}

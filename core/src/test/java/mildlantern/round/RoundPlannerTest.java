package mildlantern.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import mildlantern.nutrition.FedSoFar;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.NextFeed;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Wants;
import mildlantern.quantity.Range;
import mildlantern.quarantine.AloneReason;
import mildlantern.quarantine.IsolationClock;
import mildlantern.season.Years;
import mildlantern.water.WaterOutlook;
import org.junit.jupiter.api.Test;

class RoundPlannerTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 24);
    private static final PlantId PLANT = PlantId.fresh();
    private static final PlantKnowledge KINDS = PlantKnowledge.load();
    private final RoundPlanner planner = RoundPlanner.load();

    private static Profile kind(String id) {
        return KINDS.profile(id).orElseThrow();
    }

    /** A pot that is dry in so many days, give or take a fifth. */
    private static WaterOutlook dryIn(double days, double cycle) {
        return new WaterOutlook(
                true,
                days * 0.7,
                days,
                days * 1.3,
                days * 0.85,
                days * 1.1,
                0.5,
                0.4,
                300,
                cycle,
                cycle,
                1,
                0.2,
                3,
                true,
                OptionalDouble.empty());
    }

    private static LastDone last(int watered, int looked, int fed) {
        return new LastDone(
                Optional.of(TODAY.minusDays(watered)),
                Optional.empty(),
                Optional.of(TODAY.minusDays(looked)),
                Optional.of(TODAY.minusDays(fed)),
                Optional.empty(),
                Optional.empty());
    }

    private static Optional<Range> feedEvery(Profile kind, Phase phase) {
        return FeedPlan.load()
                .next(
                        kind,
                        Years.wants(kind, phase),
                        FedSoFar.NOTHING,
                        RoundPlanner.load().feedDays())
                .map(NextFeed::days);
    }

    private CareSchedule schedule(WaterOutlook outlook, LastDone last) {
        return planner.plan(
                Years.wants("peace-lily", Phase.GROWING),
                outlook,
                false,
                last,
                feedEvery(kind("peace-lily"), Phase.GROWING),
                TODAY,
                Optional.empty(),
                new Load());
    }

    private static PlantToday plant(CareSchedule schedule) {
        return new PlantToday(
                PLANT,
                schedule,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                Optional.empty());
    }

    private static PlantToday with(CareSchedule schedule, PlantToday.Trouble trouble) {
        return new PlantToday(
                PLANT,
                schedule,
                Optional.empty(),
                Optional.of(trouble),
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                Optional.empty());
    }

    private List<Due.Kind> kinds(PlantToday plant, LocalDate day) {
        return planner.due(plant, day).stream().map(Due::kind).toList();
    }

    private static CareSchedule calm() {
        return RoundPlanner.load()
                .plan(
                        Years.growing(kind("peace-lily")),
                        dryIn(6, 8),
                        false,
                        last(2, 2, 2),
                        feedEvery(kind("peace-lily"), Phase.GROWING),
                        TODAY,
                        Optional.empty(),
                        new Load());
    }

    @Test
    void whatRestsDryIsNotWateredByItsPot() {
        Wants resting = Years.wants("cactus", Phase.DRY_REST);
        CareSchedule schedule = RoundPlanner.load()
                .plan(
                        resting,
                        dryIn(-5, 9),
                        false,
                        last(20, 1, 90),
                        Optional.empty(),
                        TODAY,
                        Optional.empty(),
                        new Load());
        CareSchedule.WaterCheck check = schedule.water().orElseThrow();
        assertThat(check.on()).isBetween(TODAY.plusDays(15), TODAY.plusDays(50));
        assertThat(check.resting()).isTrue();
        assertThat(check.pourMl()).as("a sip, not a soak").isLessThan(100);
        assertThat(kinds(plant(schedule), TODAY)).isEmpty();
        assertThat(schedule.lookOn()).as("nor is it looked at every fortnight").isAfter(TODAY.plusDays(19));
        assertThat(planner.due(plant(schedule), check.on()))
                .filteredOn(due -> due.kind() == Due.Kind.WATER)
                .extracting(due -> due.why().what())
                .containsExactly(DueReason.RESTS_DRY);
    }

    @Test
    void aPlantLookedAtWateredAndFedLatelyNeedsNothing() {
        assertThat(planner.due(plant(calm()), TODAY)).isEmpty();
    }

    @Test
    void aPotIsLookedIntoWhenItMayBeDry_notByTheCalendar() {
        CareSchedule soon = schedule(dryIn(3, 8), last(5, 1, 1));
        assertThat(kinds(plant(soon), TODAY.plusDays(1))).isEmpty();
        assertThat(kinds(plant(soon), TODAY.plusDays(3))).containsExactly(Due.Kind.WATER);
        assertThat(planner.due(plant(soon), TODAY.plusDays(3)).get(0).why())
                .isEqualTo(DueReason.LIKELY_DRY.with(
                        DueTime.OVERDUE.with(DueTime.SPAN.with(1L)), DueTime.AGO.with(8L), DueTime.SPAN.with(8L)));
        CareSchedule slow = schedule(dryIn(20, 24), last(4, 1, 1));
        assertThat(kinds(plant(slow), TODAY.plusDays(7))).isEmpty();
    }

    @Test
    void aPlantNeverWateredIsFeltFirst() {
        CareSchedule unknown = new CareSchedule(
                Optional.empty(),
                Optional.empty(),
                Optional.of(TODAY),
                TODAY.plusDays(10),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(planner.due(plant(unknown), TODAY)).singleElement().satisfies(due -> {
            assertThat(due.kind()).isEqualTo(Due.Kind.WATER);
            assertThat(due.why()).isEqualTo(DueReason.NOT_WATERED_YET.with());
        });
    }

    @Test
    void whatIsOverdueIsNotPutOffForTheSakeOfLevelWork() {
        Load busy = new Load(Map.of(TODAY, 50));
        assertThat(planner.plan(
                                Years.wants("phalaenopsis", Phase.GROWING),
                                dryIn(0, 8),
                                false,
                                last(12, 1, 1),
                                feedEvery(kind("phalaenopsis"), Phase.GROWING),
                                TODAY,
                                Optional.empty(),
                                busy)
                        .water()
                        .orElseThrow()
                        .on())
                .isEqualTo(TODAY);
    }

    @Test
    void aPotFoundMoistTodayIsNotLookedIntoOnceMoreToday() {
        LastDone moist = new LastDone(
                Optional.of(TODAY.minusDays(6)),
                Optional.of(TODAY),
                Optional.of(TODAY),
                Optional.of(TODAY),
                Optional.empty(),
                Optional.empty());
        assertThat(kinds(plant(schedule(dryIn(0.3, 6), moist)), TODAY)).isEmpty();
    }

    @Test
    void everyPlantIsTurnedOverWithinTwoWeeks_soonerBesideSomethingCatching() {
        for (int ago = 1; ago < 40; ago++) {
            CareSchedule looked = schedule(dryIn(30, 30), last(1, ago, 1));
            assertThat(looked.lookOn()).isBeforeOrEqualTo(TODAY.plusDays(Math.max(0, 14 - ago)));
        }
        CareSchedule four = schedule(dryIn(30, 30), last(1, 4, 1));
        assertThat(kinds(plant(four), TODAY)).isEmpty();
        PlantToday beside = new PlantToday(
                PLANT,
                four,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                true,
                false,
                Optional.empty());
        assertThat(kinds(beside, TODAY)).containsExactly(Due.Kind.ROUTINE_LOOK);
    }

    @Test
    void feedIsDueInGrowthOnly_andNeverWhileHeldOrTooSoonAfterRepotting() {
        CareSchedule hungry = schedule(dryIn(30, 30), last(1, 1, 30));
        assertThat(kinds(plant(hungry), TODAY)).containsExactly(Due.Kind.FEED);
        PlantToday held = new PlantToday(
                PLANT,
                hungry,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                true,
                Optional.empty());
        assertThat(kinds(held, TODAY)).isEmpty();
        assertThat(planner.plan(
                                Years.wants("peace-lily", Phase.SLOW),
                                dryIn(30, 30),
                                false,
                                last(1, 1, 60),
                                feedEvery(kind("snake-plant"), Phase.SLOW),
                                TODAY,
                                Optional.empty(),
                                new Load())
                        .feedOn())
                .isEmpty();
        assertThat(planner.plan(
                                Years.wants("sarracenia", Phase.GROWING),
                                dryIn(30, 30),
                                true,
                                last(1, 1, 60),
                                feedEvery(kind("sarracenia"), Phase.COOL_REST),
                                TODAY,
                                Optional.empty(),
                                new Load())
                        .feedOn())
                .isEmpty();
        LastDone repotted = new LastDone(
                Optional.of(TODAY),
                Optional.empty(),
                Optional.of(TODAY),
                Optional.empty(),
                Optional.of(TODAY.minusDays(8)),
                Optional.empty());
        assertThat(schedule(dryIn(30, 30), repotted).feedOn()).contains(TODAY.plusDays(20));
    }

    @Test
    void aPlantInACaseIsStillWatered_butNeitherFedNorRoutinelyLookedAt() {
        CareSchedule everything = schedule(dryIn(0, 6), last(7, 20, 40));
        PlantToday.Trouble open = new PlantToday.Trouble(TODAY.minusDays(2), Optional.empty(), Optional.empty());
        assertThat(kinds(with(everything, open), TODAY)).containsExactly(Due.Kind.OPEN_CASE, Due.Kind.WATER);
    }

    @Test
    void notTodayMeansTomorrow_butACaseIsNotPutOff() {
        CareSchedule due = schedule(
                dryIn(0, 6),
                new LastDone(
                        Optional.of(TODAY.minusDays(7)),
                        Optional.empty(),
                        Optional.of(TODAY),
                        Optional.of(TODAY),
                        Optional.empty(),
                        Optional.of(TODAY)));
        assertThat(kinds(plant(due), TODAY)).isEmpty();
        assertThat(kinds(plant(due), TODAY.plusDays(1))).containsExactly(Due.Kind.WATER);
        PlantToday.Trouble open = new PlantToday.Trouble(TODAY.minusDays(2), Optional.empty(), Optional.empty());
        assertThat(kinds(with(due, open), TODAY)).containsExactly(Due.Kind.OPEN_CASE);
    }

    @Test
    void onItsOwnAPlantIsLookedAtDaily_andItsDaysAreCounted() {
        CareSchedule yesterday = schedule(dryIn(6, 8), last(1, 1, 1));
        PlantToday arrived = new PlantToday(
                PLANT,
                yesterday,
                Optional.of(new IsolationClock(TODAY.minusDays(5), OptionalInt.of(14), AloneReason.USUAL.with(14))),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                Optional.empty());
        assertThat(planner.due(arrived, TODAY))
                .singleElement()
                .satisfies(due -> assertThat(due.why()).isEqualTo(DueReason.ALONE.with(TODAY.plusDays(9))));
        PlantToday over = new PlantToday(
                PLANT,
                yesterday,
                Optional.of(new IsolationClock(TODAY.minusDays(14), OptionalInt.of(14), AloneReason.USUAL.with(14))),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                Optional.empty());
        assertThat(planner.due(over, TODAY))
                .singleElement()
                .satisfies(due -> assertThat(due.why()).isEqualTo(DueReason.ALONE_OVER.with()));
    }

    @Test
    void aStepOfACourseIsDueBesideItsCase() {
        PlantToday treated = new PlantToday(
                PLANT,
                calm(),
                Optional.empty(),
                Optional.of(trial(5)),
                Optional.of("Soap: tops and undersides."),
                Optional.empty(),
                false,
                false,
                Optional.empty());
        assertThat(planner.due(treated, TODAY))
                .singleElement()
                .satisfies(due -> assertThat(due.kind()).isEqualTo(Due.Kind.COURSE_STEP));
    }

    @Test
    void whoStoodNearIsLookedAtOnceAndThenAsUsual() {
        PlantToday near = new PlantToday(
                PLANT,
                schedule(dryIn(6, 8), last(1, 1, 1)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new PlantToday.AskedLook(TODAY, DueReason.CATCHING_NEAR.with(7))),
                false,
                false,
                Optional.empty());
        assertThat(planner.due(near, TODAY))
                .singleElement()
                .satisfies(due -> assertThat(due.kind()).isEqualTo(Due.Kind.ASKED_LOOK));
        PlantToday answered = new PlantToday(
                PLANT,
                near.schedule(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(new PlantToday.AskedLook(TODAY.minusDays(1), DueReason.CATCHING_NEAR.with(7))),
                false,
                false,
                Optional.empty());
        assertThat(planner.due(answered, TODAY)).isEmpty();
    }

    @Test
    void aTrialIsLeftInPeaceUntilItsDay() {
        assertThat(planner.due(with(calm(), trial(1)), TODAY)).isEmpty();
        assertThat(planner.due(with(calm(), trial(0)), TODAY)).singleElement().satisfies(due -> {
            assertThat(due.kind()).isEqualTo(Due.Kind.LOOK_AGAIN);
            assertThat(due.why()).isEqualTo(DueReason.TRIAL_TODAY.with());
        });
        assertThat(planner.due(with(calm(), trial(-1)), TODAY))
                .singleElement()
                .satisfies(due -> assertThat(due.why()).isEqualTo(DueReason.TRIAL_PAST.with(DueTime.ago(1))));
    }

    private static PlantToday.Trouble trial(int daysAhead) {
        return new PlantToday.Trouble(TODAY.minusDays(10), Optional.of(TODAY.plusDays(daysAhead)), Optional.empty());
    }

    @Test
    void aPausedCaseLeavesThePlantToItsRoutine_untilItsDay() {
        CareSchedule unseen = schedule(dryIn(30, 30), last(1, 15, 1));
        assertThat(kinds(with(unseen, paused(3)), TODAY)).containsExactly(Due.Kind.ROUTINE_LOOK);
        assertThat(planner.due(with(calm(), paused(0)), TODAY)).singleElement().satisfies(due -> {
            assertThat(due.kind()).isEqualTo(Due.Kind.OPEN_CASE);
            assertThat(due.why()).isEqualTo(DueReason.CASE_RESTED.with());
        });
    }

    private static PlantToday.Trouble paused(int daysAhead) {
        return new PlantToday.Trouble(TODAY.minusDays(10), Optional.empty(), Optional.of(TODAY.plusDays(daysAhead)));
    }

    @Test
    void aCupIsEmptiedInTheEveningBeforeAColdNight() {
        assertThat(planner.tipOut(kind("tank-bromeliad"), 7, false)).contains(DueReason.CUP_IN_THE_COLD);
        assertThat(planner.tipOut(kind("tank-bromeliad"), 14, true)).isEmpty();
        assertThat(planner.tipOut(kind("tillandsia"), 12, true)).contains(DueReason.WET_IN_THE_COLD);
        assertThat(planner.tipOut(kind("tillandsia"), 12, false)).isEmpty();
        assertThat(planner.tipOut(kind("tillandsia"), 16, true)).isEmpty();
        assertThat(planner.tipOut(kind("peace-lily"), 7, true)).isEmpty();
        PlantToday cold = new PlantToday(
                PLANT,
                calm(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                false,
                false,
                Optional.of(DueReason.CUP_IN_THE_COLD));
        assertThat(planner.due(cold, TODAY))
                .singleElement()
                .satisfies(due -> assertThat(due.kind().half()).isEqualTo(Due.Half.EVENING));
    }

    @Test
    void theLampBurnsAsBrightAsTheMostPressingThing() {
        Due look = new Due(PLANT, Due.Kind.ROUTINE_LOOK, DueReason.NOT_LOOKED_YET.with());
        Due open = new Due(PLANT, Due.Kind.OPEN_CASE, DueReason.CASE_RESTED.with());
        assertThat(RoundPlanner.lamp(List.of())).isEqualTo(Lamp.OUT);
        assertThat(RoundPlanner.lamp(List.of(look))).isEqualTo(Lamp.LOW);
        assertThat(RoundPlanner.lamp(List.of(look, open, look))).isEqualTo(Lamp.BRIGHT);
    }

    @Test
    void aWholeCollectionNeverLookedAtIsSpreadOverTwoWeeks() {
        Load load = new Load();
        Map<LocalDate, Integer> days = new HashMap<>();
        LastDone never = new LastDone(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(TODAY),
                Optional.empty(),
                Optional.empty());
        for (int i = 0; i < 300; i++) {
            days.merge(
                    planner.plan(
                                    Years.wants("peace-lily", Phase.GROWING),
                                    dryIn(6, 8),
                                    false,
                                    never,
                                    feedEvery(kind("peace-lily"), Phase.GROWING),
                                    TODAY,
                                    Optional.empty(),
                                    load)
                            .lookOn(),
                    1,
                    Integer::sum);
        }
        assertThat(days).hasSizeGreaterThan(9);
        assertThat(days.values()).allSatisfy(count -> assertThat(count).isLessThan(50));
        // All were watered on one day, so all dry together; looks keep clear of those days.
        assertThat(days).doesNotContainKey(TODAY.plusDays(5));
    }

    /** Two hundred plants kept for three months, each watered, looked at and fed on the day it is called for. */
    @Test
    void workIsLevel_andNothingSlips() {
        Random random = new Random(5);
        List<double[]> plants = new ArrayList<>();
        List<CareSchedule> upkeeps = new ArrayList<>();
        Map<LocalDate, Integer> planned = new HashMap<>();
        for (int i = 0; i < 200; i++) {
            double cycle = 2 + 14 * random.nextDouble();
            plants.add(new double[] {cycle});
            upkeeps.add(planner.plan(
                    Years.wants("pothos", Phase.GROWING),
                    dryIn(cycle * random.nextDouble(), cycle),
                    false,
                    last(1, 10, 15),
                    feedEvery(kind("pothos"), Phase.GROWING),
                    TODAY,
                    Optional.empty(),
                    new Load(planned)));
            count(planned, upkeeps.get(i), 1);
        }
        List<Integer> work = new ArrayList<>();
        for (LocalDate day = TODAY; day.isBefore(TODAY.plusDays(90)); day = day.plusDays(1)) {
            int today = 0;
            for (int i = 0; i < 200; i++) {
                CareSchedule before = upkeeps.get(i);
                List<Due.Kind> due = kinds(plant(before), day);
                today += due.size();
                if (due.isEmpty()) {
                    continue;
                }
                assertThat(before.lookOn()).isAfterOrEqualTo(day);
                count(planned, before, -1);
                LastDone done = new LastDone(
                        due.contains(Due.Kind.WATER) ? Optional.of(day) : before.watered(),
                        Optional.empty(),
                        due.contains(Due.Kind.ROUTINE_LOOK) ? Optional.of(day) : before.looked(),
                        due.contains(Due.Kind.FEED) ? Optional.of(day) : before.fed(),
                        Optional.empty(),
                        Optional.empty());
                double cycle = plants.get(i)[0];
                double dry = due.contains(Due.Kind.WATER)
                        ? cycle * (0.9 + 0.2 * random.nextDouble())
                        : ChronoUnit.DAYS.between(
                                day, before.water().orElseThrow().likely());
                CareSchedule next = planner.plan(
                        Years.wants("pothos", Phase.GROWING),
                        dryIn(Math.max(0, dry), cycle),
                        false,
                        done,
                        feedEvery(kind("pothos"), Phase.GROWING),
                        day,
                        Optional.of(before),
                        new Load(planned));
                upkeeps.set(i, next);
                count(planned, next, 1);
            }
            work.add(today);
        }
        List<Integer> sorted = work.stream().sorted().toList();
        int median = sorted.get(sorted.size() / 2);
        // The first fortnight starts from an uneven hand.
        assertThat(work.subList(14, 90)).allSatisfy(count -> assertThat(count).isLessThanOrEqualTo(2 * median));
    }

    private static void count(Map<LocalDate, Integer> planned, CareSchedule schedule, int by) {
        schedule.water().ifPresent(water -> planned.merge(water.on(), by, Integer::sum));
        planned.merge(schedule.lookOn(), by, Integer::sum);
        schedule.feedOn().ifPresent(day -> planned.merge(day, by, Integer::sum));
    }
}

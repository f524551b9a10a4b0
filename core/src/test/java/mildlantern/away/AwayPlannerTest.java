package mildlantern.away;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import mildlantern.Tries;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.Logged;
import mildlantern.log.Way;
import mildlantern.plant.Brightness;
import mildlantern.plant.Dryness;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.plant.Wants;
import mildlantern.quantity.Range;
import mildlantern.water.Climate;
import mildlantern.water.LeafClass;
import mildlantern.water.PotOfPlant;
import mildlantern.water.PotOn;
import mildlantern.water.WaterBalance;
import mildlantern.water.WaterEstimate;
import mildlantern.water.WaterKnowledge;
import org.junit.jupiter.api.Test;

/** A grower goes away: who runs dry, what is done before, and when somebody comes. */
class AwayPlannerTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 7, 1);
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final WaterKnowledge WATER = WaterKnowledge.load(PLANTS);
    private static final AwayPlanner PLANNER = AwayPlanner.load();
    private static final Climate SUMMER = room(26, 21, 45, 8);

    private static Climate room(double day, double night, double humidity, double mol) {
        return WATER.climate(
                new WaterKnowledge.AirRead(
                        OptionalDouble.of(day),
                        OptionalDouble.of(night),
                        OptionalDouble.of(humidity),
                        OptionalDouble.of(mol)),
                Brightness.MEDIUM,
                1);
    }

    private static LeftPlant plant(String kind, PotKind wall, double cm, String medium) {
        return plant(kind, wall, cm, medium, 1, Optional.empty());
    }

    /** A plant watered when it was ready for three months, in its own days times a share. */
    private static LeftPlant plant(
            String kind, PotKind wall, double cm, String medium, double share, Optional<Range> daysBetween) {
        Profile profile = PLANTS.profile(kind).orElseThrow();
        PotOfPlant pot = new PotOfPlant(
                profile, wall, cm, OptionalDouble.empty(), PLANTS.medium(medium).orElseThrow(), LeafClass.USUAL, 0);
        double cycle = share
                * new WaterBalance(WATER)
                        .estimate(List.of(PotOn.always(pot)), List.of(), day -> SUMMER, TODAY)
                        .outlook()
                        .expectedDays();
        List<Logged> log = IntStream.range(0, 10)
                .mapToObj(i -> new Logged(
                        TODAY.minusDays(Math.round(i * cycle)),
                        new LogEntry.Watered(
                                java.util.OptionalInt.empty(), Optional.empty(), Way.ABOVE, Optional.of(Felt.READY))))
                .toList();
        WaterEstimate estimate =
                new WaterBalance(WATER).estimate(List.of(PotOn.always(pot)), log, day -> SUMMER, TODAY);
        Wants wants = new Wants(
                daysBetween.isPresent() ? Phase.DRY_REST : Phase.GROWING,
                profile.dailyLight(),
                profile.dailyLight().low(),
                profile.humidity(),
                profile.day(),
                new Range(10, 20),
                0,
                Dryness.SURFACE_DRY,
                daysBetween,
                1,
                OptionalDouble.empty());
        return new LeftPlant(
                PlantId.fresh(),
                estimate.prospect(),
                wants,
                !medium.equals("bark") && !medium.equals("mounted"),
                false);
    }

    private static AwayPlan plan(int days, Waterer who, LeftPlant... plants) {
        return PLANNER.plan(List.of(plants), TODAY, TODAY.plusDays(days), who);
    }

    private static LeftPlant fern() {
        return plant("boston-fern", PotKind.PLASTIC, 15, "peat-mix");
    }

    private static LeftPlant snake() {
        return plant("snake-plant", PotKind.PLASTIC, 16, "mineral");
    }

    @Test
    void aWeekendAsksForNothing() {
        assertThat(plan(2, Waterer.NOBODY, fern(), snake()).lines())
                .extracting(AwayPlan.Line::measure)
                .doesNotContain(Measure.GROUP, Measure.RESERVOIR)
                .isNotEmpty();
        assertThat(plan(2, Waterer.NOBODY, fern(), snake()).visits()).isEmpty();
    }

    @Test
    void overTwoWeeksTheFernIsInDangerAndTheSnakePlantIsNot() {
        AwayPlan plan = plan(16, Waterer.NOBODY, snake(), fern());
        assertThat(plan.lines().get(0).harmAsItIs()).as("the fern stands first").isGreaterThan(0.5);
        assertThat(plan.lines().get(1).harmAsItIs()).isLessThan(PLANNER.accepted());
        assertThat(plan.lines().get(1).measure()).isIn(Measure.NOTHING, Measure.SOAK);
        assertThat(plan.lines().get(0).measure()).isIn(Measure.GROUP, Measure.RESERVOIR);
        assertThat(plan.lines().get(0).harm()).isLessThanOrEqualTo(PLANNER.accepted());
    }

    @Test
    void aReservoirIsAsLargeAsTheDaysAsk() {
        AwayPlan.Line two = plan(14, Waterer.RESERVOIRS, fern()).lines().get(0);
        AwayPlan.Line four = plan(28, Waterer.RESERVOIRS, fern()).lines().get(0);
        assertThat(two.measure()).isEqualTo(Measure.RESERVOIR);
        assertThat(four.reservoirMl()).isBetween((int) (1.8 * two.reservoirMl()), (int) (2.2 * two.reservoirMl()));
        assertThat(four.harm()).isLessThanOrEqualTo(PLANNER.accepted());
    }

    @Test
    void barkDrawsNothingFromAWick() {
        LeftPlant moth = plant("phalaenopsis", PotKind.PLASTIC, 9, "bark");
        assertThat(plan(40, Waterer.RESERVOIRS, moth).lines().get(0).measure()).isNotEqualTo(Measure.RESERVOIR);
    }

    @Test
    void whatRestsDryIsWateredByNobody() {
        LeftPlant jade = plant("jade-plant", PotKind.CLAY, 14, "mineral", 1, Optional.of(new Range(21, 35)));
        AwayPlan plan = plan(20, Waterer.HELPER, jade, fern());
        assertThat(plan.lines())
                .filteredOn(line -> line.plant().equals(jade.id()))
                .extracting(AwayPlan.Line::measure)
                .containsExactly(Measure.KEPT_DRY);
        assertThat(plan.visits())
                .flatExtracting(AwayPlan.Visit::portions)
                .extracting(AwayPlan.Portion::plant)
                .doesNotContain(jade.id());
    }

    @Test
    void aHelperComesSeldomAndNobodyIsHarmedBetween() {
        LeftPlant fern = fern();
        LeftPlant lily = plant("peace-lily", PotKind.PLASTIC, 15, "peat-mix");
        LeftPlant thirsty = plant("peace-lily", PotKind.PLASTIC, 12, "peat-mix", 0.6, Optional.empty());
        AwayPlan plan = plan(24, Waterer.HELPER, fern, lily, thirsty);
        assertThat(plan.visits()).hasSizeBetween(1, 4);
        assertThat(plan.visits()).isSortedAccordingTo((one, other) -> one.day().compareTo(other.day()));
        Map<PlantId, LocalDate> last = new HashMap<>();
        List.of(fern, lily, thirsty).forEach(plant -> last.put(plant.id(), TODAY));
        plan.visits()
                .forEach(visit -> visit.portions().forEach(portion -> {
                    assertThat(portion.ml()).isPositive();
                    assertThat(visit.day()).isAfter(last.put(portion.plant(), visit.day()));
                }));
    }

    @Test
    void oneMorePlantThatLastsLongerCallsForNoVisitOfItsOwn() {
        LeftPlant thirsty = plant("peace-lily", PotKind.PLASTIC, 12, "peat-mix", 0.6, Optional.empty());
        LeftPlant lasting = plant("peace-lily", PotKind.PLASTIC, 15, "peat-mix", 0.9, Optional.empty());
        for (int days = 14; days <= 40; days += 2) {
            assertThat(plan(days, Waterer.HELPER, thirsty, lasting).visits())
                    .as("%s days", days)
                    .hasSameSizeAs(plan(days, Waterer.HELPER, thirsty).visits());
        }
    }

    @Test
    void moreIsKnownOfAPlantWhoseDaysWereWrittenDown() {
        LeftPlant fast = plant("boston-fern", PotKind.PLASTIC, 15, "peat-mix", 0.6, Optional.empty());
        LeftPlant slow = plant("boston-fern", PotKind.PLASTIC, 15, "peat-mix", 1.5, Optional.empty());
        AwayPlan plan = plan(30, Waterer.NOBODY, slow, fast);
        assertThat(plan.lines().get(0).plant()).isEqualTo(fast.id());
        assertThat(plan.lines().get(0).wantsOn()).isBefore(plan.lines().get(1).wantsOn());
        assertThat(plan.lines()).allSatisfy(line -> assertThat(line.wantsFrom()).isBeforeOrEqualTo(line.wantsOn()));
    }

    @Tries(8)
    void theChanceOfHarmGrowsWithTheDaysAndNoMeasureMakesItWorse(@Tries.Between(min = 3, max = 40) double length) {
        int days = (int) length;
        LeftPlant lily = plant("peace-lily", PotKind.PLASTIC, 13, "peat-mix");
        AwayPlan.Line shorter = plan(days, Waterer.NOBODY, lily).lines().get(0);
        AwayPlan.Line longer = plan(days + 7, Waterer.NOBODY, lily).lines().get(0);
        assertThat(longer.harmAsItIs()).isGreaterThanOrEqualTo(shorter.harmAsItIs() - 1e-9);
        assertThat(longer.harm()).isLessThanOrEqualTo(longer.harmAsItIs() + 1e-9);
        assertThat(longer.measure().compareTo(shorter.measure())).isGreaterThanOrEqualTo(0);
    }
}

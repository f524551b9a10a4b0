package mildlantern.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.Logged;
import mildlantern.log.Way;
import mildlantern.log.Wetness;
import mildlantern.plant.PotKind;
import org.junit.jupiter.api.Test;

class WaterBalanceTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 20);
    private static final WaterBalance STORY = new WaterBalance(Pots.WATER);

    private static WaterEstimate estimate(List<Logged> log) {
        return STORY.estimate(Pots.peaceLily(), log, Optional.empty(), day -> Pots.ROOM, TODAY);
    }

    private static Logged soaked(int daysAgo) {
        return new Logged(TODAY.minusDays(daysAgo), LogEntry.Watered.through());
    }

    private static Logged probed(int daysAgo, Wetness wetness) {
        return new Logged(TODAY.minusDays(daysAgo), LogEntry.Probed.all(wetness));
    }

    @Test
    void withoutAWateringNothingIsKnown() {
        assertThat(estimate(List.of()).outlook().known()).isFalse();
    }

    @Test
    void whatTheProbeFindsCountsBeforeAnyWateringIsWritten() {
        WaterOutlook wet = estimate(List.of(probed(0, Wetness.WET))).outlook();
        assertThat(wet.known()).isTrue();
        assertThat(wet.checkFrom()).as("nobody is sent to a wet pot tomorrow").isGreaterThan(1);
        WaterOutlook dry = estimate(List.of(probed(0, Wetness.DRY))).outlook();
        assertThat(dry.dryLikely()).isLessThan(1);
        assertThat(estimate(List.of(probed(0, Wetness.MOIST))).outlook().dryLikely())
                .isBetween(dry.dryLikely(), wet.dryLikely());
    }

    @Test
    void aCactusThatHasStoodDryForItsDaysWantsWater_whateverElseIsWrittenOfIt() {
        PotOfPlant cactus = Pots.plant("cactus", PotKind.CLAY, 12, "mineral");
        WaterOutlook neglected = STORY.estimate(cactus, List.of(soaked(80)), Optional.empty(), day -> Pots.ROOM, TODAY)
                .outlook();
        assertThat(neglected.dryLikely()).isNegative();
        assertThat(neglected.checkBy()).isZero();
        WaterOutlook fresh = STORY.estimate(cactus, List.of(soaked(0)), Optional.empty(), day -> Pots.ROOM, TODAY)
                .outlook();
        assertThat(fresh.dryLikely()).isGreaterThan(10);
    }

    @Test
    void aFreshSoakLeavesTheUsualDaysAheadWithABandRoundThem() {
        WaterOutlook outlook = estimate(List.of(soaked(0))).outlook();
        assertThat(outlook.fullness()).isCloseTo(1.0, within(1e-9));
        assertThat(outlook.dryLikely()).isCloseTo(outlook.expectedDays(), within(0.3));
        assertThat(outlook.dryEarly()).isLessThan(outlook.checkFrom());
        assertThat(outlook.checkFrom()).isLessThan(outlook.dryLikely());
        assertThat(outlook.dryLikely()).isLessThan(outlook.checkBy());
        assertThat(outlook.checkBy()).isLessThan(outlook.dryLate());
    }

    @Test
    void daysThatPassBringTheCheckNearer() {
        double fresh = estimate(List.of(soaked(0))).outlook().dryLikely();
        assertThat(estimate(List.of(soaked(3))).outlook().dryLikely()).isCloseTo(fresh - 3, within(0.35));
    }

    @Test
    void aPotFoundDryEarlyIsAThirstyPlant() {
        WaterOutlook outlook = estimate(
                        List.of(soaked(12), probed(9, Wetness.DRY), soaked(9), probed(6, Wetness.DRY), soaked(6)))
                .outlook();
        assertThat(outlook.factor()).isGreaterThan(1.5);
        assertThat(outlook.cycleDays()).isLessThan(0.7 * outlook.expectedDays());
    }

    @Test
    void aPotFoundWetLateIsASlowOne() {
        WaterOutlook outlook = estimate(List.of(
                        new Logged(TODAY.minusDays(24), LogEntry.Watered.through()),
                        probed(16, Wetness.WET),
                        new Logged(
                                TODAY.minusDays(12),
                                new LogEntry.Watered(
                                        OptionalInt.empty(), Optional.empty(), Way.ABOVE, Optional.of(Felt.STILL_WET))),
                        probed(4, Wetness.WET)))
                .outlook();
        assertThat(outlook.factor()).isLessThan(0.6);
        assertThat(outlook.cycleDays()).isGreaterThan(1.6 * outlook.expectedDays());
    }

    @Test
    void boneDryBeforeTheReckonedDaySpeaksForMoreThirst() {
        WaterOutlook outlook = estimate(List.of(
                        soaked(4),
                        new Logged(
                                TODAY,
                                new LogEntry.Watered(
                                        OptionalInt.empty(), Optional.empty(), Way.ABOVE, Optional.of(Felt.BONE_DRY)))))
                .outlook();
        assertThat(outlook.factor()).isGreaterThan(1.1);
    }

    @Test
    void wateringLongBeforeItIsWantedIsCounted() {
        List<Logged> often = new ArrayList<>();
        for (int day = 30; day >= 0; day--) {
            often.add(soaked(day));
        }
        assertThat(estimate(often).outlook().earlyShare())
                .as("a reckoned pot alone proves nothing")
                .isEmpty();
        often.addAll(List.of(probed(9, Wetness.WET), probed(5, Wetness.WET), probed(2, Wetness.WET)));
        assertThat(estimate(often).outlook().earlyShare().orElseThrow()).isGreaterThan(0.9);
        List<Logged> seldom = List.of(
                soaked(36),
                probed(24, Wetness.DRY),
                soaked(24),
                probed(12, Wetness.DRY),
                soaked(12),
                probed(0, Wetness.DRY),
                soaked(0));
        assertThat(estimate(seldom).outlook().earlyShare().orElseThrow()).isZero();
    }

    @Test
    void aWeightTellsMoistureDirectly() {
        var scale = Optional.of(new Scale(1900, 812));
        // 1088 g of water at capacity: 1456 g is 644 mL, which is (644 - 362.3) / 725.7 of the usable water.
        List<Logged> log = List.of(soaked(4), new Logged(TODAY, new LogEntry.Weighed(1456, Optional.empty())));
        WaterEstimate estimated = STORY.estimate(Pots.peaceLily(), log, scale, day -> Pots.ROOM, TODAY);
        assertThat(estimated.seen().get(0).fullness()).isCloseTo(0.388, within(0.002));
        assertThat(estimated.outlook().fullness()).isCloseTo(0.42, within(0.06));
    }

    @Test
    void aSmallPourDoesNotWetItThrough() {
        double little = estimate(List.of(soaked(9), new Logged(TODAY, LogEntry.Watered.of(60))))
                .outlook()
                .fullness();
        assertThat(little).isLessThan(0.7);
        assertThat(estimate(List.of(soaked(9), new Logged(TODAY, LogEntry.Watered.of(2000))))
                        .outlook()
                        .fullness())
                .isCloseTo(1.0, within(1e-9));
    }

    /** Plants with a thirst of their own, watered and probed as growers do; what was learned is held against the truth. */
    private static double[] errors(int observations, int wrongAt, int plants) {
        Random random = new Random(4711);
        double[] errors = new double[plants];
        PotWater pot = Pots.WATER.pot(Pots.peaceLily());
        double usual = Pots.WATER.usualLogFactor(Pots.peaceLily().profile());
        for (int plant = 0; plant < plants; plant++) {
            double truth = Math.exp(usual + 0.4 * random.nextGaussian());
            double cycle = pot.daysToDry(pot.topMl(), Pots.ROOM, truth);
            List<Logged> log = new ArrayList<>();
            LocalDate day = TODAY.minusDays(200);
            for (int i = 0; i < observations; i++) {
                log.add(new Logged(day, LogEntry.Watered.through()));
                int wait = (int) Math.max(1, Math.round(cycle * (0.7 + 0.5 * random.nextDouble())));
                double water = pot.topMl();
                for (int d = 0; d < wait; d++) {
                    water = pot.after(water, Pots.ROOM, truth * Math.exp(0.1 * random.nextGaussian()), 1);
                }
                day = day.plusDays(wait);
                double moisture = pot.moisture(water) + 0.1 * random.nextGaussian();
                Wetness right = moisture < 0.28 ? Wetness.DRY : moisture < 0.72 ? Wetness.MOIST : Wetness.WET;
                Wetness wrong = right == Wetness.WET ? Wetness.DRY : Wetness.WET;
                log.add(new Logged(day, LogEntry.Probed.all(i == wrongAt ? wrong : right)));
            }
            log.add(new Logged(day, LogEntry.Watered.through()));
            double learned = STORY.estimate(Pots.peaceLily(), log, Optional.empty(), d -> Pots.ROOM, day)
                    .outlook()
                    .factor();
            errors[plant] = Math.abs(Math.log(learned) + usual - Math.log(truth));
        }
        return java.util.Arrays.stream(errors).sorted().toArray();
    }

    private static double median(double[] sorted) {
        return sorted[sorted.length / 2];
    }

    @Test
    void fiveReadingsTellAPlantsThirst() {
        double[] before = errors(0, -1, 200);
        double[] after = errors(5, -1, 200);
        assertThat(median(after)).as("median error of the logarithm").isLessThan(0.16);
        assertThat(median(after)).isLessThan(0.6 * median(before));
        assertThat(after[180]).as("nine of ten plants").isLessThan(0.42);
    }

    @Test
    void oneWrongEntryAmongSixDoesNotUndoTheRest() {
        double[] right = errors(6, -1, 200);
        double[] oneWrong = errors(6, 3, 200);
        assertThat(median(oneWrong)).isLessThan(median(right) + 0.1);
        assertThat(oneWrong[180]).isLessThan(0.6);
    }

    @Test
    void theBandHoldsTheTruthAboutAsOftenAsItSays() {
        Random random = new Random(99);
        PotWater pot = Pots.WATER.pot(Pots.peaceLily());
        double usual = Pots.WATER.usualLogFactor(Pots.peaceLily().profile());
        int within = 0;
        int plants = 300;
        for (int plant = 0; plant < plants; plant++) {
            double truth = Math.exp(usual + 0.4 * random.nextGaussian());
            double days = pot.daysToDry(pot.topMl(), Pots.ROOM, truth * Math.exp(0.1 * random.nextGaussian()));
            WaterOutlook outlook = estimate(List.of(soaked(0))).outlook();
            if (days >= outlook.dryEarly() && days <= outlook.dryLate()) {
                within++;
            }
        }
        assertThat(within / (double) plants).isBetween(0.72, 0.9);
    }

    @Test
    void theCurveNeverLeavesItsBandNorThePot() {
        List<Logged> log =
                new ArrayList<>(List.of(soaked(60), probed(52, Wetness.MOIST), probed(40, Wetness.DRY), soaked(40)));
        log.add(new Logged(TODAY.minusDays(20), LogEntry.Watered.of(150)));
        List<DayOfWater> curve = estimate(log).curve();
        assertThat(curve).hasSize(61).isSortedAccordingTo(Comparator.comparing(DayOfWater::day));
        assertThat(curve).allSatisfy(day -> {
            assertThat(day.low()).isBetween(0.0, day.high());
            assertThat(day.fullness()).isBetween(day.low() - 1e-9, day.high() + 1e-9);
            assertThat(day.high()).isLessThanOrEqualTo(1);
        });
    }
}

package mildlantern.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
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
        return estimate(Pots.peaceLily(), log, TODAY);
    }

    private static WaterEstimate estimate(PotOfPlant pot, List<Logged> log, LocalDate today) {
        return STORY.estimate(List.of(PotOn.always(pot)), log, day -> Pots.ROOM, today);
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
        WaterOutlook neglected = estimate(cactus, List.of(soaked(80)), TODAY).outlook();
        assertThat(neglected.dryLikely()).isNegative();
        assertThat(neglected.checkBy()).isZero();
        WaterOutlook fresh = estimate(cactus, List.of(soaked(0)), TODAY).outlook();
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
    void whatIsToBePouredIsWhatItTakesWhenItIsDry_howeverSoonItIsAsked() {
        WaterOutlook fresh = estimate(List.of(soaked(0))).outlook();
        WaterOutlook dry =
                estimate(List.of(soaked((int) Math.ceil(fresh.dryLikely())))).outlook();
        assertThat(fresh.wetThroughMl()).as("a feed or a can for that day").isGreaterThan(200);
        assertThat(fresh.wetThroughMl()).isCloseTo(dry.wetThroughMl(), within(0.15 * dry.wetThroughMl()));
        assertThat(estimate(List.of(soaked(60))).outlook().wetThroughMl())
                .as("drier than that, more")
                .isGreaterThan(dry.wetThroughMl());
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
        assertThat(outlook.thirst()).isGreaterThan(1.5);
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
        assertThat(outlook.thirst()).isLessThan(0.6);
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
        assertThat(outlook.thirst()).isGreaterThan(1.1);
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
        // 1088 g of water at capacity: 1444 g is 632 mL, which is (632 - 380.8) / 707.2 of the available water.
        List<Logged> log = List.of(soaked(6), new Logged(TODAY, new LogEntry.Weighed(1444, Optional.empty())));
        WaterEstimate estimated = STORY.estimate(
                List.of(new PotOn(LocalDate.MIN, Pots.peaceLily(), Optional.of(new Scale(1900, 812)))),
                log,
                day -> Pots.ROOM,
                TODAY);
        assertThat(estimated.seen().get(0).fullness()).isCloseTo(0.355, within(0.003));
        assertThat(estimated.outlook().fullness()).isCloseTo(0.39, within(0.05));
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

    @Test
    void twelveMarkedWateringsTellAMossOrchidsDays() {
        PotOfPlant moth = Pots.plant("phalaenopsis", PotKind.PLASTIC, 12, "sphagnum");
        List<Logged> log = new ArrayList<>();
        for (int i = 12; i >= 0; i--) {
            log.add(marked(TODAY.minusDays(7L * i), Felt.READY));
        }
        assertThat(estimate(moth, log, TODAY).outlook().cycleDays()).isBetween(6.0, 8.3);
    }

    @Test
    void aPlantKeepsItsThirstInAnotherPot() {
        PotOfPlant small = Pots.plant("peace-lily", PotKind.PLASTIC, 13, "peat-mix");
        PotOfPlant large = Pots.plant("peace-lily", PotKind.PLASTIC, 17, "coir-mix");
        List<Logged> log = new ArrayList<>();
        LocalDate day = TODAY.minusDays(60);
        for (int i = 0; i < 15; i++) {
            log.add(marked(day, Felt.READY));
            day = day.plusDays(3);
        }
        LocalDate potted = day;
        log.add(new Logged(potted, LogEntry.Watered.through()));
        WaterOutlook moved = STORY.estimate(
                        List.of(PotOn.always(small), new PotOn(potted, large, Optional.empty())),
                        log,
                        it -> Pots.ROOM,
                        potted)
                .outlook();
        WaterOutlook bought = estimate(large, List.of(new Logged(potted, LogEntry.Watered.through())), potted)
                .outlook();
        assertThat(moved.thirst()).as("it drank fast, and does").isGreaterThan(1.25);
        assertThat(moved.cycleDays()).isBetween(0.55 * bought.cycleDays(), 0.9 * bought.cycleDays());
        assertThat(moved.dryLikely()).as("wet through today").isCloseTo(moved.cycleDays(), within(0.5));
    }

    @Test
    void whatWasLearnedInWinterHoldsInSummer() {
        PotOfPlant lily = Pots.peaceLily();
        Climate winter = Pots.room(20, 17, 45, 2.5);
        Climate summer = Pots.room(26, 21, 55, 8);
        PotWater pot = Pots.WATER.pot(lily);
        double truth = 1.6 * Math.exp(Pots.WATER.usualLogThirst(lily.profile()));
        double inWinter = pot.daysToDry(pot.full(), winter, truth);
        List<Logged> log = new ArrayList<>();
        double at = 0;
        LocalDate first = TODAY.minusDays(90);
        for (int i = 0; i < 8; i++, at += inWinter) {
            log.add(marked(first.plusDays(Math.round(at)), Felt.READY));
        }
        LocalDate turned = first.plusDays(Math.round(at));
        log.add(marked(turned, Felt.READY));
        WaterOutlook outlook = STORY.estimate(
                        List.of(PotOn.always(lily)), log, day -> day.isBefore(turned) ? winter : summer, turned)
                .outlook();
        double inSummer = pot.daysToDry(pot.full(), summer, truth);
        assertThat(inSummer).isLessThan(0.75 * inWinter);
        assertThat(outlook.cycleDays()).isCloseTo(inSummer, within(0.15 * inSummer));
    }

    private static Logged marked(LocalDate day, Felt found) {
        return new Logged(
                day, new LogEntry.Watered(OptionalInt.empty(), Optional.empty(), Way.ABOVE, Optional.of(found)));
    }

    private static final List<PotOfPlant> ALL_MEDIA = List.of(
            Pots.peaceLily(),
            Pots.plant("phalaenopsis", PotKind.PLASTIC, 12, "bark"),
            Pots.plant("phalaenopsis", PotKind.PLASTIC, 12, "sphagnum"),
            Pots.plant("monstera", PotKind.PLASTIC, 19, "coir-mix"),
            Pots.plant("african-violet", PotKind.CLAY, 10, "peat-perlite"),
            Pots.plant("jade-plant", PotKind.CLAY, 14, "mineral"),
            Pots.plant("tropical-bonsai", PotKind.TRAY, 22, "mineral"),
            Pots.plant("cattleya", PotKind.PLASTIC, 13, "leca"));

    /**
     * Plants of all media with a thirst and a store of their own, watered, felt and probed as growers do; the days that are said after that are held
     * against the truth.
     *
     * @param wrongAt which observation is a slip that says the contrary
     * @return shares by which the predicted day is off, sorted
     */
    private static double[] errors(int observations, int wrongAt, int plants) {
        Random random = new Random(4711);
        double[] errors = new double[plants];
        for (int plant = 0; plant < plants; plant++) {
            PotOfPlant of = ALL_MEDIA.get(plant % ALL_MEDIA.size());
            PotWater pot = Pots.WATER.pot(of).storing(Math.exp(0.25 * random.nextGaussian()));
            double thirst = Math.exp(Pots.WATER.usualLogThirst(of.profile()) + 0.4 * random.nextGaussian());
            double cycle = pot.daysToDry(pot.full(), Pots.ROOM, thirst);
            List<Logged> log = new ArrayList<>();
            LocalDate day = TODAY.minusDays(1200);
            log.add(new Logged(day, LogEntry.Watered.through()));
            for (int i = 0; i < observations; i++) {
                // Looked at when it is about time, by a finger's judgement of where it is on its way.
                long wait = Math.max(1, Math.round(cycle * (0.8 + 0.3 * random.nextDouble())));
                Held water = pot.full();
                for (int d = 0; d < wait; d++) {
                    water = pot.after(water, Pots.ROOM, thirst * Math.exp(0.1 * random.nextGaussian()), 1);
                }
                day = day.plusDays(wait);
                Wetness[] probe = probe(pot.moisture(water.mediumMl()) + 0.05 * random.nextGaussian());
                if (i == wrongAt) {
                    Wetness other = probe[1] == Wetness.WET ? Wetness.DRY : Wetness.WET;
                    probe = new Wetness[] {other, other, other};
                }
                log.add(new Logged(day, new LogEntry.Probed(probe[0], probe[1], probe[2])));
                boolean ready = Math.abs(pot.used(water) - 1) < 0.12;
                log.add(ready && i != wrongAt ? marked(day, Felt.READY) : new Logged(day, LogEntry.Watered.through()));
            }
            double said = estimate(of, log, day).outlook().cycleDays();
            errors[plant] = Math.abs(said - cycle) / cycle;
        }
        return Arrays.stream(errors).sorted().toArray();
    }

    private static Wetness[] probe(double moisture) {
        return new Wetness[] {wetness(moisture - 0.18), wetness(moisture), wetness(moisture + 0.18)};
    }

    private static Wetness wetness(double moisture) {
        return moisture < 0.28 ? Wetness.DRY : moisture < 0.72 ? Wetness.MOIST : Wetness.WET;
    }

    @Test
    void afterSixObservationsTheDayIsRightWithinAFifthForNineOfTen() {
        double[] before = errors(0, -1, 200);
        double[] after = errors(6, -1, 200);
        assertThat(after[180]).as("nine of ten plants").isLessThan(0.20);
        assertThat(after[100]).as("half of them").isLessThan(0.09);
        assertThat(after[100]).isLessThan(0.4 * before[100]);
    }

    @Test
    void oneWrongEntryAmongSixDoesNotUndoTheRest() {
        double[] oneWrong = errors(6, 3, 200);
        assertThat(oneWrong[100]).isLessThan(0.11);
        assertThat(oneWrong[180]).isLessThan(0.25);
    }

    @Test
    void theBandHoldsTheTruthAboutAsOftenAsItSays() {
        Random random = new Random(99);
        PotWater pot = Pots.WATER.pot(Pots.peaceLily());
        double usual = Pots.WATER.usualLogThirst(Pots.peaceLily().profile());
        int within = 0;
        int plants = 300;
        for (int plant = 0; plant < plants; plant++) {
            double truth = Math.exp(usual + 0.4 * random.nextGaussian());
            PotWater own = pot.storing(Math.exp(0.25 * random.nextGaussian()));
            double days = own.daysToDry(own.full(), Pots.ROOM, truth * Math.exp(0.1 * random.nextGaussian()));
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

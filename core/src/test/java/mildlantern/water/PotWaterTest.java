package mildlantern.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import mildlantern.Tries;
import mildlantern.plant.Dryness;
import mildlantern.plant.PotKind;
import mildlantern.quantity.DailyLight;
import mildlantern.quantity.VapourPressureDeficit;
import org.junit.jupiter.api.Test;

class PotWaterTest {

    @Test
    void peaceLilyInFifteenCentimetresOfPeatByHand() {
        // Top 176.71 cm², 13.2 cm high: 2332.6 mL as a cylinder, x 0.78 x 0.92 = 1673.9 mL, of which 65 % is water.
        PotWater pot = Pots.WATER.pot(Pots.peaceLily());
        assertThat(pot.capacityMl()).isCloseTo(1088.0, within(0.5));
        // A third is bound; the lily wants water with half of the rest left: 362.3 + 0.5 x 725.7.
        assertThat(pot.thresholdMl()).isCloseTo(725.2, within(0.5));
        // Leaves 176.71 x 5.5 x 0.06 = 58.31 mL a day at 1 kPa in good light; surface 176.71 x 0.09 x 0.5 = 7.95 mL.
        assertThat(pot.lossPerDay(pot.capacityMl(), Pots.GOOD_LIGHT, 1)).isCloseTo(66.27, within(0.05));
        // Half the factor, half the loss; drier air draws more, but not in proportion, as pores close: 2 (1 + 2/3) / (1
        // + 4/3).
        assertThat(pot.lossPerDay(pot.capacityMl(), Pots.GOOD_LIGHT, 0.5)).isCloseTo(33.13, within(0.05));
        Climate dry = new Climate(new VapourPressureDeficit(2), new DailyLight(10));
        assertThat(pot.lossPerDay(pot.capacityMl(), dry, 1)).isCloseTo(58.31 * 10 / 7 + 15.9, within(0.05));
        // 363 mL are gone after about five and a half days.
        assertThat(pot.daysToDry(pot.topMl(), Pots.GOOD_LIGHT, 1)).isCloseTo(5.7, within(0.15));
        // 15 % of what is poured runs out: 362.8 / 0.85.
        assertThat(pot.toWetThroughMl(pot.thresholdMl())).isCloseTo(426.8, within(1.0));
    }

    @Test
    void unglazedClayLosesThroughItsWall() {
        PotWater plastic = Pots.WATER.pot(Pots.plant("peace-lily", PotKind.PLASTIC, 14, "peat-mix"));
        PotWater clay = Pots.WATER.pot(Pots.plant("peace-lily", PotKind.CLAY, 14, "peat-mix"));
        // The wall: pi x 14 x 12.6 x 0.78 = 432.3 cm², at 0.03 mL, whatever the kind's usual factor.
        double usual = Math.exp(Pots.WATER.usualLogFactor(Pots.peaceLily().profile()));
        assertThat(clay.lossPerDay(clay.capacityMl(), Pots.GOOD_LIGHT, usual)
                        - plastic.lossPerDay(plastic.capacityMl(), Pots.GOOD_LIGHT, usual))
                .isCloseTo(12.97, within(0.1));
    }

    @Test
    void plantsThatBreatheByNightDrinkAFractionOfOthers() {
        double orchid = leafLoss("phalaenopsis");
        double slipper = leafLoss("paphiopedilum");
        assertThat(orchid / slipper).isCloseTo(0.20, within(0.001));
    }

    private static double leafLoss(String profile) {
        PotWater pot = Pots.WATER.pot(Pots.plant(profile, PotKind.PLASTIC, 12, "bark"));
        return pot.pull(Pots.GOOD_LIGHT).leafMl();
    }

    @Test
    void aBogTrayLastsAsLongAsItsWaterDividedByTheLoss() {
        PotWater pot = Pots.WATER.pot(Pots.plant("sarracenia", PotKind.PLASTIC, 12, "peat-perlite"));
        assertThat(pot.reservoirMl()).isCloseTo(Math.PI * 36 * 1.3 * 2, within(0.01));
        double loss = pot.lossPerDay(pot.capacityMl(), Pots.GOOD_LIGHT, 1);
        assertThat(pot.daysToDry(pot.topMl(), Pots.GOOD_LIGHT, 1)).isCloseTo(pot.reservoirMl() / loss, within(0.01));
        assertThat(pot.toWetThroughMl(pot.topMl() - 100)).isCloseTo(100.0, within(1e-9));
    }

    @Test
    void aReservoirWithoutRootsInABogLastsLikewise() {
        PotOfPlant lily = Pots.peaceLily();
        PotWater pot = Pots.WATER.pot(new PotOfPlant(
                lily.profile(), lily.wall(), 15, OptionalDouble.empty(), lily.medium(), LeafClass.USUAL, 900));
        assertThat(pot.daysToDry(pot.topMl(), Pots.GOOD_LIGHT, 1)).isCloseTo(900 / 66.27, within(0.02));
    }

    @Test
    void everyKindDriesInItsUsualDaysWithoutAnUnlikelyFactor() {
        Pots.PLANTS.profiles().stream()
                .filter(profile -> profile.dryness() != Dryness.BOG)
                .forEach(profile -> assertThat(Pots.WATER.usualLogFactor(profile))
                        .as(profile.id())
                        .isStrictlyBetween(-Math.log(3), Math.log(3)));
    }

    @Test
    void coarseStepsStayWithinOnePercentOfFineOnes() {
        PotWater pot = Pots.WATER.pot(Pots.peaceLily());
        double fine = pot.topMl();
        for (int i = 0; i < 4000; i++) {
            fine = pot.after(fine, Pots.GOOD_LIGHT, 1, 0.0025);
        }
        assertThat(pot.after(pot.topMl(), Pots.GOOD_LIGHT, 1, 10)).isCloseTo(fine, within(0.01 * fine));
    }

    @Tries(300)
    void waterStaysWithinThePotAndNothingIsLostFromTheBooks(
            @Tries.Between(min = 3, max = 60) double diameter,
            @Tries.Between(min = 0, max = 9) double kilopascal,
            @Tries.Between(min = 0, max = 80) double light,
            @Tries.Between(min = 0.05, max = 20) double factor,
            @Tries.Between(min = 0, max = 3000) double poured) {
        PotWater pot = Pots.WATER.pot(Pots.plant("boston-fern", PotKind.CLAY, diameter, "peat-mix"));
        Climate climate = new Climate(new VapourPressureDeficit(kilopascal), new DailyLight(light));
        double water = 0;
        double in = 0;
        double lost = 0;
        double ranOut = 0;
        for (int day = 0; day < 30; day++) {
            if (day % 4 == 0) {
                PotWater.Poured after = pot.pour(water, poured);
                in += poured;
                ranOut += after.runOffMl();
                water = after.waterMl();
            }
            double next = pot.after(water, climate, factor, 1);
            assertThat(next).isBetween(0.0, water);
            lost += water - next;
            water = next;
            assertThat(water).isBetween(0.0, pot.topMl());
        }
        assertThat(in - lost - ranOut - water).isCloseTo(0.0, within(1e-9 * Math.max(1, in)));
    }

    @Tries(100)
    void aThirstierPlantInDrierAirNeverDriesLater(
            @Tries.Between(min = 0.2, max = 3) double kilopascal, @Tries.Between(min = 0.3, max = 2) double factor) {
        PotWater pot = Pots.WATER.pot(Pots.peaceLily());
        double days = pot.daysToDry(pot.topMl(), climate(kilopascal), factor);
        assertThat(pot.daysToDry(pot.topMl(), climate(kilopascal * 1.2), factor))
                .isLessThanOrEqualTo(days);
        assertThat(pot.daysToDry(pot.topMl(), climate(kilopascal), factor * 1.2))
                .isLessThanOrEqualTo(days);
    }

    private static Climate climate(double kilopascal) {
        return new Climate(new VapourPressureDeficit(kilopascal), new DailyLight(5));
    }
}

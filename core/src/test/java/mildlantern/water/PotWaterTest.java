package mildlantern.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import mildlantern.Tries;
import mildlantern.plant.Dryness;
import mildlantern.plant.Phase;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.quantity.DailyLight;
import mildlantern.quantity.VapourPressureDeficit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PotWaterTest {

    @Test
    void peaceLilyInFifteenCentimetresOfPeatByHand() {
        // Top 176.71 cm², 13.2 cm high: 2332.6 mL as a cylinder, x 0.78 x 0.92 = 1673.9 mL, of which 65 % is water.
        PotWater pot = Pots.WATER.pot(Pots.peaceLily());
        assertThat(pot.capacityMl()).isCloseTo(1088.0, within(0.5));
        // 35 % is bound; the lily wants water with half of the rest left: 380.8 + 0.5 x 707.2.
        assertThat(pot.thresholdMl()).isCloseTo(734.4, within(0.5));
        // Leaves 176.71 x 5.5 x 0.06 = 58.31 mL a day at 1 kPa in good light; surface 176.71 x 0.12 x 0.5 = 10.60 mL.
        assertThat(pot.lossPerDay(pot.full(), Pots.GOOD_LIGHT, 1)).isCloseTo(68.92, within(0.05));
        // Half the thirst: half the loss of the leaves, and all of the surface's.
        assertThat(pot.lossPerDay(pot.full(), Pots.GOOD_LIGHT, 0.5)).isCloseTo(39.76, within(0.05));
        // Drier air draws more, but not in proportion from leaves, as pores close: 2 (1 + 2/3) / (1 + 4/3).
        Climate dry = Climate.even(new VapourPressureDeficit(2), new DailyLight(10));
        assertThat(pot.lossPerDay(pot.full(), dry, 1)).isCloseTo(58.31 * 10 / 7 + 21.2, within(0.05));
        // 353.6 mL at some 67 a day.
        assertThat(pot.daysToDry(pot.full(), Pots.GOOD_LIGHT, 1)).isCloseTo(5.3, within(0.15));
        // 15 % of what is poured runs out: 353.6 / 0.85.
        assertThat(pot.toWetThroughMl(pot.thresholdMl())).isCloseTo(416.0, within(1.0));
    }

    /** What growers find in a heated room of 21 to 23 °C, by kind and medium, before anything was learned of the plant. */
    @ParameterizedTest(name = "{0} in {3}, {2} cm: {4} to {5} days")
    @CsvSource({
        "phalaenopsis, PLASTIC, 12, bark, 6, 9",
        "phalaenopsis, PLASTIC, 12, sphagnum, 8, 14",
        "boston-fern, CLAY, 17, peat-mix, 3, 6",
        "boston-fern, PLASTIC, 17, peat-mix, 3, 6",
        "snake-plant, PLASTIC, 14, mineral, 14, 30",
        "snake-plant, PLASTIC, 14, peat-mix, 21, 45",
        "nepenthes, PLASTIC, 12, sphagnum, 3, 6",
        "tropical-bonsai, TRAY, 22, mineral, 3, 5",
        "tillandsia, MOUNT, 9, mounted, 3, 5",
        "dendrobium-nobile, MOUNT, 11, mounted, 1, 4",
    })
    void potsDryInGrowersDays(String kind, PotKind wall, double cm, String medium, double from, double to) {
        PotOfPlant pot = Pots.plant(kind, wall, cm, medium);
        assertThat(Pots.days(pot, Pots.room(21.5, 18.5, 45, 4.5))).isBetween(from, to);
        assertThat(Pots.days(pot, Pots.room(23, 19, 47, 5))).isBetween(from, to);
    }

    @Test
    void aFigInATrayDriesTwiceAsFastInSummer() {
        PotOfPlant fig = Pots.plant("tropical-bonsai", PotKind.TRAY, 22, "mineral");
        assertThat(Pots.days(fig, Pots.room(26, 20, 48, 14))).isBetween(1.0, 3.0);
    }

    @Test
    void unglazedClayLosesThroughItsWallWhateverThePlantDrinks() {
        PotWater plastic = Pots.WATER.pot(Pots.plant("peace-lily", PotKind.PLASTIC, 14, "peat-mix"));
        PotWater clay = Pots.WATER.pot(Pots.plant("peace-lily", PotKind.CLAY, 14, "peat-mix"));
        // The wall: pi x 14 x 12.6 x 0.78 = 432.3 cm², at 0.03 mL.
        DoubleStream.of(0.5, 1, 2)
                .forEach(thirst -> assertThat(clay.lossPerDay(clay.full(), Pots.GOOD_LIGHT, thirst)
                                - plastic.lossPerDay(plastic.full(), Pots.GOOD_LIGHT, thirst))
                        .isCloseTo(12.97, within(0.2)));
    }

    @Test
    void plantsThatOpenTheirPoresByNightLoseByTheDeficitOfTheNight() {
        PotWater orchid = Pots.WATER.pot(Pots.plant("phalaenopsis", PotKind.PLASTIC, 12, "bark"));
        PotWater lily = Pots.WATER.pot(Pots.plant("peace-lily", PotKind.PLASTIC, 12, "peat-mix"));
        // A fifth of the leaf rate: 113.1 x 3.0 x 0.06 x 0.2.
        assertThat(orchid.pull(Pots.GOOD_LIGHT).leafMl()).isCloseTo(4.07, within(0.01));
        Climate hotDay = new Climate(
                new VapourPressureDeficit(2),
                new VapourPressureDeficit(0.5),
                new DailyLight(10),
                20,
                Climate.Outdoors.NONE);
        assertThat(orchid.pull(hotDay).leafMl())
                .isLessThan(orchid.pull(Pots.GOOD_LIGHT).leafMl());
        assertThat(lily.pull(hotDay).leafMl())
                .isGreaterThan(lily.pull(Pots.GOOD_LIGHT).leafMl());
    }

    @Test
    void theMeanHumidityOfADayIsDryByDayAndDampByNight() {
        // 50 % at 19.5 °C is 1.133 kPa; saturation is 2.487 at 21 and 2.064 at 18 °C.
        Climate room = Pots.room(21, 18, 50, 5);
        assertThat(room.day().kilopascal()).isCloseTo(1.354, within(0.005));
        assertThat(room.night().kilopascal()).isCloseTo(0.931, within(0.005));
    }

    @Test
    void coldRootsBringLittle() {
        PotWater pot = Pots.WATER.pot(Pots.peaceLily());
        assertThat(DoubleStream.of(20, 16, 8, -4)
                        .map(celsius -> pot.pull(new Climate(
                                                new VapourPressureDeficit(1),
                                                new VapourPressureDeficit(1),
                                                new DailyLight(10),
                                                celsius,
                                                Climate.Outdoors.NONE))
                                        .leafMl()
                                / 58.31)
                        .boxed())
                .usingElementComparator((one, other) -> Math.abs(one - other) < 0.001 ? 0 : 1)
                .containsExactly(1.0, 1.0, 0.5, 0.1);
    }

    @Test
    void rainWatersWhatStandsOutdoorsAndWindDriesIt() {
        PotWater pot = Pots.WATER.pot(Pots.plant("temperate-bonsai", PotKind.TRAY, 30, "mineral"));
        Held dry = new Held(pot.thresholdMl(), pot.full().tissueMl());
        Climate rainy = Pots.ROOM.in(new Climate.Outdoors(10, 0));
        // Ten millimetres on 706.9 cm² are 707 mL, of which leaves keep off three tenths: it is wet through.
        assertThat(pot.used(pot.after(dry, rainy, 0.01, 1))).isLessThan(0.2);
        assertThat(pot.used(pot.after(dry, Pots.ROOM, 0.01, 1))).isGreaterThan(1);
        assertThat(pot.daysToDry(pot.full(), Pots.ROOM.in(new Climate.Outdoors(0, 2)), 1))
                .isLessThan(0.9 * pot.daysToDry(pot.full(), Pots.ROOM, 1));
    }

    @Test
    void dryBarkKeepsAThirdOfWhatIsPoured() {
        PotWater bark = Pots.WATER.pot(Pots.plant("phalaenopsis", PotKind.PLASTIC, 12, "bark"));
        Held dry = new Held(bark.waterAt(0), 0);
        PotWater.Poured poured = bark.pour(dry, 60);
        assertThat(poured.held().mediumMl() - dry.mediumMl()).isCloseTo(60 * 0.33, within(0.1));
        assertThat(poured.runOffMl()).isCloseTo(60 * 0.67, within(0.1));
        // So it takes three times as much to wet it through.
        assertThat(bark.toWetThroughMl(dry.mediumMl()))
                .isCloseTo((bark.capacityMl() - dry.mediumMl()) / 0.33, within(0.1));
    }

    @Test
    void mossIsNotLetDryThrough() {
        PotWater moss = Pots.WATER.pot(Pots.plant("phalaenopsis", PotKind.PLASTIC, 12, "sphagnum"));
        PotWater bark = Pots.WATER.pot(Pots.plant("phalaenopsis", PotKind.PLASTIC, 12, "bark"));
        assertThat(moss.moisture(moss.thresholdMl())).isCloseTo(0.35, within(1e-9));
        assertThat(bark.moisture(bark.thresholdMl())).isCloseTo(0.15, within(1e-9));
    }

    @Test
    void aSucculentLivesOnItsStoreWhereAFernDies() {
        Climate room = Pots.room(21.5, 18.5, 45, 4);
        PotOfPlant cactus = Pots.plant("cactus", PotKind.CLAY, 12, "mineral");
        PotOfPlant fern = Pots.plant("boston-fern", PotKind.PLASTIC, 17, "peat-mix");
        assertThat(harm(cactus, room, 60)).isLessThan(1);
        assertThat(harm(fern, room, 5)).as("soon after it wants water").isLessThan(0.2);
        assertThat(harm(fern, room, 25)).isGreaterThan(1);
    }

    private static double harm(PotOfPlant of, Climate climate, double days) {
        PotWater pot = Pots.WATER.pot(of);
        return pot.harm(pot.after(pot.full(), climate, Math.exp(Pots.WATER.usualLogThirst(of.profile())), days));
    }

    @Test
    void aTreeWithoutLeavesHardlyDrinks() {
        Profile maple = Pots.PLANTS.profile("temperate-bonsai").orElseThrow();
        Profile pitcher = Pots.PLANTS.profile("sarracenia").orElseThrow();
        assertThat(Pots.WATER.atWork(maple, Phase.COOL_REST)).isLessThan(Pots.WATER.atWork(pitcher, Phase.COOL_REST));
        assertThat(Pots.WATER.atWork(maple, Phase.GROWING)).isEqualTo(1);
    }

    @Test
    void aBogTrayLastsAsLongAsItsWaterDividedByTheLoss() {
        PotWater pot = Pots.WATER.pot(Pots.plant("sarracenia", PotKind.PLASTIC, 12, "peat-perlite"));
        assertThat(pot.reservoirMl()).isCloseTo(Math.PI * 36 * 1.3 * 2, within(0.01));
        double loss = pot.lossPerDay(pot.full(), Pots.GOOD_LIGHT, 1);
        assertThat(pot.daysToDry(pot.full(), Pots.GOOD_LIGHT, 1)).isCloseTo(pot.reservoirMl() / loss, within(0.01));
        assertThat(pot.toWetThroughMl(pot.topMl() - 100)).isCloseTo(100.0, within(1e-9));
    }

    @Test
    void aReservoirWithoutRootsInABogLastsLikewise() {
        PotOfPlant lily = Pots.peaceLily();
        PotWater pot = Pots.WATER.pot(new PotOfPlant(
                lily.profile(), lily.wall(), 15, OptionalDouble.empty(), lily.medium(), LeafClass.USUAL, 900));
        assertThat(pot.daysToDry(pot.full(), Pots.GOOD_LIGHT, 1)).isCloseTo(900 / 68.92, within(0.02));
    }

    @Test
    void everyKindDriesInItsUsualDaysWithoutAnUnlikelyThirst() {
        assertThat(Pots.PLANTS.profiles().stream()
                        .filter(profile -> profile.dryness() != Dryness.BOG)
                        .filter(profile -> Math.abs(Pots.WATER.usualLogThirst(profile)) >= Math.log(2.9))
                        .map(profile -> profile.id() + " " + Math.exp(Pots.WATER.usualLogThirst(profile))))
                .isEmpty();
    }

    @Test
    void coarseStepsStayWithinOnePercentOfFineOnes() {
        PotWater pot = Pots.WATER.pot(Pots.peaceLily());
        Held fine = pot.full();
        for (int i = 0; i < 4000; i++) {
            fine = pot.after(fine, Pots.GOOD_LIGHT, 1, 0.0025);
        }
        assertThat(pot.after(pot.full(), Pots.GOOD_LIGHT, 1, 10).mediumMl())
                .isCloseTo(fine.mediumMl(), within(0.01 * fine.mediumMl()));
    }

    @Tries(300)
    void waterStaysWithinThePotAndNothingIsLostFromTheBooks(
            @Tries.Between(min = 3, max = 60) double diameter,
            @Tries.Between(min = 0, max = 9) double kilopascal,
            @Tries.Between(min = 0, max = 80) double light,
            @Tries.Between(min = 0.05, max = 20) double thirst,
            @Tries.Between(min = 0, max = 3000) double poured) {
        PotWater pot = Pots.WATER.pot(Pots.plant("boston-fern", PotKind.CLAY, diameter, "peat-mix"));
        Climate climate = Climate.even(new VapourPressureDeficit(kilopascal), new DailyLight(light));
        Held water = new Held(0, pot.full().tissueMl());
        for (int day = 0; day < 30; day++) {
            if (day % 4 == 0) {
                PotWater.Poured after = pot.pour(water, poured);
                assertThat(after.held().mediumMl() + after.runOffMl())
                        .isCloseTo(water.mediumMl() + poured, within(1e-9 * Math.max(1, poured)));
                water = after.held();
            }
            Held next = pot.after(water, climate, thirst, 1);
            assertThat(next.mediumMl()).isBetween(0.0, water.mediumMl());
            assertThat(next.tissueMl()).isBetween(0.0, pot.full().tissueMl());
            water = next;
            assertThat(water.mediumMl()).isBetween(0.0, pot.topMl());
        }
    }

    @Tries(100)
    void aThirstierPlantInDrierAirNeverDriesLater(
            @Tries.Between(min = 0.2, max = 3) double kilopascal, @Tries.Between(min = 0.3, max = 2) double thirst) {
        PotWater pot = Pots.WATER.pot(Pots.peaceLily());
        double days = pot.daysToDry(pot.full(), climate(kilopascal), thirst);
        assertThat(pot.daysToDry(pot.full(), climate(kilopascal * 1.2), thirst)).isLessThanOrEqualTo(days);
        assertThat(pot.daysToDry(pot.full(), climate(kilopascal), thirst * 1.2)).isLessThanOrEqualTo(days);
    }

    private static Climate climate(double kilopascal) {
        return Climate.even(new VapourPressureDeficit(kilopascal), new DailyLight(5));
    }
}

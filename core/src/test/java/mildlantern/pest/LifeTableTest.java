package mildlantern.pest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import mildlantern.Tries;
import mildlantern.knowledge.DisorderId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A pest's life runs by warmth, and grows as its life table says. */
class LifeTableTest {
    private static final Pests PESTS = Pests.load();

    static List<LifeTable> all() {
        return List.copyOf(PESTS.all());
    }

    private static LifeTable of(String id) {
        return PESTS.find(new DisorderId(id)).orElseThrow();
    }

    /** Days from egg (or birth) to adult as development studies report them, rounded. */
    @ParameterizedTest
    @CsvSource({
        "spider-mites, 20, 16.6", "spider-mites, 25, 10.2", "spider-mites, 30, 7.3",
        "flat-mites, 20, 38", "flat-mites, 25, 26.5", "flat-mites, 30, 19.5",
        "broad-mites, 20, 7.3", "broad-mites, 25, 4.8", "broad-mites, 30, 3.6",
        "thrips, 15, 34", "thrips, 20, 21", "thrips, 25, 14.5",
        "mealybugs, 20, 43", "mealybugs, 25, 29", "mealybugs, 28, 25.5",
        "root-mealybugs, 18, 52", "root-mealybugs, 22, 38", "root-mealybugs, 25, 31",
        "scale-insects, 18, 94", "scale-insects, 23, 55", "scale-insects, 28, 37",
        "aphids, 15, 12.5", "aphids, 20, 8", "aphids, 25, 6.2",
        "whitefly, 18, 38", "whitefly, 22, 27", "whitefly, 27, 20.5",
        "fungus-gnats, 16, 39", "fungus-gnats, 20, 28", "fungus-gnats, 24, 21.5",
        "leaf-miner, 17, 36", "leaf-miner, 20, 28", "leaf-miner, 25, 19",
        "slugs-snails, 10, 250", "slugs-snails, 15, 135", "slugs-snails, 20, 95",
        "caterpillars, 18, 57", "caterpillars, 22, 39", "caterpillars, 27, 26.5",
        "lesion-nematodes, 20, 38", "lesion-nematodes, 25, 26.5", "lesion-nematodes, 30, 21"
    })
    void developsAsFastAsStudiesReport(String pest, double celsius, double days) {
        assertThat(of(pest).daysToAdult(celsius).orElseThrow()).isCloseTo(days, within(days * 0.15));
    }

    @ParameterizedTest
    @MethodSource("all")
    void growsWithoutTreatmentAtTheRateOfTheClosedForm(LifeTable table) {
        for (double celsius : new double[] {18, 25}) {
            double rate = table.growthPerDay(celsius).orElseThrow();
            Population population = Population.settled(table, celsius, 1e-6);
            double before = population.total();
            for (int day = 0; day < 30; day++) {
                population.day();
            }
            double found = Math.log(population.total() / before) / 30;
            assertThat(found)
                    .as(table.id() + " at " + celsius + " °C")
                    .isCloseTo(rate, within(0.02 * Math.max(Math.abs(rate), 0.02)));
        }
    }

    @Test
    void mitesDoubleInThreeToFiveDaysInWarmDryAir() {
        assertThat(of("spider-mites").doublingDays(25).orElseThrow()).isBetween(3.0, 5.0);
    }

    @Test
    void thripsHatchInTwoToFourteenDays() {
        LifeTable thrips = of("thrips");
        assertThat(thrips.daysOf(thrips.stages().get(0), 30).orElseThrow()).isGreaterThan(2);
        assertThat(thrips.daysOf(thrips.stages().get(0), 14).orElseThrow()).isLessThan(14);
    }

    @Test
    void nothingDevelopsBelowTheBase() {
        assertThat(of("spider-mites").daysToAdult(11)).isEmpty();
        assertThat(of("spider-mites").growthPerDay(12)).isEmpty();
    }

    @Tries(60)
    void warmthQuickensUpToTheBest_andHeatStopsIt(
            @Tries.Between(min = 13, max = 20) double cool, @Tries.Between(min = 0, max = 30) double more) {
        for (LifeTable table : PESTS.all()) {
            double warm = cool + more;
            if (warm <= table.best()) {
                assertThat(table.degreeDays(warm)).isGreaterThanOrEqualTo(table.degreeDays(cool));
            } else if (warm >= table.stops()) {
                assertThat(table.daysToAdult(warm)).isEmpty();
            } else {
                assertThat(table.degreeDays(warm)).isLessThan(table.degreeDays(table.best()));
            }
        }
    }

    @Test
    void whereNobodyCountedThereAreAsManyAsWhenItIsFirstNoticed() {
        for (LifeTable table : PESTS.all()) {
            assertThat(Population.settled(table, 21, table.start()).noticed())
                    .as(table.id().value())
                    .isCloseTo(table.seenFrom(), within(0.01 * table.seenFrom()));
        }
    }

    @ParameterizedTest
    @MethodSource("all")
    void numbersAreNeverBelowZeroAndNobodyComesFromNothing(LifeTable table) {
        PestClock clock = new PestClock(table, new Conditions(22, 0.9, 50));
        for (PestDay day : clock.run(List.of(), 40)) {
            assertThat(Arrays.stream(day.byStage()).min().orElseThrow()).isNotNegative();
        }
        assertThat(clock.run(List.of(), 0).get(0).total()).isCloseTo(50, within(1e-9));
    }

    @Test
    void asManyAsWereCountedAreThereAtTheStart() {
        LifeTable mites = of("spider-mites");
        double start = PestClock.startFor(mites, 24, 30);
        assertThat(Population.settled(mites, 24, start).noticed()).isCloseTo(30, within(1e-6));
        assertThat(start).isGreaterThan(30);
    }
}

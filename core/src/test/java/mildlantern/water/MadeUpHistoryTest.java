package mildlantern.water;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import mildlantern.log.LogEntry;
import mildlantern.log.Logged;
import mildlantern.plant.WaterSource;
import org.junit.jupiter.api.Test;

class MadeUpHistoryTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private final MadeUpHistory histories = new MadeUpHistory(Pots.WATER);

    private List<Logged> year(double thirst, OptionalDouble everyDays, long seed) {
        return histories.of(
                Pots.peaceLily(),
                new MadeUpHistory.Manner(thirst, everyDays, 8, OptionalDouble.of(16), 0.7, WaterSource.RAIN),
                day -> Pots.ROOM,
                day -> day.getMonthValue() >= 3 && day.getMonthValue() < 12,
                TODAY.minusYears(1),
                TODAY,
                new Random(seed));
    }

    private static long waterings(List<Logged> log) {
        return log.stream()
                .filter(logged -> logged.entry() instanceof LogEntry.Watered)
                .count();
    }

    @Test
    void theSameSeedTellsTheSameStory() {
        assertThat(year(1, OptionalDouble.empty(), 7)).isEqualTo(year(1, OptionalDouble.empty(), 7));
        assertThat(year(1, OptionalDouble.empty(), 7)).isNotEqualTo(year(1, OptionalDouble.empty(), 8));
    }

    @Test
    void aThirstierPlantIsWateredOftener_andNoneIsFedInWinter() {
        assertThat(waterings(year(1.6, OptionalDouble.empty(), 1)))
                .isGreaterThan((long) (1.25 * waterings(year(1, OptionalDouble.empty(), 1))));
        assertThat(year(1, OptionalDouble.empty(), 1))
                .filteredOn(logged -> logged.entry() instanceof LogEntry.Fed)
                .isNotEmpty()
                .noneMatch(logged -> logged.day().getMonthValue() < 3);
    }

    @Test
    void whatThePlantDrinksIsLearnedFromItsKeepersLog() {
        for (double thirst : new double[] {0.6, 1, 1.7}) {
            WaterOutlook outlook = new WaterBalance(Pots.WATER)
                    .estimate(
                            List.of(PotOn.always(Pots.peaceLily())),
                            year(thirst, OptionalDouble.empty(), 3),
                            day -> Pots.ROOM,
                            TODAY)
                    .outlook();
            PotWater pot = Pots.WATER.pot(Pots.peaceLily());
            double truth = pot.daysToDry(
                    pot.full(),
                    Pots.ROOM,
                    thirst * Math.exp(Pots.WATER.usualLogThirst(Pots.peaceLily().profile())));
            assertThat(outlook.cycleDays()).isCloseTo(truth, within(0.15 * truth));
            assertThat(outlook.thirst()).isCloseTo(thirst, within(0.4 * thirst));
        }
    }

    @Test
    void wateringByTheCalendarShowsAsTooEarly() {
        WaterOutlook outlook = new WaterBalance(Pots.WATER)
                .estimate(
                        List.of(PotOn.always(Pots.peaceLily())),
                        year(0.6, OptionalDouble.of(3), 3),
                        day -> Pots.ROOM,
                        TODAY)
                .outlook();
        assertThat(outlook.earlyShare().orElseThrow()).isGreaterThan(0.8);
    }
}

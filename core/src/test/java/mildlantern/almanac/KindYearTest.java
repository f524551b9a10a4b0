package mildlantern.almanac;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.Month;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mildlantern.light.Sun;
import mildlantern.nutrition.FeedPlan;
import mildlantern.plant.Dryness;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.round.RoundPlanner;
import mildlantern.season.PlantYears;
import mildlantern.season.YearKnowledge;
import mildlantern.season.YearStep;
import mildlantern.water.WaterKnowledge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A year of every kind where it stands well, at 45° north and 34° south. */
class KindYearTest {
    private static final int YEAR = 2026;
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final YearKnowledge YEARS = YearKnowledge.load(PLANTS);
    private static final KindYear KIND_YEAR = new KindYear(
            PLANTS,
            new PlantYears(YEARS),
            WaterKnowledge.load(PLANTS),
            FeedPlan.load(),
            Sun.load(),
            RoundPlanner.load().feedDays());

    static Stream<Arguments> kindsAndLatitudes() {
        return PLANTS.profiles().stream()
                .flatMap(kind -> Stream.of(Arguments.of(kind.id(), 45.0), Arguments.of(kind.id(), -34.0)));
    }

    @ParameterizedTest(name = "{0} at {1}")
    @MethodSource("kindsAndLatitudes")
    void noDayAsksForWhatItsPhaseForbids(String id, double latitude) {
        Profile kind = PLANTS.profile(id).orElseThrow();
        List<KindYear.Day> days = KIND_YEAR.days(kind, latitude, YEAR);
        assertThat(days).hasSize(365);
        assertThat(days)
                .filteredOn(day -> day.wants().phase().rests())
                .as("nothing is fed in rest")
                .noneMatch(KindYear.Day::fed);
        assertThat(days)
                .filteredOn(day -> day.wants().phase() == Phase.DRY_REST)
                .as("what rests dry is not watered by its pot")
                .allMatch(day -> day.wants().daysBetween().isPresent());
        long flips = IntStream.range(1, days.size())
                .filter(i ->
                        days.get(i).wants().phase() != days.get(i - 1).wants().phase())
                .count();
        assertThat(flips).as("a year has a handful of turns").isLessThanOrEqualTo(6);
        assertThat(days).filteredOn(KindYear.Day::watered).as("it is watered").hasSizeGreaterThan(5);
        assertThat(days)
                .filteredOn(day -> day.wants().phase().grows())
                .as("it grows in some part of the year")
                .hasSizeGreaterThan(90);
        if (YEARS.of(kind).rest().filter(rest -> !rest.growsOn()).isPresent()) {
            assertThat(days)
                    .filteredOn(day -> day.wants().phase().rests())
                    .as("it rests for weeks")
                    .hasSizeBetween(25, 220);
            assertThat(KIND_YEAR.months(kind, latitude, YEAR).values())
                    .flatExtracting(month -> List.copyOf(month.steps()))
                    .contains(YearStep.What.REST_BEGINS);
        }
    }

    @ParameterizedTest
    @CsvSource({"sarracenia, 45, DECEMBER, JUNE", "sarracenia, -34, JUNE, DECEMBER", "cactus, 45, DECEMBER, JUNE"})
    void winterIsWhereTheSunSaysSo(String id, double latitude, Month rests, Month grows) {
        Map<Month, KindYear.InMonth> months =
                KIND_YEAR.months(PLANTS.profile(id).orElseThrow(), latitude, YEAR);
        assertThat(months).hasSize(12);
        assertThat(in(months, rests).phases()).allMatch(Phase::rests);
        assertThat(in(months, grows).phases()).containsExactly(Phase.GROWING);
        assertThat(in(months, rests).feeds()).isZero();
        assertThat(in(months, grows).waterings())
                .isGreaterThanOrEqualTo(in(months, rests).waterings());
    }

    private static KindYear.InMonth in(Map<Month, KindYear.InMonth> months, Month month) {
        return Objects.requireNonNull(months.get(month));
    }

    @Test
    void aPitcherThatHadItsColdSleepsOnWhileItIsStillColdAndDark() {
        Map<Month, KindYear.InMonth> months =
                KIND_YEAR.months(PLANTS.profile("sarracenia").orElseThrow(), 45, YEAR);
        assertThat(in(months, Month.JANUARY).phases()).containsExactly(Phase.COOL_REST);
        assertThat(in(months, Month.MARCH).phases()).contains(Phase.GROWING);
    }

    @Test
    void foliageIsWateredAllYear_lessInWinter() {
        Profile fern = PLANTS.profile("boston-fern").orElseThrow();
        assertThat(fern.dryness()).isEqualTo(Dryness.EVENLY_MOIST);
        Map<Month, KindYear.InMonth> months = KIND_YEAR.months(fern, 45, YEAR);
        assertThat(in(months, Month.JULY).waterings())
                .isGreaterThan(in(months, Month.DECEMBER).waterings());
        assertThat(in(months, Month.DECEMBER).waterings()).isGreaterThan(2);
    }

    @Test
    void theCommandPrintsAYearOfAKind_andSaysWhatItCannot() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        PrintStream to = new PrintStream(out, true, StandardCharsets.UTF_8);
        PrintStream wrong = new PrintStream(err, true, StandardCharsets.UTF_8);
        assertThat(YearsCommand.run(List.of("-34", "cactus"), to, wrong)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8))
                .contains("cactus (cactus)", "Jan  growing", "dry rest", "rest begins")
                .hasLineCount(13);
        assertThat(YearsCommand.run(List.of("90"), to, wrong)).isEqualTo(2);
        assertThat(YearsCommand.run(List.of("45", "triffid"), to, wrong)).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("usage", "no kind triffid");
    }
}

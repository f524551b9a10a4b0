package mildlantern.almanac;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import mildlantern.knowledge.Words;
import mildlantern.light.Sun;
import mildlantern.plant.Dryness;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.quantity.Range;
import mildlantern.season.Conditions;
import mildlantern.season.PlantYears;
import mildlantern.season.YearKnowledge;
import mildlantern.water.Climate;
import mildlantern.water.LeafClass;
import mildlantern.water.PotOfPlant;
import mildlantern.water.PotOn;
import mildlantern.water.WaterBalance;
import mildlantern.water.WaterKnowledge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the product says of each kind unlearned lies within what its growers say: five facts of each. */
class KindsOfPracticeTest {
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final YearKnowledge YEARS = YearKnowledge.load(PLANTS);
    private static final WaterKnowledge WATER = WaterKnowledge.load(PLANTS);
    private static final LocalDate JANUARY = LocalDate.of(2027, 1, 15);
    private static final Pattern RANGE = Pattern.compile("(-?[0-9.]+)-(-?[0-9.]+)");

    static Stream<Arguments> practice() throws IOException {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                Objects.requireNonNull(
                        KindsOfPracticeTest.class.getResourceAsStream("/mildlantern/kinds/practice.csv")),
                StandardCharsets.UTF_8))) {
            return lines
                    .lines()
                    .filter(line -> !line.startsWith("#") && !line.startsWith("kind,"))
                    .map(line -> line.split(", *"))
                    .map(cells -> Arguments.of((Object[]) cells))
                    .toList()
                    .stream();
        }
    }

    private static Range range(String text) {
        Matcher ends = RANGE.matcher(text);
        assertThat(ends.matches()).as(text).isTrue();
        return new Range(Double.parseDouble(ends.group(1)), Double.parseDouble(ends.group(2)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("practice")
    void aKindIsAsItsGrowersSay(String id, String days, String hold, String feed, String night, String january) {
        Profile kind = PLANTS.profile(id).orElseThrow();
        assertThat(days(kind))
                .as("days between waterings")
                .isBetween(range(days).low(), range(days).high());
        assertThat(YEARS.of(kind).hold())
                .as("light that holds it")
                .isBetween(range(hold).low(), range(hold).high());
        assertThat(kind.feedMgN().low())
                .as("feed")
                .isGreaterThanOrEqualTo(range(feed).low());
        assertThat(kind.feedMgN().high())
                .as("feed")
                .isLessThanOrEqualTo(range(feed).high());
        assertThat(kind.night().celsius())
                .as("coldest night")
                .isBetween(range(night).low(), range(night).high());
        Phase phase = new PlantYears(YEARS)
                .of(kind, Sun.load().year(51), Conditions.UNKNOWN, List.of(), JANUARY)
                .phase();
        assertThat(Arrays.asList(january.split(" "))).as("January").contains(Words.id(phase));
    }

    private static double days(Profile kind) {
        PotKind wall = kind.usualPot();
        PotOfPlant pot = new PotOfPlant(
                kind,
                wall,
                wall == PotKind.TRAY ? 20 : wall == PotKind.MOUNT ? 11 : 13,
                OptionalDouble.empty(),
                PLANTS.medium(kind.usualMedium()).orElseThrow(),
                LeafClass.USUAL,
                0);
        // A room as they are: what it wants by day, or the nearest that a room is; half moist where it does not want it
        // drier.
        WaterKnowledge.AirRead air = new WaterKnowledge.AirRead(
                OptionalDouble.of(Math.max(16, Math.min(24, kind.day().middle()))),
                OptionalDouble.empty(),
                OptionalDouble.of(Math.max(50, kind.humidity().low())),
                OptionalDouble.of(kind.dailyLight().middle()));
        Climate climate = kind.dryness() == Dryness.BOG ? outdoorsInSummer(kind) : WATER.climate(air, kind.light(), 1);
        return new WaterBalance(WATER)
                .estimate(List.of(PotOn.always(pot)), List.of(), day -> climate, JANUARY)
                .outlook()
                .expectedDays();
    }

    /** What stands in a tray is spoken of as it stands in summer: warm, in the sun and in moving air. */
    private static Climate outdoorsInSummer(Profile kind) {
        return WATER.climate(
                        new WaterKnowledge.AirRead(
                                OptionalDouble.of(25),
                                OptionalDouble.empty(),
                                OptionalDouble.of(45),
                                OptionalDouble.of(kind.dailyLight().high())),
                        kind.light(),
                        1)
                .in(new Climate.Outdoors(0, 1.5));
    }

    @Test
    void everyKindWithABroaderOneIsToldApartFromIt() {
        PLANTS.profiles().stream().filter(kind -> kind.kin().size() > 1).forEach(kind -> {
            Profile broad = PLANTS.profile(kind.broad()).orElseThrow();
            assertThat(List.of(kind.dailyLight(), kind.day(), kind.night(), kind.wateringDays(), kind.feedMgN()))
                    .as(kind.id())
                    .isNotEqualTo(List.of(
                            broad.dailyLight(), broad.day(), broad.night(), broad.wateringDays(), broad.feedMgN()));
        });
    }
}

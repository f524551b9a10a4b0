package mildlantern.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import mildlantern.light.Sun;
import mildlantern.plant.Phase;
import mildlantern.plant.Profile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where a plant rests best, and when it comes in. */
class YearStepTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 10, 20);

    private static RestPlaces.Place<String> place(String name, double light, double day, double night) {
        return new RestPlaces.Place<>(name, OptionalDouble.of(light), OptionalDouble.of(day), OptionalDouble.of(night));
    }

    private static final List<RestPlaces.Place<String>> HOUSE = List.of(
            place("south sill", 9, 22, 17),
            place("chart room", 7, 15, 11),
            place("gallery", 4, 9, 4),
            place("cellar", 0.1, 9, 6),
            new RestPlaces.Place<>(
                    "nobody knows", OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty()));

    @ParameterizedTest
    @CsvSource({
        "dendrobium-nobile, COOL_REST, chart room",
        "sarracenia, COOL_REST, gallery",
        "cactus, DRY_REST, chart room",
        "winter-jasmine, COOL_REST, gallery",
        "temperate-bonsai, COOL_REST, gallery",
        "tropical-hibiscus, COOL_REST, chart room",
        "phalaenopsis, SLOW, south sill"
    })
    void eachRestsWhereItsNightsAreRightAndItIsNotDark(String kind, Phase phase, String best) {
        assertThat(Years.KNOWLEDGE.suiting(Years.wants(kind, phase), HOUSE).stream()
                        .findFirst()
                        .orElseThrow()
                        .id())
                .isEqualTo(best);
    }

    @Test
    void whereNoPlaceIsCoolEnoughNoneIsNamed() {
        assertThat(Years.KNOWLEDGE.suiting(Years.wants("sarracenia", Phase.COOL_REST), HOUSE.subList(0, 1)))
                .isEmpty();
    }

    private static List<Outing.Night> nights(double... coldest) {
        return IntStream.range(0, coldest.length)
                .mapToObj(i -> new Outing.Night(TODAY.plusDays(i), coldest[i]))
                .toList();
    }

    /** The hibiscus wants 11 degrees; the pitcher bears frost at rest. */
    @Test
    void itComesInTwoNightsBeforeTheFirstThatIsTooCold() {
        assertThat(Years.KNOWLEDGE.bringIn(
                        Years.wants("tropical-hibiscus", Phase.GROWING), nights(14, 13, 12, 12, 9), TODAY))
                .contains(TODAY.plusDays(2));
        assertThat(Years.KNOWLEDGE.bringIn(Years.wants("tropical-hibiscus", Phase.GROWING), nights(14, 8), TODAY))
                .contains(TODAY);
        assertThat(Years.KNOWLEDGE.bringIn(Years.wants("sarracenia", Phase.COOL_REST), nights(6, 1, -1), TODAY))
                .isEmpty();
    }

    @Test
    void itGoesOutWhenItGrowsAndNightsAreSafe() {
        assertThat(Years.KNOWLEDGE.mayGoOut(Years.wants("tropical-hibiscus", Phase.GROWING), nights(14, 15, 16)))
                .isTrue();
        assertThat(Years.KNOWLEDGE.mayGoOut(Years.wants("tropical-hibiscus", Phase.GROWING), nights(14, 12, 16)))
                .isFalse();
        assertThat(Years.KNOWLEDGE.mayGoOut(Years.wants("tropical-hibiscus", Phase.COOL_REST), nights(20)))
                .isFalse();
        assertThat(Years.KNOWLEDGE.mayGoOut(Years.wants("tropical-hibiscus", Phase.GROWING), List.of()))
                .isFalse();
    }

    /** The step of a turn stands before it, on its day and for some weeks after it; then it is past. */
    @Test
    void aStepStaysAskedWhenItsDayHasCome() {
        PlantYears years = new PlantYears(Years.KNOWLEDGE);
        Sun.Year sun = Sun.load().year(51);
        Profile kind = Years.PLANTS.profile("sarracenia").orElseThrow();
        LocalDate turn = years.of(kind, sun, Conditions.UNKNOWN, List.of(), LocalDate.of(2026, 9, 1))
                .next()
                .orElseThrow()
                .from();
        for (int days : new int[] {-10, 0, 5, 20, 30}) {
            PlantYear year = years.of(kind, sun, Conditions.UNKNOWN, List.of(), turn.plusDays(days));
            assertThat(Years.KNOWLEDGE.steps(year).contains(new YearStep(YearStep.What.REST_BEGINS, turn)))
                    .as("%s days after", days)
                    .isEqualTo(days < 30);
        }
    }
}

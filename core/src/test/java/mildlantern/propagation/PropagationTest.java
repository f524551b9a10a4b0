package mildlantern.propagation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Function;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.quantity.Range;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** By which ways kinds are multiplied and by which not, and on which days. */
class PropagationTest {
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final Propagation NEW_PLANTS = Propagation.load(PLANTS);
    private static final LocalDate DAY = LocalDate.parse("2026-05-01");

    private static Profile kind(String id) {
        return PLANTS.profile(id).orElseThrow();
    }

    private static Recipe recipe(String kind, Way way) {
        return NEW_PLANTS.recipe(kind(kind), way).orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "phalaenopsis, PLANTLET, LEAF_CUTTING",
        "cattleya, DIVISION, LEAF_CUTTING",
        "tank-bromeliad, OFFSET, LEAF_CUTTING",
        "tillandsia, OFFSET, SEED",
        "succulent-rosette, BEHEAD, IN_WATER",
        "cactus, BEHEAD, LEAF_CUTTING",
        "jade-plant, STEM_CUTTING, IN_WATER",
        "african-violet, LEAF_CUTTING, TIP_CUTTING",
        "monstera, STEM_CUTTING, LEAF_CUTTING",
        "pothos, IN_WATER, LEAF_CUTTING",
        "spider-plant, PLANTLET, LEAF_CUTTING",
        "boston-fern, DIVISION, LEAF_CUTTING",
        "snake-plant, DIVISION, TIP_CUTTING",
        "zz-plant, LEAF_CUTTING, TIP_CUTTING",
        "sarracenia, DIVISION, LEAF_CUTTING",
        "nepenthes, STEM_CUTTING, DIVISION",
        "dionaea, DIVISION, IN_WATER",
        "temperate-bonsai, AIR_LAYER, LEAF_CUTTING",
        "weeping-fig, TIP_CUTTING, DIVISION"
    })
    void whatWorksAndWhatDoesNot(String kind, Way works, Way not) {
        assertThat(NEW_PLANTS.ways(kind(kind))).extracting(Recipe::way).contains(works);
        assertThat(NEW_PLANTS.not(kind(kind))).contains(not);
        assertThat(NEW_PLANTS.recipe(kind(kind), not)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"0.5, 2, 4", "1, 4, 7", "2, 7, 12", "4, 7, 12", "8, 14, 28"})
    void theThickerTheStemTheLongerItDries(double stem, double low, double high) {
        assertThat(NEW_PLANTS.callusDays(stem)).isEqualTo(new Range(low, high));
    }

    @Test
    void aStemThatCannotBeIsRefused() {
        assertThatThrownBy(() -> NEW_PLANTS.callusDays(0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> NEW_PLANTS.callusDays(200)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aBeheadedSucculentDriesTwelveDays_isSetDry_wateredAWeekLater_lookedAtAndPotted() {
        List<Step> steps = NEW_PLANTS.steps(recipe("succulent-rosette", Way.BEHEAD), 2.5, DAY);
        assertThat(steps)
                .containsExactly(
                        new Step(Step.What.MAKE, DAY),
                        new Step(Step.What.SET, DAY.plusDays(12)),
                        new Step(Step.What.WATER, DAY.plusDays(19)),
                        new Step(Step.What.ROOTS, DAY.plusDays(12 + 14)),
                        new Step(Step.What.POT, DAY.plusDays(12 + 42)));
    }

    @Test
    void aCuttingUnderACoverIsLookedAtBeforeTheCoverComesOff() {
        List<Step> steps = NEW_PLANTS.steps(recipe("monstera", Way.STEM_CUTTING), 1, DAY);
        assertThat(steps)
                .extracting(Step::what)
                .containsExactly(Step.What.MAKE, Step.What.ROOTS, Step.What.UNCOVER, Step.What.POT);
    }

    @Test
    void stepsOfEveryKindAndWayComeInOrder_andNothingIsPottedBeforeItMayHaveRoots() {
        for (Profile kind : PLANTS.profiles()) {
            assertThat(NEW_PLANTS.ways(kind)).as(kind.id()).isNotEmpty();
            for (Recipe recipe : NEW_PLANTS.ways(kind)) {
                List<Step> steps = NEW_PLANTS.steps(recipe, 1.2, DAY);
                assertThat(steps).extracting(Step::day).isSorted();
                LocalDate roots = steps.stream()
                        .filter(step -> step.what() == Step.What.ROOTS)
                        .findFirst()
                        .orElseThrow()
                        .day();
                assertThat(steps)
                        .filteredOn(step -> step.what() == Step.What.POT)
                        .allSatisfy(step -> assertThat(step.day()).isAfterOrEqualTo(roots));
            }
        }
    }

    @Test
    void outOfSeasonTheFirstGoodDayIsNamed() {
        Season[] quarters = {Season.WINTER, Season.SPRING, Season.SUMMER, Season.AUTUMN};
        Function<LocalDate, Season> north = day -> quarters[day.getMonthValue() % 12 / 3];
        assertThat(NEW_PLANTS.best(recipe("monstera", Way.STEM_CUTTING), LocalDate.parse("2026-11-28"), north))
                .isEqualTo(LocalDate.parse("2027-03-01"));
        assertThat(NEW_PLANTS.best(recipe("monstera", Way.IN_WATER), LocalDate.parse("2026-11-28"), north))
                .isEqualTo(LocalDate.parse("2026-11-28"));
    }

    @Test
    void ownSuccessIsWeighedAgainstTheBook() {
        Recipe violet = recipe("african-violet", Way.LEAF_CUTTING);
        assertThat(NEW_PLANTS.expected(violet, 0, 0)).isEqualTo(0.8);
        // (0.8 · 4 + 1) / (4 + 1 + 5) = 0.42
        assertThat(NEW_PLANTS.expected(violet, 1, 5)).isCloseTo(0.42, within(1e-9));
        assertThat(NEW_PLANTS.expected(violet, 40, 0)).isGreaterThan(0.97);
    }
}

package mildlantern.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Rate;
import mildlantern.pest.Pests;
import mildlantern.plant.PlantKnowledge;
import mildlantern.treatment.Course.Phase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A course fits the plant, its place and the grower's way, and is as long as the pest's clock asks. */
class CourseComposerTest {
    private static final TreatmentKnowledge KNOWLEDGE = TreatmentKnowledge.load(Pests.load());
    private static final CourseComposer COMPOSER = new CourseComposer(KNOWLEDGE);
    private static final PlantKnowledge PLANTS = PlantKnowledge.load();
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    private static CourseRequest request(String disorder, String kind, Style style, double celsius) {
        return request(disorder, kind, style, celsius, false, List.of(), List.of());
    }

    private static CourseRequest request(
            String disorder,
            String kind,
            Style style,
            double celsius,
            boolean severe,
            List<Situation.Use> uses,
            List<Label> labels) {
        return new CourseRequest(
                new DisorderId(disorder),
                new Situation(
                        PLANTS.profile(kind).orElseThrow(),
                        false,
                        false,
                        celsius,
                        OptionalDouble.of(65),
                        false,
                        Set.of(),
                        uses),
                style,
                DAY,
                severe,
                OptionalDouble.empty(),
                CourseComposer.USUAL_COVERAGE,
                labels);
    }

    private static List<LocalDate> days(Course course, String means) {
        return course.steps().stream()
                .filter(step -> step.means().equals(Optional.of(means)))
                .filter(step -> step.phase() == Phase.ACT || step.phase() == Phase.REPEAT)
                .map(Course.Step::on)
                .toList();
    }

    private static List<CourseComposer.Done> done(Course course, int count) {
        List<CourseComposer.Done> done = new ArrayList<>();
        course.steps().stream()
                .filter(step -> step.means().isPresent())
                .filter(step -> step.phase() != Phase.TEST)
                .limit(count)
                .forEach(step -> done.add(new CourseComposer.Done(step.means().get(), step.on())));
        return done;
    }

    @Test
    void mitesAreWashedAndSoapedUntilTheClockSaysTheyAreGone() {
        Course course = COMPOSER.compose(request("spider-mites", "monstera", Style.WASH, 21));
        assertThat(course.steps())
                .extracting(Course.Step::phase)
                .startsWith(Phase.ISOLATE, Phase.CLEAN, Phase.TEST, Phase.ACT);
        assertThat(course.forecast().orElseThrow().ends()).isTrue();
        assertThat(course.forecast().orElseThrow().riskOfOne())
                .as("one spray never ends it")
                .isGreaterThan(0.9);
        assertThat(course.forecast().orElseThrow().riskSlow())
                .as("too far apart")
                .isGreaterThan(0.5);
        List<LocalDate> sprays = days(course, "soap");
        assertThat(sprays).hasSizeGreaterThan(3);
        for (int i = 1; i < sprays.size(); i++) {
            assertThat(sprays.get(i - 1).plusDays(4)).isBeforeOrEqualTo(sprays.get(i));
            assertThat(sprays.get(i - 1).plusDays(7)).isAfterOrEqualTo(sprays.get(i));
        }
        assertThat(course.lookAgain()).isAfter(sprays.get(sprays.size() - 1));
        assertThat(course.steps().get(course.steps().size() - 1).phase()).isEqualTo(Phase.RELEASE);
    }

    @Test
    void thePlanDiffersByWarmth() {
        Course cool = COMPOSER.compose(request("spider-mites", "monstera", Style.WASH, 18));
        Course warm = COMPOSER.compose(request("spider-mites", "monstera", Style.WASH, 25));
        assertThat(warm.forecast().orElseThrow().doublingDays().orElseThrow())
                .isLessThan(0.7 * cool.forecast().orElseThrow().doublingDays().orElseThrow());
        boolean moreUses = warm.forecast().orElseThrow().applications()
                > cool.forecast().orElseThrow().applications();
        boolean shorter = warm.choice().intervalDays() < cool.choice().intervalDays();
        assertThat(moreUses || shorter || !warm.forecast().orElseThrow().ends()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(Style.class)
    void everyStyleGoesItsOwnWay(Style style) {
        Course course = COMPOSER.compose(request("mealybugs", "monstera", style, 22));
        String main = course.choice().uses().get(0);
        assertThat(KNOWLEDGE.find(main).orElseThrow().styles()).contains(style);
        assertThat(course.weighed())
                .filteredOn(Course.Weighed::chosen)
                .extracting(Course.Weighed::means)
                .contains(main);
        assertThat(course.weighed()).allSatisfy(one -> assertThat(one.why()).endsWith("."));
    }

    @Test
    void livingControlsComeFirstWhereTheAirSuitsThem() {
        assertThat(COMPOSER.compose(request("spider-mites", "monstera", Style.LIVING, 22))
                        .choice()
                        .uses())
                .contains("predatory-mites");
    }

    @Test
    void systemicComesFirstOnlyInItsStyleAndNeverOnTraps() {
        assertThat(COMPOSER.compose(request("scale-insects", "monstera", Style.SYSTEMIC, 22))
                        .choice()
                        .uses())
                .startsWith("systemic-insecticide");
        Course trap = COMPOSER.compose(request("mealybugs", "nepenthes", Style.SYSTEMIC, 22));
        assertThat(trap.choice().uses()).doesNotContain("systemic-insecticide");
        assertThat(trap.weighed())
                .filteredOn(one -> one.means().equals("systemic-insecticide"))
                .singleElement()
                .satisfies(one -> assertThat(one.why()).contains("harms carnivorous plants"));
    }

    @Test
    void aProductThatHadItsUsesMakesWayForAnotherGroup() {
        Course course = COMPOSER.compose(request("flat-mites", "monstera", Style.SYSTEMIC, 21));
        assertThat(days(course, "miticide")).hasSizeLessThanOrEqualTo(2);
        assertThat(course.steps().stream()
                        .filter(step -> step.phase() == Phase.REPEAT || step.phase() == Phase.ACT)
                        .map(Course.Step::on))
                .as("never two products on a day")
                .doesNotHaveDuplicates();
    }

    @Test
    void severeLeafSpotIsSystemicFirstAndContactTwoWeeksLater() {
        Course course = COMPOSER.compose(
                request("cercospora-leaf-spot", "monstera", Style.WASH, 21, true, List.of(), List.of()));
        assertThat(days(course, "systemic-fungicide").get(0)).isEqualTo(DAY.plusDays(1));
        assertThat(days(course, "contact-fungicide").get(0)).isEqualTo(DAY.plusDays(15));
        List<String> groups = course.steps().stream()
                .filter(step -> step.phase() == Phase.ACT || step.phase() == Phase.REPEAT)
                .flatMap(step -> step.means().flatMap(KNOWLEDGE::find).flatMap(Means::group).stream())
                .toList();
        for (int i = 1; i < groups.size(); i++) {
            assertThat(groups.get(i)).as("groups alternate").isNotEqualTo(groups.get(i - 1));
        }
    }

    @Test
    void copperIsLeftOutOnAMothOrchid() {
        Course course = COMPOSER.compose(request("cercospora-leaf-spot", "phalaenopsis", Style.WASH, 21));
        assertThat(days(course, "copper")).isEmpty();
        assertThat(course.weighed()).anySatisfy(one -> {
            assertThat(one.means()).isEqualTo("copper");
            assertThat(one.why()).contains("thin-leaved orchids");
        });
    }

    @Test
    void bacterialRotIsCutToday() {
        Course course = COMPOSER.compose(request("bacterial-soft-rot", "phalaenopsis", Style.LIVING, 21));
        assertThat(course.steps())
                .filteredOn(step -> step.means().equals(Optional.of("cut-to-sound")))
                .singleElement()
                .satisfies(step -> assertThat(step.on()).isEqualTo(DAY));
        assertThat(course.lookAgain()).isEqualTo(DAY.plusDays(1));
    }

    @Test
    void nothingCuresAVirus() {
        Course course = COMPOSER.compose(request("virus", "cymbidium", Style.SYSTEMIC, 21));
        assertThat(course.noCure())
                .hasValueSatisfying(words -> assertThat(words).contains("Nothing cures"));
        assertThat(course.steps()).noneMatch(step -> step.phase() == Phase.ACT || step.phase() == Phase.RELEASE);
    }

    @Test
    void theLabelOfOnesOwnProductRules() {
        Label label = new Label(
                "Grower's soap",
                "soap",
                "potassium salts",
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Rate(10, Measure.MILLILITRE, Carrier.LITRE)),
                OptionalInt.of(6),
                OptionalInt.of(12),
                Set.of(),
                Optional.of(true));
        Course course =
                COMPOSER.compose(request("aphids", "monstera", Style.WASH, 16, false, List.of(), List.of(label)));
        assertThat(course.choice().intervalDays()).isGreaterThanOrEqualTo(6);
        assertThat(course.steps()).anySatisfy(step -> assertThat(step.what()).contains("10 mL per L"));
    }

    @Test
    void aMissedStepCostsMoreUsesOrDays() {
        CourseRequest request = request("spider-mites", "monstera", Style.WASH, 21);
        Course course = COMPOSER.compose(request);
        List<LocalDate> sprays = days(course, "soap");
        LocalDate late = sprays.get(1).plusDays(8);
        Course anew = COMPOSER.replan(request, course, done(course, 2), late);
        assertThat(anew.steps()).allSatisfy(step -> assertThat(step.on()).isAfterOrEqualTo(late));
        assertThat(days(anew, "soap").get(0)).isEqualTo(late);
        assertThat(days(anew, "soap").get(days(anew, "soap").size() - 1)).isAfter(sprays.get(sprays.size() - 1));
        assertThat(anew.cost().orElseThrow()).contains("later").contains("Chance that any is left");
    }

    @Test
    void doneOnItsDayNothingMoves() {
        CourseRequest request = request("spider-mites", "monstera", Style.WASH, 21);
        Course course = COMPOSER.compose(request);
        List<LocalDate> sprays = days(course, "soap");
        Course anew = COMPOSER.replan(request, course, done(course, 3), sprays.get(1));
        assertThat(days(anew, "soap").get(0)).isEqualTo(sprays.get(2));
        assertThat(days(anew, "soap")).hasSize(sprays.size() - 2);
        assertThat(anew.cost().orElseThrow()).startsWith("It costs no further use. ");
    }

    @Test
    void aLateStepOfADiseaseCourseMovesWhatFollows() {
        CourseRequest request = request("cercospora-leaf-spot", "monstera", Style.WASH, 21, true, List.of(), List.of());
        Course course = COMPOSER.compose(request);
        Course anew = COMPOSER.replan(
                request, course, List.of(new CourseComposer.Done("take-off-leaves", DAY)), DAY.plusDays(4));
        assertThat(days(anew, "systemic-fungicide").get(0)).isEqualTo(DAY.plusDays(4));
        assertThat(days(anew, "contact-fungicide").get(0)).isEqualTo(DAY.plusDays(18));
        assertThat(anew.cost().orElseThrow()).contains("3 days");
    }

    @ParameterizedTest
    @CsvSource({"thrips, 22", "whitefly, 22", "fungus-gnats, 20", "scale-insects, 21", "aphids, 20", "leaf-miner, 20"})
    void whatIsOutOfReachIsSaid(String pest, double celsius) {
        Course course = COMPOSER.compose(request(pest, "monstera", Style.WASH, celsius));
        assertThat(course.forecast().orElseThrow().risk()).isBetween(0.0, 1.0);
        assertThat(course.steps()).extracting(Course.Step::on).isSorted();
        if (!course.forecast().orElseThrow().ends()) {
            assertThat(course.weighed().get(0).why()).contains("does not end it");
        }
    }
}

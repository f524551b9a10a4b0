package mildlantern.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import mildlantern.knowledge.DisorderId;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Rate;
import mildlantern.pest.Aim;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Pests;
import mildlantern.plant.PlantKnowledge;
import mildlantern.quarantine.Quarantine;
import mildlantern.treatment.Course.Phase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A course fits the plant, its place and the grower's way, and is as long as the pest's clock asks. */
class CourseComposerTest {
    private static final TreatmentKnowledge KNOWLEDGE = TreatmentKnowledge.load(Pests.load());
    private static final CourseComposer COMPOSER = new CourseComposer(KNOWLEDGE, Quarantine.load(Pests.load()));
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
                        Set.of(),
                        celsius,
                        celsius,
                        celsius,
                        OptionalDouble.of(65),
                        OptionalInt.empty(),
                        Set.of(),
                        uses),
                style,
                Aim.CONTROL,
                DAY,
                severe,
                OptionalDouble.empty(),
                CourseComposer.USUAL_COVERAGE,
                labels,
                HouseFigures.NONE,
                List.of());
    }

    private static CourseRequest with(CourseRequest request, Aim aim, HouseFigures figures, List<String> failed) {
        return new CourseRequest(
                request.disorder(),
                request.situation(),
                request.style(),
                aim,
                request.from(),
                request.severe(),
                request.counted(),
                request.coverage(),
                request.labels(),
                figures,
                failed);
    }

    private static List<String> used(Course course) {
        return course.steps().stream()
                .filter(step -> step.phase() == Phase.ACT || step.phase() == Phase.REPEAT)
                .flatMap(step -> step.means().stream())
                .toList();
    }

    /** Pests that are fought in each of the ways that there are. */
    private static List<LifeTable> usual() {
        return Stream.of(
                        "spider-mites",
                        "thrips",
                        "mealybugs",
                        "root-mealybugs",
                        "armoured-scale",
                        "aphids",
                        "fungus-gnats")
                .map(id -> KNOWLEDGE.pests().find(new DisorderId(id)).orElseThrow())
                .toList();
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
    void mitesAreUnderControlAfterFourOrFiveSoaps_eachAfterAWash() {
        Course course = COMPOSER.compose(request("spider-mites", "monstera", Style.WASH, 21));
        assertThat(course.steps())
                .extracting(Course.Step::phase)
                .startsWith(Phase.ISOLATE, Phase.CLEAN, Phase.TEST, Phase.ACT);
        assertThat(used(course)).containsOnly("soap").hasSizeBetween(4, 5);
        assertThat(course.steps())
                .filteredOn(step -> step.phase() == Phase.REPEAT)
                .allSatisfy(step -> assertThat(step.wash()).contains("water-spray"));
        Course.Forecast forecast = course.forecast().orElseThrow();
        assertThat(forecast.reached()).isTrue();
        assertThat(forecast.fewer()).isGreaterThan(0.95);
        assertThat(forecast.leftOfOne()).as("one spray never ends it").isGreaterThan(0.05);
    }

    @Test
    void itStopsByLooking_twoCleanLooksAHatchApart_andEndsByRebound() {
        Course course = COMPOSER.compose(request("spider-mites", "monstera", Style.WASH, 21));
        LocalDate last = course.lastUse().orElseThrow();
        List<Course.Step> looks = course.steps().stream()
                .filter(step -> step.phase() == Phase.LOOK && step.on().isAfter(last))
                .toList();
        assertThat(looks)
                .extracting(step -> step.look().orElseThrow())
                .containsExactly(Course.LookFor.NONE, Course.LookFor.STILL_NONE);
        double hatch = KNOWLEDGE
                        .pests()
                        .find(new DisorderId("spider-mites"))
                        .orElseThrow()
                        .stages()
                        .get(0)
                        .degreeDays()
                / 9;
        assertThat(ChronoUnit.DAYS.between(looks.get(0).on(), looks.get(1).on()))
                .isGreaterThanOrEqualTo((long) hatch);
        Course.Step release = course.steps().get(course.steps().size() - 1);
        assertThat(release.phase()).isEqualTo(Phase.RELEASE);
        assertThat(release.on())
                .isEqualTo(Quarantine.load(Pests.load())
                        .clock(last, Optional.of(course.disorder()), 21, true)
                        .until()
                        .orElseThrow());
    }

    @ParameterizedTest
    @CsvSource({"tropical-bonsai, 27", "tropical-bonsai, 21", "monstera, 27", "temperate-bonsai, 24"})
    void noCourseIsADrudgeryNobodyDoes(String kind, double celsius) {
        for (Style style : Style.values()) {
            Course course = COMPOSER.compose(request("spider-mites", kind, style, celsius));
            assertThat(used(course)).hasSizeLessThanOrEqualTo(12);
            if (kind.endsWith("bonsai")) {
                assertThat(used(course)).doesNotContain("wiping");
            }
        }
    }

    @ParameterizedTest
    @EnumSource(Style.class)
    void scaleOnACattleyaIsNeverEndedByOneSystemic(Style style) {
        for (String pest : List.of("scale-insects", "armoured-scale", "mealybugs")) {
            Course course = COMPOSER.compose(request(pest, "cattleya", style, 21));
            if (course.forecast().map(Course.Forecast::reached).orElse(false)) {
                assertThat(used(course)).as(pest).isNotEqualTo(List.of("systemic-insecticide"));
            }
        }
    }

    @Test
    void noMeansIsUsedMoreInARowThanLabelsAllow() {
        for (LifeTable pest : usual()) {
            for (Style style : Style.values()) {
                List<String> used = used(COMPOSER.compose(request(pest.id().value(), "monstera", style, 23)));
                int row = 0;
                for (int i = 0; i < used.size(); i++) {
                    row = i > 0 && used.get(i).equals(used.get(i - 1)) ? row + 1 : 1;
                    Means means = KNOWLEDGE.find(used.get(i)).orElseThrow();
                    if (means.product()) {
                        assertThat(row)
                                .as(pest.id() + " " + means.id())
                                .isLessThanOrEqualTo(means.pace().inRow());
                    }
                }
            }
        }
    }

    @Test
    void nothingThatACourseUsesWouldBeRefusedOnItsDay() {
        Refusals refusals = new Refusals(KNOWLEDGE);
        for (String kind : List.of("phalaenopsis", "boston-fern", "sarracenia", "calamondin")) {
            for (LifeTable pest : usual()) {
                for (Style style : Style.values()) {
                    CourseRequest request = request(pest.id().value(), kind, style, 21);
                    Situation situation = request.situation();
                    for (Course.Step step : COMPOSER.compose(request).steps()) {
                        if (step.means().isPresent() && step.phase() != Phase.TEST) {
                            Means means = KNOWLEDGE.find(step.means().get()).orElseThrow();
                            assertThat(refusals.refusal(Order.of(means, step.on(), pest.id()), situation))
                                    .as(kind + " " + pest.id() + " " + means.id() + " " + step.on())
                                    .isEmpty();
                            situation = situation.after(
                                    new Situation.Use(means.id(), step.on(), means.group(), means.product()));
                        }
                    }
                }
            }
        }
    }

    @Test
    void eradicationAsksForMoreThanControl() {
        CourseRequest request = request("aphids", "monstera", Style.WASH, 18);
        Course control = COMPOSER.compose(request);
        Course all = COMPOSER.compose(with(request, Aim.ERADICATE, HouseFigures.NONE, List.of()));
        assertThat(all.choice().aim()).isEqualTo(Aim.ERADICATE);
        assertThat(used(all)).hasSizeGreaterThan(used(control).size());
    }

    @Test
    void aHouseWhereSoapWorksWorseNeedsMore() {
        CourseRequest request = request("spider-mites", "monstera", Style.WASH, 21);
        HouseFigures weak = new HouseFigures(
                Map.of(
                        "soap", new HouseFigures.Figure(Math.log(0.45), 0.1, 4),
                        "water-spray", new HouseFigures.Figure(Math.log(0.45), 0.1, 4)),
                Map.of());
        Course book = COMPOSER.compose(request);
        Course here = COMPOSER.compose(with(request, Aim.CONTROL, weak, List.of()));
        assertThat(here.choice()).isNotEqualTo(book.choice());
    }

    @Test
    void whatJustFailedMakesWayForAnotherMeans() {
        CourseRequest request = request("spider-mites", "monstera", Style.WASH, 21);
        Course anew = COMPOSER.compose(with(request, Aim.CONTROL, HouseFigures.NONE, List.of("soap")));
        assertThat(used(anew)).isNotEqualTo(used(COMPOSER.compose(request)));
    }

    @Test
    void thePlanDiffersByWarmth() {
        Course cool = COMPOSER.compose(request("spider-mites", "monstera", Style.WASH, 18));
        Course warm = COMPOSER.compose(request("spider-mites", "monstera", Style.WASH, 25));
        assertThat(warm.forecast().orElseThrow().doublingDays().orElseThrow())
                .isLessThan(0.7 * cool.forecast().orElseThrow().doublingDays().orElseThrow());
        assertThat(warm.steps()).isNotEqualTo(cool.steps());
    }

    @ParameterizedTest
    @EnumSource(Style.class)
    void everyStyleGoesItsOwnWay(Style style) {
        Course course = COMPOSER.compose(request("mealybugs", "monstera", style, 22));
        assertThat(course.options())
                .filteredOn(one -> one.role() == Course.Role.MAIN)
                .singleElement()
                .satisfies(one -> assertThat(
                                KNOWLEDGE.find(one.means()).orElseThrow().styles())
                        .contains(style));
    }

    @Test
    void livingControlsComeFirstWhereTheAirSuitsThem() {
        assertThat(used(COMPOSER.compose(request("spider-mites", "monstera", Style.LIVING, 22))))
                .contains("predatory-mites");
        assertThat(used(COMPOSER.compose(request("mealybugs", "monstera", Style.LIVING, 22))))
                .contains("mealybug-ladybirds");
    }

    @Test
    void aSystemicIsNeverGivenToTraps() {
        Course trap = COMPOSER.compose(request("aphids", "nepenthes", Style.SYSTEMIC, 22));
        assertThat(used(trap)).doesNotContain("systemic-insecticide", "acetamiprid", "soap");
        assertThat(trap.options())
                .filteredOn(one -> one.means().equals("systemic-insecticide"))
                .extracting(Course.Option::role)
                .containsExactly(Course.Role.REFUSED);
    }

    @Test
    void antsAreLookedForWhereTheyKeepThePest() {
        assertThat(COMPOSER.compose(request("mealybugs", "hoya", Style.WASH, 21))
                        .steps())
                .extracting(Course.Step::phase)
                .contains(Phase.ANTS);
        assertThat(COMPOSER.compose(request("spider-mites", "hoya", Style.WASH, 21))
                        .steps())
                .extracting(Course.Step::phase)
                .doesNotContain(Phase.ANTS);
    }

    @Test
    void gnatsPutNoPlantIntoIsolation() {
        assertThat(COMPOSER.compose(request("fungus-gnats", "monstera", Style.WASH, 21))
                        .steps())
                .extracting(Course.Step::phase)
                .doesNotContain(Phase.ISOLATE);
    }

    @Test
    void aCrownIsNeverCutThroughTheHeart() {
        for (String kind : List.of("phalaenopsis", "african-violet", "tank-bromeliad")) {
            for (Style style : Style.values()) {
                Course course = COMPOSER.compose(request("crown-rot", kind, style, 21, true, List.of(), List.of()));
                assertThat(course.steps()).noneMatch(step -> step.means().equals(Optional.of("cut-to-sound")));
                assertThat(course.steps()).anyMatch(step -> step.means().equals(Optional.of("dry-crown")));
            }
        }
    }

    @Test
    void rootsAreWashedOnceAndDrenchedAgainstWaterMouldsByTheirOwnGroup() {
        Course course =
                COMPOSER.compose(request("root-rot", "monstera", Style.SYSTEMIC, 21, true, List.of(), List.of()));
        assertThat(used(course)).contains("oomycete-fungicide").doesNotContain("systemic-fungicide");
        assertThat(KNOWLEDGE.find("oomycete-fungicide").orElseThrow().way()).isEqualTo(Means.Way.DRENCH);
        assertThat(used(COMPOSER.compose(request("root-mealybugs", "hoya", Style.WASH, 21))))
                .satisfies(used -> assertThat(
                                used.stream().filter("root-wash"::equals).count())
                        .isLessThanOrEqualTo(2));
        Course mould =
                COMPOSER.compose(request("grey-mould", "monstera", Style.SYSTEMIC, 21, true, List.of(), List.of()));
        assertThat(used(mould)).doesNotContain("systemic-fungicide");
    }

    @Test
    void severeLeafSpotIsSystemicFirstAndAnotherGroupTwoWeeksLater() {
        Course course = COMPOSER.compose(
                request("cercospora-leaf-spot", "monstera", Style.WASH, 21, true, List.of(), List.of()));
        assertThat(days(course, "systemic-fungicide").get(0)).isEqualTo(DAY.plusDays(1));
        assertThat(days(course, "copper").get(0)).isEqualTo(DAY.plusDays(15));
        assertThat(used(course)).as("not in a home").doesNotContain("contact-fungicide");
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
        assertThat(course.options()).contains(new Course.Option("copper", Course.Role.REFUSED, 0, 0, 0));
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
        assertThat(course.noCure().orElseThrow().what()).isEqualTo(Course.NoCure.INCURABLE);
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
        List<LocalDate> soaps = days(course, "soap");
        for (int i = 1; i < soaps.size(); i++) {
            assertThat(soaps.get(i - 1).plusDays(6)).isBeforeOrEqualTo(soaps.get(i));
        }
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
        assertThat(anew.cost().orElseThrow().days()).isPositive();
    }

    @Test
    void doneOnItsDayNothingMoves() {
        CourseRequest request = request("spider-mites", "monstera", Style.WASH, 21);
        Course course = COMPOSER.compose(request);
        List<LocalDate> sprays = days(course, "soap");
        Course anew = COMPOSER.replan(request, course, done(course, 3), sprays.get(1));
        assertThat(days(anew, "soap").get(0)).isEqualTo(sprays.get(2));
        assertThat(days(anew, "soap")).hasSize(sprays.size() - 2);
        assertThat(anew.cost()).contains(new Course.Cost(0, 0));
    }

    @Test
    void aLateStepOfADiseaseCourseMovesWhatFollows() {
        CourseRequest request = request("cercospora-leaf-spot", "monstera", Style.WASH, 21, true, List.of(), List.of());
        Course course = COMPOSER.compose(request);
        Course anew = COMPOSER.replan(
                request, course, List.of(new CourseComposer.Done("take-off-leaves", DAY)), DAY.plusDays(4));
        assertThat(days(anew, "systemic-fungicide").get(0)).isEqualTo(DAY.plusDays(4));
        assertThat(days(anew, "copper").get(0)).isEqualTo(DAY.plusDays(18));
        assertThat(anew.cost()).contains(new Course.Cost(0, 3));
    }

    @ParameterizedTest
    @CsvSource({"thrips, 22", "whitefly, 22", "fungus-gnats, 20", "scale-insects, 21", "aphids, 20", "leaf-miner, 20"})
    void whatIsOutOfReachIsSaid(String pest, double celsius) {
        Course course = COMPOSER.compose(request(pest, "monstera", Style.WASH, celsius));
        assertThat(course.forecast().orElseThrow().risk()).isBetween(0.0, 1.0);
        assertThat(course.steps()).extracting(Course.Step::on).isSorted();
    }

    @ParameterizedTest
    @CsvSource({
        "foliar-nematodes, boston-fern, LIVING, 0, BIN, ",
        "gall-mites, tropical-bonsai, LIVING, 0, LIVE_WITH, ",
        "broad-mites, monstera, WASH, 0, OTHER_STYLE, SYSTEMIC",
        "spider-mites, monstera, WASH, 13, TOO_MANY, "
    })
    void whereAPlanFallsShortABetterWayIsSaid(
            String pest, String kind, Style style, int made, WayOut.Advice advice, Style other) {
        CourseRequest request = request(pest, kind, style, 21);
        WayOut out = COMPOSER.wayOut(request, COMPOSER.compose(request), made).orElseThrow();
        assertThat(out.advice()).isEqualTo(advice);
        assertThat(out.style()).isEqualTo(Optional.ofNullable(other));
    }

    @Test
    void noOtherWayIsSaidWhereThePlanReachesItsAim() {
        CourseRequest request = request("spider-mites", "monstera", Style.WASH, 21);
        assertThat(COMPOSER.wayOut(request, COMPOSER.compose(request), 4)).isEmpty();
    }
}

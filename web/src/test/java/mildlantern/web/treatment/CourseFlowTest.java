package mildlantern.web.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import mildlantern.knowledge.DisorderId;
import mildlantern.log.LogKind;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.pest.Aim;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.IsolationClock;
import mildlantern.treatment.CareSetting;
import mildlantern.treatment.Course;
import mildlantern.treatment.Style;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.casework.CaseService;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Mites on a shelf: a course is chosen, done, missed, done again and ended, and those that stood near are looked at. */
@LanternTest
class CourseFlowTest {
    @Autowired
    private Growers growers;

    @Autowired
    private CaseService cases;

    @Autowired
    private CaseTroubles troubles;

    @Autowired
    private CourseService courses;

    @Autowired
    private CourseTicks ticks;

    @Autowired
    private CoursePages pages;

    @Autowired
    private CourseChoicePages choices;

    @Autowired
    private CourseDues dues;

    @Autowired
    private ProductService products;

    @Autowired
    private RecordWriter recordWriter;

    @Autowired
    private Plants plants;

    @Autowired
    private Stops stops;

    @Autowired
    private LogBook logBook;

    @Autowired
    private CareSheets careSheets;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private MovableClock clock;

    private Growers.Grower grower;
    private CollectionId collection;
    private CaseId mites;

    @BeforeEach
    void mitesOnAShelf() throws Exception {
        grower = growers.grower();
        collection = grower.member().collection();
        stops.store(new Stop(StopId.fresh(), collection, 2, "Locker")
                .climate(Brightness.MEDIUM, 50.0, 20.0, 17.0)
                .isolating());
        mites = decided(grower.plant(), "spider-mites", "wash-and-soap-mites");
    }

    private CaseId decided(Plant plant, String cause, String trial) throws Exception {
        CaseId id = cases.open(collection, plant.id());
        mvc.perform(post("/cases/" + id + "/decide")
                        .with(user(grower.member()))
                        .with(csrf())
                        .param("form", UUID.randomUUID().toString())
                        .param("version", "0")
                        .param("cause", cause)
                        .param("trial", trial)
                        .param("lookAgainOn", LocalDate.now(clock).plusDays(6).toString())
                        .param("note", "seen with the lens"))
                .andExpect(status().is3xxRedirection());
        assertThat(troubles.decided(collection, id).causes()).containsExactly(new DisorderId(cause));
        return id;
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private MockHttpServletRequestBuilder mine(MockHttpServletRequestBuilder request) {
        return request.with(user(grower.member())).with(csrf());
    }

    private CourseId start(Style style) {
        return courses.start(
                collection,
                mites,
                FormKey.fresh(),
                new CourseService.Wanted(
                        style, Aim.CONTROL, new DisorderId("spider-mites"), false, OptionalDouble.empty()));
    }

    private List<CourseViews.StepLine> steps(CourseId course) {
        return pages.page(collection, course).steps();
    }

    private CourseViews.StepLine next(CourseId course, Course.Phase phase) {
        return steps(course).stream()
                .filter(step -> step.phase().equals(phase.name().toLowerCase(Locale.ROOT)) && step.planned())
                .findFirst()
                .orElseThrow();
    }

    private void tick(CourseId course, Course.Phase phase, StoredStep.State how) {
        ticks.tick(
                collection,
                course,
                next(course, phase).id(),
                FormKey.fresh(),
                how,
                LocalDate.now(clock),
                OptionalDouble.empty());
    }

    private Optional<String> look(CourseId course, int counted) {
        return ticks.tick(
                collection,
                course,
                next(course, Course.Phase.LOOK).id(),
                FormKey.fresh(),
                StoredStep.State.DONE,
                LocalDate.now(clock),
                OptionalDouble.of(counted));
    }

    /** Does every step on its day until the first look after the last use is due. */
    private CourseId treated(OptionalDouble counted) {
        CourseId course = courses.start(
                collection,
                mites,
                FormKey.fresh(),
                new CourseService.Wanted(Style.WASH, Aim.CONTROL, new DisorderId("spider-mites"), false, counted));
        for (int day = 0; day < 60; day++) {
            // A count plans anew, so what is due is read again after each.
            for (Optional<CourseViews.StepLine> due = due(course); due.isPresent(); due = due(course)) {
                CourseViews.StepLine step = due.get();
                if (step.phase().equals("look") && step.what().contains("should be none")) {
                    return course;
                }
                ticks.tick(
                        collection,
                        course,
                        step.id(),
                        FormKey.fresh(),
                        StoredStep.State.DONE,
                        LocalDate.now(clock),
                        step.phase().equals("look") ? OptionalDouble.of(5) : OptionalDouble.empty());
            }
            clock.moveDays(1);
        }
        throw new AssertionError("no look came");
    }

    private Optional<CourseViews.StepLine> due(CourseId course) {
        return steps(course).stream().filter(CourseViews.StepLine::due).findFirst();
    }

    /** The step that is due on a plant today, in words; empty if none is. */
    private String dueOn(PlantId plant) {
        return Optional.ofNullable(
                        dues.today(collection, LocalDate.now(clock)).steps().get(plant))
                .map(CourseDues.Step::words)
                .orElse("");
    }

    private long uses(CourseId course) {
        return steps(course).stream()
                .filter(step -> step.what().contains("nsecticidal soap"))
                .count();
    }

    @Test
    void aCourseIsChosenByStyle_andStartedOnce() throws Exception {
        CourseViews.ChoicePage wash = choices.choice(
                collection, mites, Optional.empty(), Optional.empty(), Optional.empty(), false, OptionalDouble.empty());
        assertThat(wash.styles())
                .filteredOn(CourseViews.StyleTab::house)
                .extracting(CourseViews.StyleTab::id)
                .containsExactly("WASH");
        assertThat(wash.weighed()).anySatisfy(line -> assertThat(line.why()).contains("plant in flower"));
        assertThat(wash.weighed()).filteredOn(CourseViews.WeighedLine::chosen).isNotEmpty();
        for (Style style : Style.values()) {
            mvc.perform(get("/cases/" + mites + "/course")
                            .param("style", style.name())
                            .with(user(grower.member())))
                    .andExpect(status().isOk());
        }
        FormKey form = FormKey.fresh();
        CourseService.Wanted wanted = new CourseService.Wanted(
                Style.WASH, Aim.CONTROL, new DisorderId("spider-mites"), false, OptionalDouble.empty());
        CourseId course = courses.start(collection, mites, form, wanted);
        assertThat(courses.start(collection, mites, form, wanted)).isEqualTo(course);
        assertThat(courses.start(collection, mites, FormKey.fresh(), wanted))
                .as("one at a time")
                .isEqualTo(course);
        mvc.perform(get("/courses/" + course).with(user(grower.member()))).andExpect(status().isOk());
    }

    @Test
    void doneStepsStandInTheRecord_andTheFirstMovesItToTheLocker() {
        CourseId course = start(Style.WASH);
        tick(course, Course.Phase.ISOLATE, StoredStep.State.DONE);
        tick(course, Course.Phase.CLEAN, StoredStep.State.DONE);
        Plant plant = plants.plant(collection, grower.plant().id());
        assertThat(stops.stop(collection, plant.stop()).name()).isEqualTo("Locker");
        assertThat(logBook.entries(plant)).extracting(LogLine::kind).contains(LogKind.MOVED, LogKind.SPRAYED);
        assertThat(pages.page(collection, course).alone().orElseThrow().alone()).isTrue();
    }

    @Test
    void onTheDayTheStepStandsOnTheRound_andOnlyThen() {
        CourseId course = start(Style.WASH);
        tick(course, Course.Phase.ISOLATE, StoredStep.State.DONE);
        tick(course, Course.Phase.CLEAN, StoredStep.State.DONE);
        tick(course, Course.Phase.TEST, StoredStep.State.DONE);
        PlantId plant = grower.plant().id();
        assertThat(dues.today(collection, LocalDate.now(clock)).steps()).doesNotContainKey(plant);
        clock.moveDays(1);
        assertThat(dueOn(plant)).startsWith("Insecticidal soap");
        clock.moveDays(2);
        assertThat(dueOn(plant)).contains("due 2 days ago");
    }

    @Test
    void aMissedStepIsPlannedAnew_andItsCostIsSaid() {
        CourseId course = start(Style.WASH);
        tick(course, Course.Phase.ISOLATE, StoredStep.State.DONE);
        tick(course, Course.Phase.CLEAN, StoredStep.State.DONE);
        tick(course, Course.Phase.TEST, StoredStep.State.DONE);
        clock.moveDays(1);
        tick(course, Course.Phase.ACT, StoredStep.State.DONE);
        assertThat(pages.page(collection, course).cost())
                .as("on its day nothing moves")
                .isEmpty();
        clock.moveDays(11);
        tick(course, Course.Phase.REPEAT, StoredStep.State.MISSED);
        CourseViews.CoursePage anew = pages.page(collection, course);
        assertThat(anew.cost().orElseThrow()).contains("later");
        assertThat(next(course, Course.Phase.REPEAT).due())
                .as("today is the first day for it")
                .isTrue();
        assertThat(anew.steps())
                .filteredOn(step -> step.state().equals("MISSED"))
                .hasSize(1);
    }

    @Test
    void whatWasPressedByMistakeIsTakenBack() throws Exception {
        CourseId course = start(Style.WASH);
        tick(course, Course.Phase.ISOLATE, StoredStep.State.DONE);
        CourseViews.StepLine done = steps(course).stream()
                .filter(step -> step.state().equals("DONE"))
                .findFirst()
                .orElseThrow();
        mvc.perform(mine(post("/courses/" + course + "/steps/" + done.id() + "/take-back")))
                .andExpect(status().is3xxRedirection());
        Plant plant = plants.plant(collection, grower.plant().id());
        assertThat(stops.stop(collection, plant.stop()).name())
                .as("it stands where it stood")
                .isEqualTo("Sill");
        assertThat(next(course, Course.Phase.ISOLATE).planned()).isTrue();
        tick(course, Course.Phase.ISOLATE, StoredStep.State.DONE);
        assertThat(steps(course))
                .filteredOn(step -> step.state().equals("DONE"))
                .hasSize(1);
    }

    @Test
    void aCleaningTakenBackIsStillToBeDone() throws Exception {
        CourseId course = start(Style.WASH);
        int planned = steps(course).size();
        CourseViews.StepLine clean = next(course, Course.Phase.CLEAN);
        tick(course, Course.Phase.CLEAN, StoredStep.State.DONE);
        ticks.takeBack(collection, course, clean.id());
        assertThat(next(course, Course.Phase.CLEAN).id()).isEqualTo(clean.id());
        assertThat(steps(course).size()).isBetween(planned, planned + 2);
        assertThat(logBook.entries(grower.plant())).noneMatch(row -> row.kind() == LogKind.SPRAYED);
    }

    @Test
    void sentTwiceAStepIsDoneOnce() {
        CourseId course = start(Style.WASH);
        CourseViews.StepLine clean = next(course, Course.Phase.CLEAN);
        FormKey form = FormKey.fresh();
        for (int i = 0; i < 2; i++) {
            ticks.tick(
                    collection,
                    course,
                    clean.id(),
                    form,
                    StoredStep.State.DONE,
                    LocalDate.now(clock),
                    OptionalDouble.empty());
        }
        assertThat(logBook.entries(grower.plant()))
                .filteredOn(row -> row.kind() == LogKind.SPRAYED)
                .hasSize(1);
    }

    @Test
    void aNewFindStartsTheCourseAgain_andMovesTheDayOfRelease() {
        CourseId course = start(Style.WASH);
        tick(course, Course.Phase.ISOLATE, StoredStep.State.DONE);
        tick(course, Course.Phase.CLEAN, StoredStep.State.DONE);
        LocalDate before = release(course);
        clock.moveDays(9);
        courses.found(collection, course, FormKey.fresh(), OptionalDouble.of(40));
        CourseViews.CoursePage page = pages.page(collection, course);
        assertThat(release(course)).isAfter(before);
        assertThat(page.steps()).filteredOn(step -> step.state().equals("DONE")).hasSize(2);
    }

    /** The one date on which it may go back, as the round knows it. */
    private LocalDate release(CourseId course) {
        return Optional.ofNullable(dues.today(collection, LocalDate.now(clock))
                        .clocks()
                        .get(grower.plant().id()))
                .flatMap(IsolationClock::until)
                .orElseThrow();
    }

    @Test
    void theDayOfReleaseIsTheSameEverywhere() {
        CourseId course = start(Style.WASH);
        CourseViews.StepLine step = next(course, Course.Phase.RELEASE);
        assertThat(pages.page(collection, course).alone().orElseThrow().until()).contains(step.day());
        assertThat(CoursePages.DAY.format(release(course))).isEqualTo(step.day());
    }

    @Test
    void itIsNotReleasedWithoutTwoCleanLooks() {
        CourseId course = treated(OptionalDouble.of(40));
        clock.moveDays(60);
        assertThat(ticks.tick(
                        collection,
                        course,
                        next(course, Course.Phase.RELEASE).id(),
                        FormKey.fresh(),
                        StoredStep.State.DONE,
                        LocalDate.now(clock),
                        OptionalDouble.empty()))
                .isPresent();
        assertThat(look(course, 0)).isEmpty();
        assertThat(look(course, 0)).isEmpty();
        tick(course, Course.Phase.RELEASE, StoredStep.State.DONE);
        assertThat(pages.page(collection, course).state()).startsWith("released");
    }

    @Test
    void aFindAfterTheLastUseAsksForMore_ofAnotherMeansFirst() {
        CourseId course = treated(OptionalDouble.of(40));
        long planned =
                steps(course).stream().filter(CourseViews.StepLine::planned).count();
        look(course, 6);
        List<CourseViews.StepLine> anew =
                steps(course).stream().filter(CourseViews.StepLine::planned).toList();
        assertThat(anew).hasSizeGreaterThan((int) planned);
        assertThat(anew.stream()
                        .filter(step -> !step.phase().equals("clean"))
                        .findFirst()
                        .orElseThrow()
                        .what())
                .doesNotStartWith("Insecticidal soap");
    }

    @Test
    void aCountFarAboveTheOutlookIsSaid_andTeachesTheHouse() {
        CourseId course = courses.start(
                collection,
                mites,
                FormKey.fresh(),
                new CourseService.Wanted(
                        Style.WASH, Aim.CONTROL, new DisorderId("spider-mites"), false, OptionalDouble.of(40)));
        for (int day = 0; day < 30; day++) {
            for (CourseViews.StepLine step : steps(course)) {
                if (!step.due() || !step.planned()) {
                    continue;
                }
                boolean looks = step.phase().equals("look");
                ticks.tick(
                        collection,
                        course,
                        step.id(),
                        FormKey.fresh(),
                        StoredStep.State.DONE,
                        LocalDate.now(clock),
                        looks ? OptionalDouble.of(300) : OptionalDouble.empty());
                if (looks) {
                    CourseViews.CoursePage page = pages.page(collection, course);
                    assertThat(page.worse().orElseThrow()).contains("300").contains("resistant");
                    assertThat(page.learned()).isNotEmpty();
                    assertThat(page.picture().orElseThrow().counts()).hasSize(2);
                    return;
                }
            }
            clock.moveDays(1);
        }
        throw new AssertionError("no look came");
    }

    @Test
    void whatCameOfACourseStandsAmongTheResults_withWhatItsCountsTaught_untilThatIsReset() throws Exception {
        CourseId course = treated(OptionalDouble.of(40));
        assertThat(worked()).doesNotContain(": treated with").contains("What your counts of pests have taught");
        look(course, 0);
        courses.end(collection, course, FormKey.fresh());
        assertThat(worked())
                .contains("Spider mites: treated with", "40 counted at the start, 0 at the last count", "better");
        mvc.perform(mine(post("/care/worked/forget-counts"))).andExpect(status().is3xxRedirection());
        assertThat(worked()).contains(": treated with").doesNotContain("What your counts of pests have taught");
        assertThat(mvc.perform(get("/care/worked").with(user(growers.grower().member())))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .doesNotContain(": treated with");
    }

    private String worked() throws Exception {
        return mvc.perform(get("/care/worked").with(user(grower.member())))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void whoStoodNearIsPutOnTheRoundWithOnePress_andJoinsTheOutbreak() throws Exception {
        Plant near = growers.plant(collection, grower.stop(), "Barnacle");
        Plant other = growers.plant(collection, grower.stop(), "Whelk");
        CourseId course = start(Style.WASH);
        assertThat(pages.page(collection, course).contacts())
                .extracting(CourseViews.ContactLine::name)
                .containsExactlyInAnyOrder("Barnacle", "Whelk");
        FormKey form = FormKey.fresh();
        assertThat(courses.askContacts(collection, course, form)).isEqualTo(2);
        assertThat(courses.askContacts(collection, course, form)).isZero();
        assertThat(dues.today(collection, LocalDate.now(clock)).looks()).containsOnlyKeys(near.id(), other.id());
        mvc.perform(mine(post("/round/deeds"))
                        .param("form", UUID.randomUUID().toString())
                        .param("plant", near.id().toString())
                        .param("stop", grower.stop().id().toString())
                        .param("deed", "LOOKED"))
                .andExpect(status().is3xxRedirection());
        decided(other, "spider-mites", "wash-and-soap-mites");
        List<CourseViews.ContactLine> lines = pages.page(collection, course).contacts();
        assertThat(lines)
                .filteredOn(line -> line.name().equals("Barnacle"))
                .extracting(CourseViews.ContactLine::state)
                .containsExactly("looked at, fine");
        assertThat(lines)
                .filteredOn(line -> line.name().equals("Whelk"))
                .extracting(CourseViews.ContactLine::state)
                .containsExactly("has it too");
    }

    @Test
    void releasedItsCareIsAdjusted_andItsNeighboursToo() throws Exception {
        Plant near = growers.plant(collection, grower.stop(), "Barnacle");
        CourseId course = start(Style.WASH);
        courses.askContacts(collection, course, FormKey.fresh());
        clock.moveDays(90);
        while (steps(course).stream().anyMatch(step -> step.phase().equals("look") && step.planned())) {
            look(course, 0);
        }
        tick(course, Course.Phase.RELEASE, StoredStep.State.DONE);
        assertThat(pages.page(collection, course).state()).startsWith("released");
        FormKey form = FormKey.fresh();
        mvc.perform(mine(post("/courses/" + course + "/care")).param("form", form.toString()))
                .andExpect(status().is3xxRedirection());
        mvc.perform(mine(post("/courses/" + course + "/care")).param("form", form.toString()))
                .andExpect(status().is3xxRedirection());
        assertThat(careSheets.careSheet(near).get(CareSetting.HEALTH)).hasSize(1);
        assertThat(careSheets.careSheet(grower.plant()).get(CareSetting.FEEDING))
                .anySatisfy(line -> assertThat(line.text()).startsWith("Half strength"));
    }

    @Test
    void anotherGrowersCourseIsNotThere() throws Exception {
        CourseId course = start(Style.WASH);
        Growers.Grower stranger = growers.grower();
        CollectionId theirs = stranger.member().collection();
        assertThatThrownBy(() -> pages.page(theirs, course)).isInstanceOf(NotHere.class);
        for (String address : List.of("/courses/" + course, "/cases/" + mites + "/course")) {
            mvc.perform(get(address).with(user(stranger.member()))).andExpect(status().isNotFound());
        }
        mvc.perform(post("/courses/" + course + "/found")
                        .with(user(stranger.member()))
                        .with(csrf())
                        .param("form", UUID.randomUUID().toString()))
                .andExpect(status().isNotFound());
    }

    private static ProductForm label(String name, String most, String registered) {
        return new ProductForm(
                name,
                "soap",
                "potassium salts, 10 %",
                "",
                "",
                most,
                Measure.MILLILITRE,
                Carrier.LITRE,
                "4",
                "",
                "",
                registered);
    }

    @Test
    void anOwnLabelIsKept_itsProblemsAreTold_andItMustBeRegisteredBeforeUse() {
        assertThat(products.keep(collection, FormKey.fresh(), label("", "a lot", "")))
                .containsOnlyKeys("name", "most");
        assertThat(products.keep(collection, FormKey.fresh(), label("Quay soap", "15", "")))
                .isEmpty();
        assertThat(products.keep(collection, FormKey.fresh(), label("quay soap", "15", "")))
                .containsOnlyKeys("name");
        Plant plant = grower.plant();
        CourseService.Wanted wanted = new CourseService.Wanted(
                Style.WASH, Aim.CONTROL, new DisorderId("spider-mites"), false, OptionalDouble.empty());
        assertThat(courses.compose(collection, plant, wanted).options())
                .contains(new Course.Option("soap", Course.Role.REFUSED, 0, 0, 0));
        ProductId product = products.list(collection).get(0).id();
        products.answer(collection, product, true);
        Course course = courses.compose(collection, plant, wanted);
        assertThat(course.steps()).anyMatch(step -> step.means().equals(Optional.of("soap")));
        assertThat(steps(start(Style.WASH)))
                .anySatisfy(step -> assertThat(step.what()).contains("15 mL per L"));
    }

    @Test
    void aWrongCountIsToldAndKept() throws Exception {
        String page = mvc.perform(get("/cases/" + mites + "/course")
                        .param("counted", "many")
                        .with(user(grower.member())))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page).contains("&#39;many&#39; is not a number").contains("value=\"many\"");
    }
}

package mildlantern.web.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.care.Change;
import mildlantern.care.Need;
import mildlantern.log.LogKind;
import mildlantern.outcome.Promised;
import mildlantern.plant.PlantId;
import mildlantern.treatment.CareSetting;
import mildlantern.web.Asking;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.TwoSills;
import mildlantern.web.casework.CaseService;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.Routine;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** An orchid goes from a dark sill to a bright one; on the day of the look it is asked whether that helped, and the answer counts for the next one. */
@LanternTest
class OutcomeFlowTest {
    @Autowired
    private Asking asking;

    @Autowired
    private TwoSills twoSills;

    @Autowired
    private Growers growers;

    @Autowired
    private PlannedTasks tasks;

    @Autowired
    private CareChangeRows changes;

    @Autowired
    private Experiences experiences;

    @Autowired
    private CaseService cases;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private CareSheets careSheets;

    @Autowired
    private Plants plants;

    @Autowired
    private LogBook logBook;

    @Autowired
    private MovableClock clock;

    @Autowired
    private CarePromiseRows promises;

    @Autowired
    private OutcomeWriter writer;

    @Autowired
    private Routine routine;

    private TwoSills.Sills sills;
    private CollectionId collection;
    private PlantId orchid;

    @BeforeEach
    void anAcceptedMove() throws Exception {
        sills = twoSills.dark(1.5);
        collection = sills.collection();
        orchid = sills.orchid();
        asking.form(
                sills.grower().member(),
                "/plants/" + orchid + "/care",
                "form",
                Asking.fresh(),
                "kind",
                "MOVE",
                "stop",
                sills.bright().id().toString());
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private String care() throws Exception {
        return asking.text(sills.grower().member(), "/plants/" + orchid + "/care")
                .replaceAll("\\s+", " ");
    }

    private CareChange change() {
        return changes.findByCollectionAndPlantOrderByBeganOnDesc(collection, orchid)
                .get(0);
    }

    private void carryItAndWait() {
        LocalDate look = tasks.running(collection, orchid).stream()
                .filter(task -> task.kind() == PlannedTask.Kind.LOOK)
                .map(PlannedTask::onDay)
                .findFirst()
                .orElseThrow();
        tasks.steps(collection, orchid).forEach(step -> tasks.done(collection, step.id()));
        clock.moveDays((int) ChronoUnit.DAYS.between(LocalDate.now(clock), look));
        twoSills.light(sills.dark(), 1.4);
        twoSills.light(sills.bright(), 5.5);
    }

    private void say(String said, String form) throws Exception {
        asking.form(
                        sills.grower().member(),
                        "/plants/" + orchid + "/care/worked",
                        "form",
                        form,
                        "plan",
                        change().plan().toString(),
                        "said",
                        said)
                .andExpect(status().is3xxRedirection());
    }

    private List<CareEntry> places() {
        return careSheets.careSheet(plants.plant(collection, orchid)).getOrDefault(CareSetting.PLACE, List.of());
    }

    private double factor() {
        return experiences
                .of(collection)
                .factor(
                        change().plantKind(),
                        Change.Kind.MOVE,
                        Optional.of(sills.bright().id()));
    }

    @Test
    void untilTheDayOfTheLookThePageSaysWhatIsExpected() throws Exception {
        assertThat(care())
                .contains("What is expected", "light, mol/m² d", ">1.5<", ">6<", "look again on")
                .doesNotContain("too early to say");
        assertThat(asking.text(sills.grower().member(), "/care/worked")).contains("Current changes", "Limpet");
    }

    @Test
    void onTheDayTheRoundAsks_theFiguresStandThere_andTheCareSheetKeepsWhatCameOfIt() throws Exception {
        carryItAndWait();
        assertThat(asking.text(sills.grower().member(), "/")).contains("did it help?");
        assertThat(care()).contains("Did it help?", ">5.5<", ">1.4<", "% sure)", "too early to say");
        String form = Asking.fresh();
        say("BETTER", form);
        say("BETTER", form);

        assertThat(places()).hasSize(2);
        assertThat(places().get(0).text()).endsWith("by steps: better.");
        assertThat(places().get(0).reason())
                .contains(
                        "1.5 mol/m² d before, 5.5 mol/m² d now (6 mol/m² d expected; without the change it would be 1.4")
                .contains("The plant itself: better.");
        assertThat(tasks.running(collection, orchid)).isEmpty();
        assertThat(logBook.entries(plants.plant(collection, orchid)))
                .filteredOn(line -> line.words().orElse("").endsWith("by steps: better."))
                .singleElement()
                .satisfies(line -> assertThat(line.kind()).isEqualTo(LogKind.NOTED));
        assertThat(asking.text(sills.grower().member(), "/care/worked"))
                .contains("Results", "What works here", "1 of 1; 0.7 expected");
        assertThat(factor()).isGreaterThan(1);
    }

    /** The bright sill has turned out dry; what that costs the orchid is held against the light. */
    @Test
    void whatAMoveTookIsSaid_andOutweighsWhatItBrought() throws Exception {
        carryItAndWait();
        twoSills.humidity(sills.dark(), 62);
        twoSills.humidity(sills.bright(), 8);
        assertThat(care()).contains("humidity, %", "no change", ">8<", ">62<");
        say("CANNOT_TELL", Asking.fresh());
        assertThat(places().get(0).text()).endsWith("by steps: worse.");
        assertThat(places().get(0).reason()).contains("8 % now. Where it stood it would be 62 %");
        assertThat(asking.text(sills.grower().member(), "/care/worked")).contains("Where it stood it would be 62 %");
        assertThat(factor()).isLessThan(0.7);
    }

    /** As where many are looked at and begun in one go, with a side effect of one of them still to be stored. */
    @Test
    void aChangeIsStoredBeforeItsPromises_whateverElseWaits() {
        CareChange before = change();
        Plant neighbour = growers.plant(collection, sills.dark(), "Barnacle");
        BatchId plan = BatchId.fresh();
        routine.writeAll(collection, () -> {
            promises.save(new CarePromise(before, new Promised(Need.Kind.NIGHT, 17, 17, OptionalDouble.empty())));
            writer.began(
                    neighbour,
                    new OutcomeWriter.Began(
                            plan,
                            Change.Kind.LAMP,
                            neighbour.stop(),
                            neighbour.stop(),
                            "Hang a lamp",
                            LocalDate.now(clock)),
                    LocalDate.now(clock).plusDays(14),
                    List.of(new Promised(Need.Kind.LIGHT, 1.4, 4, OptionalDouble.empty())));
        });
        assertThat(changes.findByCollectionAndPlantAndPlan(collection, neighbour.id(), plan))
                .isPresent();
    }

    @Test
    void aPlantThatIsWorseForItMakesTheNextSuchMoveCountLess_untilThatIsForgotten() throws Exception {
        carryItAndWait();
        say("WORSE", Asking.fresh());
        assertThat(factor()).isLessThan(0.7);
        asking.form(
                sills.grower().member(), "/care/worked/forget", "plantKind", change().plantKind(), "change", "MOVE");
        assertThat(factor()).isCloseTo(1, within(1e-9));
        assertThat(asking.text(sills.grower().member(), "/care/worked")).doesNotContain("What works here");
    }

    /** A trial of a case that was a move counts like a move; that it got worse in one says only that it did not help. */
    @Test
    void whatCameOfATrialCountsToo_untilThatIsForgotten() throws Exception {
        carryItAndWait();
        CaseId opened = cases.open(collection, orchid);
        trial(opened, 1, "warmer-place", "WORSE");
        assertThat(factor()).isBetween(0.6, 0.85);
        trial(opened, 2, "warmer-place", "BETTER");
        trial(opened, 3, "wash-off", "WORSE");
        assertThat(asking.text(sills.grower().member(), "/care/worked")).contains("1 of 2; 1.4 expected");
        asking.form(
                sills.grower().member(), "/care/worked/forget", "plantKind", change().plantKind(), "change", "MOVE");
        assertThat(factor()).isCloseTo(1, within(1e-9));
    }

    private void trial(CaseId of, int number, String trial, String verdict) {
        jdbc.sql("insert into case_trial (id, collection_id, case_id, number, trial, holds, started_on, look_again_on,"
                        + " finished_on, verdict, running) values (gen_random_uuid(), ?, ?, ?, ?, '[]', current_date,"
                        + " current_date, current_date, ?, false)")
                .params(collection.value(), of.value(), number, trial, verdict)
                .update();
    }

    @Test
    void aPlantThatWasNeverCarriedSaysSo_andNothingIsLearnedOfIt() throws Exception {
        clock.moveDays(60);
        assertThat(care()).contains("is not at the place that was planned");
        say("CANNOT_TELL", Asking.fresh());
        assertThat(experiences.of(collection).cases()).isEmpty();
    }

    @Test
    void aChangeThatIsGivenUpIsNotAskedAbout() throws Exception {
        asking.form(sills.grower().member(), "/plants/" + orchid + "/care/drop");
        assertThat(change().state()).isEqualTo(CareChange.State.DROPPED);
        assertThat(care()).doesNotContain("What is expected");
    }

    @Test
    void ofSixWhoAnswerInTheSameMomentOneIsKept() throws Exception {
        carryItAndWait();
        AtOnce.each(6, i -> () -> {
            say(i % 2 == 0 ? "BETTER" : "WORSE", Asking.fresh());
            return i;
        });
        assertThat(places()).hasSize(2);
    }

    @Test
    void nobodyAnswersForAnothersPlantOrForgetsWhatAnotherLearned() throws Exception {
        carryItAndWait();
        Growers.Grower other = growers.grower();
        asking.form(
                        other.member(),
                        "/plants/" + orchid + "/care/worked",
                        "form",
                        Asking.fresh(),
                        "plan",
                        change().plan().toString(),
                        "said",
                        "WORSE")
                .andExpect(status().isNotFound());
        say("BETTER", Asking.fresh());
        asking.form(other.member(), "/care/worked/forget", "plantKind", change().plantKind(), "change", "MOVE");
        assertThat(experiences.of(collection).cases()).hasSize(1);
    }
}

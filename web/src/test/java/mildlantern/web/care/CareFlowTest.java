package mildlantern.web.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import mildlantern.log.LogKind;
import mildlantern.plant.PlantId;
import mildlantern.treatment.CareSetting;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.TwoSills;
import mildlantern.web.casework.CaseService;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.CareEntry;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.support.TransactionTemplate;

/** A plant in the dark is shown a better stop, goes there by steps, and is looked at again. */
@LanternTest
class CareFlowTest {
    @Autowired
    private Stops stops;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private TwoSills twoSills;

    @Autowired
    private CareSheets careSheets;

    @Autowired
    private Plants plants;

    @Autowired
    private LogBook logBook;

    @Autowired
    private CaseService cases;

    @Autowired
    private PlannedTasks tasks;

    @Autowired
    private PlannedTaskRows rows;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private MovableClock clock;

    private Growers.Grower grower;
    private CollectionId collection;
    private PlantId plant;
    private Stop bright;

    @BeforeEach
    void aDarkSillAndABrightOne() {
        TwoSills.Sills sills = twoSills.dark(1.5);
        grower = sills.grower();
        collection = sills.collection();
        plant = sills.orchid();
        bright = sills.bright();
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private MockHttpServletRequestBuilder mine(MockHttpServletRequestBuilder request) {
        return request.with(user(grower.member())).with(csrf());
    }

    private String page(String address) throws Exception {
        return mvc.perform(mine(get(address)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private void acceptTheMove(FormKey form) throws Exception {
        mvc.perform(mine(post("/plants/" + plant + "/care"))
                        .param("form", form.toString())
                        .param("kind", "MOVE")
                        .param("stop", bright.id().toString()))
                .andExpect(status().is3xxRedirection());
    }

    private List<PlannedTask> steps() {
        return tasks.steps(collection, plant);
    }

    @Test
    void theChangeThatHelpsMostIsSaidWithItsFigures() throws Exception {
        assertThat(page("/plants/" + plant + "/care"))
                .contains("Too dark: 1.5 mol/m² a day")
                .contains("Move it to the Bright sill, by steps.")
                .contains("light 6 instead of 1.5 mol/m² d");
        assertThat(page("/care")).contains("Limpet").contains("Move it to the Bright sill");
    }

    @Test
    void anAcceptedMoveIsOnTheCareSheetOnceAndItsStepsOnTheRound() throws Exception {
        FormKey form = FormKey.fresh();
        acceptTheMove(form);
        acceptTheMove(form);

        List<CareEntry> place =
                careSheets.careSheet(plants.plant(collection, plant)).get(CareSetting.PLACE);
        assertThat(place).singleElement().satisfies(entry -> {
            assertThat(entry.text()).contains("Bright sill");
            assertThat(entry.reason()).contains("light 6 instead of 1.5");
        });
        List<PlannedTask> planned = steps();
        assertThat(planned).hasSizeGreaterThan(2);
        assertThat(page("/"))
                .contains("on its way · step")
                .contains(planned.get(0).words());

        mvc.perform(mine(post("/round/deeds"))
                        .param("form", UUID.randomUUID().toString())
                        .param("plant", plant.toString())
                        .param("stop", grower.stop().id().toString())
                        .param("deed", "STEPPED")
                        .param("errand", planned.get(0).id().toString()))
                .andExpect(status().is3xxRedirection());
        assertThat(steps()).hasSize(planned.size() - 1);
        assertThat(plants.plant(collection, plant).stop()).isEqualTo(bright.id());
        List<LogLine> log = logBook.entries(plants.plant(collection, plant));
        assertThat(log)
                .filteredOn(row -> row.kind() == LogKind.MOVED)
                .singleElement()
                .satisfies(row -> assertThat(row.words().orElse("")).contains("behind"));
    }

    @Test
    void aLateStepPutsTheOthersOff() throws Exception {
        acceptTheMove(FormKey.fresh());
        List<LocalDate> before = steps().stream().map(PlannedTask::onDay).toList();
        clock.moveDays(4);
        assertThat(page("/")).contains("It was due 4 days ago.");
        tasks.done(collection, steps().get(0).id());

        assertThat(steps().stream().map(PlannedTask::onDay).toList())
                .containsExactlyElementsOf(
                        before.stream().skip(1).map(day -> day.plusDays(4)).toList());
    }

    @Test
    void afterTheLastStepTheRoundAsksWhetherItHelped() throws Exception {
        acceptTheMove(FormKey.fresh());
        PlannedTask look = tasks.running(collection, plant).stream()
                .filter(task -> task.kind() == PlannedTask.Kind.LOOK)
                .findFirst()
                .orElseThrow();
        assertThat(look.onDay()).isAfter(steps().get(steps().size() - 1).onDay());
        steps().forEach(step -> tasks.done(collection, step.id()));
        assertThat(page("/plants/" + plant + "/care"))
                .contains("One change runs")
                .doesNotContain("accept it");
        clock.moveDays((int) ChronoUnit.DAYS.between(LocalDate.now(clock), look.onDay()));

        assertThat(page("/")).contains("See whether it helped");
    }

    @Test
    void aPlantOnHoldIsNotMoved() throws Exception {
        cases.open(collection, plant);
        assertThat(page("/plants/" + plant + "/care")).contains("Move it to the Bright sill");
        assertThat(rows.findByCollectionAndPlantAndStateOrderByOnDay(collection, plant, PlannedTask.State.PLANNED))
                .isEmpty();
    }

    @Test
    void nobodySeesOrChangesAnothersCare() throws Exception {
        acceptTheMove(FormKey.fresh());
        Growers.Grower other = growers.grower();
        mvc.perform(get("/plants/" + plant + "/care").with(user(other.member())))
                .andExpect(status().isNotFound());
        mvc.perform(post("/plants/" + plant + "/care/drop")
                        .with(user(other.member()))
                        .with(csrf()))
                .andExpect(status().isNotFound());
        mvc.perform(post("/plants/" + other.plant().id() + "/care/steps/"
                                + steps().get(0).id())
                        .with(user(other.member()))
                        .with(csrf()))
                .andExpect(status().isNotFound());
        mvc.perform(get("/care").with(user(other.member())))
                .andExpect(content().string(not(containsString("Bright sill"))));
    }

    @Test
    void aMoveByHandOnTheBenchPlanSaysThatItIsOnItsWay() throws Exception {
        acceptTheMove(FormKey.fresh());

        assertThat(page("/stops/" + grower.stop().id() + "/plan?plant=" + plant))
                .contains("on its way by steps");
    }

    @Test
    void aChangeThatIsProposedNoMoreIsNotAcceptedAndThatIsSaid() throws Exception {
        twoSills.light(grower.stop(), 6);
        mvc.perform(mine(post("/plants/" + plant + "/care"))
                        .param("form", UUID.randomUUID().toString())
                        .param("kind", "MOVE")
                        .param("stop", bright.id().toString()))
                .andExpect(flash().attribute("told", containsString("no longer applies")));

        assertThat(careSheets.careSheet(plants.plant(collection, plant))).isEmpty();
        assertThat(steps()).isEmpty();
    }

    @Test
    void whileOneChangeRunsNoOtherIsAcceptedUntilItWasLookedAtOrDropped() throws Exception {
        acceptTheMove(FormKey.fresh());
        int planned = steps().size();
        acceptTheMove(FormKey.fresh());
        mvc.perform(mine(post("/plants/" + plant + "/care/move"))
                        .param("form", UUID.randomUUID().toString())
                        .param("to", bright.id().toString()))
                .andExpect(status().is3xxRedirection());
        assertThat(steps()).hasSize(planned);
        assertThat(careSheets.careSheet(plants.plant(collection, plant)).get(CareSetting.PLACE))
                .hasSize(1);

        mvc.perform(mine(post("/plants/" + plant + "/care/drop"))).andExpect(status().is3xxRedirection());
        assertThat(tasks.running(collection, plant)).isEmpty();
        assertThat(page("/plants/" + plant + "/care")).contains("accept it");
    }

    @Test
    void ofSixWhoAcceptInTheSameMomentOneChangeRuns() throws Exception {
        List<Integer> answers = AtOnce.each(
                6,
                i -> () -> mvc.perform(mine(post("/plants/" + plant + "/care"))
                                .param("form", UUID.randomUUID().toString())
                                .param("kind", "MOVE"))
                        .andReturn()
                        .getResponse()
                        .getStatus());
        assertThat(answers).containsOnly(302);
        assertThat(running("LOOK")).isEqualTo(1);
        assertThat(jdbc.sql("select count(distinct plan) from errand where plant_id = ? and state = 'PLANNED'")
                        .param(plant.value())
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
        UUID step = jdbc.sql(
                        "select id from errand where plant_id = ? and kind = 'MOVE' and state = 'PLANNED' order by on_day limit 1")
                .param(plant.value())
                .query(UUID.class)
                .single();
        AtOnce.each(6, i -> () -> mvc.perform(mine(post("/plants/" + plant + "/care/steps/" + step))));
        assertThat(jdbc.sql("select count(*) from happening where plant_id = ? and kind in ('MOVED', 'NOTED')")
                        .param(plant.value())
                        .query(Integer.class)
                        .single())
                .as("the step was done once")
                .isEqualTo(1);
    }

    private int running(String kind) {
        return jdbc.sql("select count(*) from errand where plant_id = ? and kind = ? and state = 'PLANNED'")
                .params(plant.value(), kind)
                .query(Integer.class)
                .single();
    }
}

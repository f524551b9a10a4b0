package mildlantern.web.houseplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mildlantern.place.StopId;
import mildlantern.plan.Fitting;
import mildlantern.plan.RoomAir;
import mildlantern.web.Asking;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.TwoSills;
import mildlantern.web.casework.CaseService;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What an accepted plan sets up waits on the round, is counted on, and is looked at like any other change. */
@LanternTest
class SetupTasksTest {
    @Autowired
    private Asking asking;

    @Autowired
    private Growers growers;

    @Autowired
    private TwoSills twoSills;

    @Autowired
    private SetupTasks setups;

    @Autowired
    private Stops stops;

    @Autowired
    private CaseService cases;

    @Autowired
    private MovableClock clock;

    private TwoSills.Sills sills;
    private CollectionId collection;

    @BeforeEach
    void aDarkSill() {
        sills = twoSills.dark(0.8);
        collection = sills.collection();
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private void accept(String... put) throws Exception {
        for (String line : put) {
            asking.form(sills.grower().member(), "/care/plan", "form", Asking.fresh(), "put", line);
        }
    }

    private String lamp() {
        return sills.dark().id() + " LAMP 100.0";
    }

    private String page(String address) throws Exception {
        return asking.text(sills.grower().member(), address);
    }

    private Map<StopId, Fitting> countedOn() {
        return setups.countedOn(
                collection, stops.walk(collection).stream().collect(Collectors.toMap(Stop::id, stop -> stop)));
    }

    @Test
    void aLampThatWasAcceptedWaitsOnTheRound_andThePlanCountsOnIt() throws Exception {
        assertThat(page("/care/plan?moves=0")).contains("To set up").doesNotContain("Planned, not yet set up");
        accept(lamp());
        assertThat(page("/?stop=" + sills.dark().id())).contains("To set up here", "a lamp of about");
        assertThat(page("/?stop=" + sills.bright().id())).doesNotContain("To set up here");
        assertThat(page("/care/plan?moves=0"))
                .contains("Planned, not yet set up", "No plant to move, nothing to set up");
    }

    @Test
    void aLampThatIsUpIsToldToItsStop_onceHoweverOftenItIsPressed_andThenItsLightIsRead() throws Exception {
        accept(lamp());
        String task = setups.waiting(collection).get(0).id().toString();
        for (int press = 0; press < 2; press++) {
            asking.form(sills.grower().member(), "/care/plan/set-up/" + task + "/done")
                    .andExpect(redirectedUrl("/stops/" + sills.dark().id()));
        }
        assertThat(stops.stop(collection, sills.dark().id()).lampHours()).isEqualTo(12);
        assertThat(setups.waiting(collection)).isEmpty();
        assertThat(countedOn()).containsKey(sills.dark().id());
        clock.moveDays(1);
        twoSills.light(sills.dark(), 5);
        assertThat(countedOn()).isEmpty();
    }

    @Test
    void whatIsNotSetUpAfterAllIsCountedOnNoMore() throws Exception {
        accept(lamp());
        String task = setups.waiting(collection).get(0).id().toString();
        asking.form(sills.grower().member(), "/care/plan/set-up/" + task + "/drop");
        assertThat(setups.waiting(collection)).isEmpty();
        assertThat(countedOn()).isEmpty();
        assertThat(page("/care/plan?moves=0")).contains("1 place to set up");
    }

    @Test
    void whetherTheLampHelpedIsAskedOfThePlantThatStandsThere() throws Exception {
        accept(lamp());
        assertThat(page("/plants/" + sills.orchid() + "/care")).contains("See whether it helped");
        clock.moveDays(29);
        twoSills.light(sills.dark(), 5);
        assertThat(page("/plants/" + sills.orchid() + "/care")).contains("without it");
    }

    /** While its case is open, what comes of the case's trial is looked at, and nothing else. */
    @Test
    void aPlantWithAnOpenCaseGetsTheLamp_butNoLookOfItsOwn() throws Exception {
        cases.open(collection, sills.orchid());
        accept(lamp());
        assertThat(setups.waiting(collection)).hasSize(1);
        assertThat(page("/plants/" + sills.orchid() + "/care")).doesNotContain("See whether it helped");
    }

    @Test
    void theAirOfARoomServesAllItsStops_andNoneOfAnotherRoom() throws Exception {
        stops.store(stops.stop(collection, sills.dark().id()).inRoom("Parlour"));
        stops.store(stops.stop(collection, sills.bright().id()).inRoom("Parlour"));
        accept(
                sills.dark().id() + " HUMIDIFIER 0",
                sills.dark().id() + " NIGHTS 3.0",
                sills.dark().id() + " NET 0");
        assertThat(countedOn()).containsEntry(sills.bright().id(), new Fitting(0, false, new RoomAir(true, 3)));
        assertThat(countedOn()).containsEntry(sills.dark().id(), new Fitting(0, true, new RoomAir(true, 3)));
        stops.store(stops.stop(collection, sills.bright().id()).inRoom("Attic"));
        assertThat(countedOn()).doesNotContainKey(sills.bright().id());
    }

    /** The same lamp accepted again takes the place of the one that waits; two who accept in the same moment leave one. */
    @Test
    void aLampIsSetUpOnce_howeverOftenItIsAccepted() throws Exception {
        AtOnce.each(
                4,
                press -> () -> asking.form(sills.grower().member(), "/care/plan", "form", Asking.fresh(), "put", lamp())
                        .andExpect(redirectedUrl("/care/plan")));
        assertThat(setups.waiting(collection)).hasSize(1);
        String task = setups.waiting(collection).get(0).id().toString();
        AtOnce.each(4, press -> () -> asking.form(sills.grower().member(), "/care/plan/set-up/" + task + "/done"));
        assertThat(setups.waiting(collection)).isEmpty();
        assertThat(stops.stop(collection, sills.dark().id()).lampHours()).isEqualTo(12);
    }

    @Test
    void whatIsNoSettingUpOrAnothersIsLeftOut() throws Exception {
        Growers.Grower other = growers.grower();
        accept(
                "nonsense",
                other.stop().id() + " LAMP 100.0",
                sills.dark().id() + " LAMP 99999",
                sills.dark().id() + " LAMP -5",
                sills.dark().id() + " ROOF 1",
                sills.dark().id() + " NIGHTS 0");
        assertThat(setups.waiting(collection)).isEmpty();
        accept(lamp());
        String task = setups.waiting(collection).get(0).id().toString();
        for (String deed : List.of("done", "drop")) {
            asking.form(other.member(), "/care/plan/set-up/" + task + "/" + deed)
                    .andExpect(status().isNotFound());
        }
        assertThat(setups.waiting(collection)).hasSize(1);
    }
}

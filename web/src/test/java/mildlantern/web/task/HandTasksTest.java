package mildlantern.web.task;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import mildlantern.handwork.Errand;
import mildlantern.log.LogKind;
import mildlantern.web.Asking;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.TaskId;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Work by hand stands on the round on its day, is done with one press, and comes again where it should. */
@LanternTest
class HandTasksTest {
    @Autowired
    private Asking asking;

    @Autowired
    private Growers growers;

    @Autowired
    private HandTasks tasks;

    @Autowired
    private LogBook logBook;

    @Autowired
    private MovableClock clock;

    private Growers.Grower grower;
    private CollectionId collection;
    private Plant plant;
    private LocalDate today;

    @BeforeEach
    void aPlant() {
        grower = growers.grower();
        collection = grower.member().collection();
        plant = grower.plant();
        today = LocalDate.now(clock);
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private TaskId task() {
        return tasks.of(plant).get(0).task().orElseThrow();
    }

    @Test
    void itStandsOnTheRoundOnItsDay_andInTheWeeksAheadBefore() throws Exception {
        tasks.plan(plant, HandTask.LOOK_AT_CUT, today.plusDays(3), BatchId.fresh());
        assertThat(asking.text(grower.member(), "/")).doesNotContain("Look at the cut");
        assertThat(asking.text(grower.member(), "/hands")).contains("Look at the cut");
        assertThat(asking.text(grower.member(), "/plants/" + plant.id())).contains("Look at the cut");
        clock.moveDays(3);
        assertThat(asking.text(grower.member(), "/")).contains("Look at the cut", "class=\"by-hand\"");
        assertThat(asking.text(grower.member(), "/round/paper")).contains("Look at the cut");
    }

    @Test
    void doneByFourInTheSameMoment_itIsWrittenOnce() throws Exception {
        tasks.planEvery(plant, HandTask.PINCH, today, 14, today.plusDays(40), BatchId.fresh());
        TaskId id = task();
        AtOnce.each(
                4,
                i -> () -> asking.form(grower.member(), "/hands/" + id + "/done")
                        .andReturn()
                        .getResponse()
                        .getStatus());
        assertThat(logBook.entries(plant))
                .filteredOn(row -> row.kind() == LogKind.PRUNED)
                .hasSize(1);
        assertThat(tasks.of(plant)).extracting(Asked::day).containsExactly(today.plusDays(14));
    }

    @Test
    void pinchingEndsWithItsLastDay() throws Exception {
        tasks.planEvery(plant, HandTask.PINCH, today, 14, today.plusDays(20), BatchId.fresh());
        asking.form(grower.member(), "/hands/" + task() + "/done");
        clock.moveDays(14);
        asking.form(grower.member(), "/hands/" + task() + "/done");
        assertThat(tasks.of(plant)).isEmpty();
    }

    @Test
    void anErrandOfTheSeasonIsAskedOnce() throws Exception {
        LocalDate spring = LocalDate.of(today.getYear() + 1, 3, 5);
        clock.moveDays((int) (spring.toEpochDay() - today.toEpochDay()));
        assertThat(asking.text(grower.member(), "/hands")).contains("Clean tables, trays and empty pots");
        String form = Asking.fresh();
        asking.form(grower.member(), "/hands/errands", "form", form, "errand", Errand.CLEAN_TABLES.name())
                .andExpect(status().is3xxRedirection());
        asking.form(grower.member(), "/hands/errands", "form", form, "errand", Errand.CLEAN_TABLES.name());
        assertThat(asking.text(grower.member(), "/hands")).doesNotContain("Clean tables, trays and empty pots");
    }

    @Test
    void noOtherGrowersTaskIsDone() throws Exception {
        tasks.plan(plant, HandTask.LOOK_AT_CUT, today, BatchId.fresh());
        Growers.Grower other = growers.grower();
        asking.form(other.member(), "/hands/" + task() + "/done").andExpect(status().isNotFound());
        asking.form(
                        other.member(),
                        "/hands/errands",
                        "form",
                        Asking.fresh(),
                        "errand",
                        Errand.WASH_SHELF.name(),
                        "plant",
                        plant.id().toString())
                .andExpect(status().isNotFound());
        assertThat(tasks.of(plant)).hasSize(1);
        assertThat(tasks.until(collection, today))
                .filteredOn(asked -> asked.plant().isPresent())
                .hasSize(1);
    }
}

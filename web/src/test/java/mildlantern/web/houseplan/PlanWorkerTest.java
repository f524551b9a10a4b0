package mildlantern.web.houseplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Duration;
import mildlantern.plan.Dials;
import mildlantern.web.Asking;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.TwoSills;
import mildlantern.web.platform.CollectionId;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** A large house is planned while nobody waits; what was asked is neither lost by a restart nor made twice. */
@LanternTest
class PlanWorkerTest {
    private static final Dials DIALS = Dials.most(9999);

    @Autowired
    private Asking asking;

    @Autowired
    private TwoSills twoSills;

    @Autowired
    private Growers growers;

    @Autowired
    private PlanWorks works;

    @Autowired
    private PlanWorker worker;

    @Autowired
    private JdbcClient jdbc;

    private TwoSills.Sills sills;
    private CollectionId collection;

    @BeforeEach
    void aHouse() {
        sills = twoSills.dark(0.8);
        collection = sills.collection();
    }

    private void isDone(Dials dials) {
        await().atMost(Duration.ofMinutes(3))
                .until(() -> works.of(collection, dials)
                        .filter(work -> work.state() == PlanWork.State.DONE)
                        .isPresent());
    }

    private String page(String dials) throws Exception {
        return asking.text(sills.grower().member(), "/care/plan" + dials);
    }

    @Test
    void aLargeHouseIsPlannedOnceItIsAsked_andThePlanIsKept() throws Exception {
        for (int i = 0; i < 150; i++) {
            growers.plant(collection, sills.dark(), "Pot " + i);
        }
        assertThat(page("").replaceAll("\\s+", " "))
                .contains("This collection is large", "plan it now")
                .containsPattern("action=\"/care/plan/work\" method=\"post\"><input type=\"hidden\" name=\"_csrf\"")
                .doesNotContain("No other plan");
        asking.form(sills.grower().member(), "/care/plan/work", "moves", "some")
                .andExpect(status().isUnprocessableContent());
        asking.form(sills.grower().member(), "/care/plan/work", "moves", "3", "noMoney", "true")
                .andExpect(redirectedUrlPattern("/care/plan?moves=3*"));
        isDone(Dials.most(3).buying(true, false));

        assertThat(page("?moves=3&noMoney=true")).contains("3 plants to move", "Bright sill", "plan it now");
        assertThat(page("?moves=2&noMoney=true")).contains("plan it now").doesNotContain("2 plants to move");
        assertThat(page("?moves=3&noMoney=true")).contains("3 plants to move");
    }

    @Test
    void whatARestartBrokeOffIsBegunAnew() {
        works.ask(collection, DIALS);
        // Taken up, and then the process ended.
        assertThat(works.next()).isPresent();
        worker.wake();
        isDone(DIALS);
    }

    @Test
    void ofSixWhoAskInTheSameMomentOnePlanIsMade() throws Exception {
        AtOnce.each(6, i -> () -> {
            works.ask(collection, DIALS);
            return i;
        });
        assertThat(jdbc.sql("select count(*) from plan_work where collection_id = ?")
                        .param(collection.value())
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
        worker.wake();
        isDone(DIALS);
    }

    @Test
    void aPlanThatIsAskedOtherwiseMeanwhileIsNotTakenForTheNewOne() {
        works.ask(collection, DIALS);
        PlanWorks.Piece old = new PlanWorks.Piece(
                collection, works.of(collection, DIALS).orElseThrow().asked());
        Dials fewer = Dials.most(1).buying(false, false);
        works.ask(collection, fewer);
        works.failed(old);
        works.within(old, 0.5);
        assertThat(works.of(collection, DIALS)).isEmpty();
        assertThat(works.of(collection, fewer).orElseThrow().open()).isTrue();
        worker.wake();
        isDone(fewer);
    }
}

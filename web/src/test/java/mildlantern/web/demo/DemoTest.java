package mildlantern.web.demo;

import static org.assertj.core.api.Assertions.assertThat;

import mildlantern.web.LanternTest;
import mildlantern.web.account.AccountService;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

@LanternTest
class DemoTest {
    @Autowired
    private DemoLoader loader;

    @Autowired
    private AccountService accounts;

    @Autowired
    private Stops stops;

    @Autowired
    private Plants plants;

    @Autowired
    private JdbcClient jdbc;

    @Test
    void theSignalHouseStandsWithItsPlantsAndTroubles_howeverOftenItStarts() {
        loader.load();
        SignedIn keeper = (SignedIn) accounts.loadUserByUsername(DemoLoader.SIGN_IN);
        loader.load();
        assertThat(stops.walk(keeper.collection())).hasSize(9);
        assertThat(plants.plants(keeper.collection()))
                .hasSize(46)
                .extracting(Plant::name)
                .doesNotHaveDuplicates();
        assertThat(jdbc.sql("select state from trouble_case where collection_id = ?")
                        .param(keeper.collection().value())
                        .query(String.class)
                        .list())
                .containsExactlyInAnyOrder(
                        "LOOKING", "LOOKING", "LOOKING", "TRIAL", "TRIAL", "TRIAL", "TRIAL", "CLOSED", "CLOSED",
                        "CLOSED");
        assertThat(jdbc.sql("select max(on_day) - min(on_day) from happening where collection_id = ?")
                        .param(keeper.collection().value())
                        .query(Integer.class)
                        .single())
                .isGreaterThan(400);
    }
}

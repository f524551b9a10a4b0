package mildlantern.web.edge;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.time.Duration;
import mildlantern.web.SecondInstance;
import mildlantern.web.Visit;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;

/** While the database cannot be reached that is said, soon and in our own words; when it is back, everything goes on by itself. */
class DatabaseAwayTest {
    private static final Duration SOON = Duration.ofSeconds(8);

    @Test
    void whoAsksMeanwhileIsToldSoon_andAfterwardsItGoesOn() throws Exception {
        String url = SecondInstance.emptyDatabase();
        String name = url.substring(url.lastIndexOf('/') + 1);
        JdbcClient server = SecondInstance.client(url.replaceFirst("/[^/]+$", "/postgres"));
        try (SecondInstance application = SecondInstance.on(url)) {
            Visit visit = new Visit(application.port());
            assertThat(visit.open("/welcome")).contains("A new collection");

            server.sql("alter database " + name + " allow_connections false").update();
            server.sql("select pg_terminate_backend(pid) from pg_stat_activity where datname = ?")
                    .param(name)
                    .query()
                    .listOfRows();
            for (String accept : new String[] {"text/html", "application/json"}) {
                long asked = System.nanoTime();
                HttpResponse<String> answer =
                        visit.send(visit.to("/welcome").header("Accept", accept).build());
                assertThat(Duration.ofNanos(System.nanoTime() - asked)).isLessThan(SOON);
                assertThat(answer.statusCode()).isEqualTo(503);
                assertThat(answer.body())
                        .contains("The database cannot be reached")
                        .doesNotContain("Exception");
                assertThat(answer.headers().firstValue("Retry-After")).isPresent();
            }

            server.sql("alter database " + name + " allow_connections true").update();
            assertThat(visit.open("/welcome")).contains("A new collection");
        }
    }
}

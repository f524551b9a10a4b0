package mildlantern.web.upgrade;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.zip.GZIPInputStream;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.SecondInstance;
import mildlantern.web.Visit;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.ReadThrough;
import mildlantern.web.routine.Routine;
import mildlantern.web.routine.Schedules;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.Test;
import org.postgresql.PGConnection;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;

/** What was stored by the version before this one is served by this one: its database as it is, and its archive. */
@LanternTest
class UpgradeTest {
    @Autowired
    private Growers growers;

    @LocalServerPort
    private int port;

    /** Fills a database from a dump as psql would. */
    private static void fill(String url, String dump) throws Exception {
        try (Connection connection = DriverManager.getConnection(
                        url, System.getenv("LANTERN_TEST_DB_USER"), System.getenv("LANTERN_TEST_DB_PASSWORD"));
                BufferedReader lines = new BufferedReader(new InputStreamReader(
                        new GZIPInputStream(Objects.requireNonNull(UpgradeTest.class.getResourceAsStream(dump))),
                        StandardCharsets.UTF_8))) {
            StringBuilder statement = new StringBuilder();
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.startsWith("--") || line.isBlank()) {
                    continue;
                }
                statement.append(line).append('\n');
                if (line.startsWith("COPY ")) {
                    StringBuilder rows = new StringBuilder();
                    for (String row = lines.readLine(); row != null && !row.equals("\\."); row = lines.readLine()) {
                        rows.append(row).append('\n');
                    }
                    connection
                            .unwrap(PGConnection.class)
                            .getCopyAPI()
                            .copyIn(statement.toString().replace(";", ""), new StringReader(rows.toString()));
                    statement.setLength(0);
                } else if (line.endsWith(";")) {
                    try (Statement one = connection.createStatement()) {
                        one.execute(statement.toString());
                    }
                    statement.setLength(0);
                }
            }
        }
    }

    @Test
    void aDatabaseOfTheVersionBeforeIsServed_withAllThatWasInIt() throws Exception {
        String url = SecondInstance.emptyDatabase();
        fill(url, "/before/version-7.sql.gz");
        JdbcClient before = SecondInstance.client(url);
        before.sql("select set_config('search_path', 'public', false)").query().listOfRows();
        Map<String, Integer> counted = counts(before);
        assertThat(counted.get("happening")).isGreaterThan(8000);
        try (SecondInstance now = SecondInstance.on(url)) {
            assertThat(counts(before)).isEqualTo(counted);
            assertThat(before.sql("select max(version::integer) from flyway_schema_history")
                            .query(Integer.class)
                            .single())
                    .isGreaterThan(7);
            List<CollectionId> houses = before.sql("select id from collection").query(UUID.class).list().stream()
                    .map(CollectionId::new)
                    .toList();
            everyRowIsReadAsItsPagesReadIt(now, houses);
            everyPlantIsWorkedOut(now, houses);
            pagesAreServed(now, before);
            measuredIsToldFromTyped(now, before);
        }
    }

    private static Map<String, Integer> counts(JdbcClient database) {
        Map<String, Integer> counts = new TreeMap<>();
        for (String table : List.of(
                "member",
                "stop",
                "plant",
                "happening",
                "trouble_case",
                "case_answer",
                "case_trial",
                "care_entry",
                "course",
                "course_step",
                "contact_look",
                "photo",
                "own_kind",
                "own_product",
                "own_feed",
                "own_water",
                "errand",
                "stop_reading",
                "sensor")) {
            counts.put(
                    table,
                    database.sql("select count(*) from public." + table)
                            .query(Integer.class)
                            .single());
        }
        assertThat(counts)
                .allSatisfy((table, count) -> assertThat(count).as(table).isPositive());
        return counts;
    }

    private static void everyRowIsReadAsItsPagesReadIt(SecondInstance now, List<CollectionId> houses) {
        TransactionTemplate transaction = now.get(TransactionTemplate.class);
        now.all(ReadThrough.class)
                .forEach(room ->
                        houses.forEach(house -> transaction.executeWithoutResult(status -> room.readThrough(house))));
    }

    private static void everyPlantIsWorkedOut(SecondInstance now, List<CollectionId> houses) {
        for (CollectionId house : houses) {
            now.get(Routine.class).refreshAll(house);
            now.get(Plants.class)
                    .plants(house)
                    .forEach(plant -> assertThat(now.get(Schedules.class).of(house, plant.id()))
                            .as(plant.name())
                            .isPresent());
        }
    }

    private static void pagesAreServed(SecondInstance now, JdbcClient database) throws Exception {
        Visit keeper = new Visit(now.port());
        assertThat(keeper.signIn("keeper", "lamplight").statusCode()).isEqualTo(200);
        assertThat(database.sql("select password_hash from public.member where sign_in = 'keeper'")
                        .query(String.class)
                        .single())
                .as("the hash of the version before let in, and was made anew")
                .startsWith("{pbkdf2}");
        List<String> addresses = new ArrayList<>(
                List.of("/", "/collection", "/care", "/feeding", "/products", "/round/summary", "/exchange"));
        String mine = " where collection_id = (select collection_id from public.member where sign_in = 'keeper')";
        for (String room : List.of("plants from plant", "cases from trouble_case", "stops from stop")) {
            String[] parts = room.split(" from ");
            database.sql("select id from public." + parts[1] + mine)
                    .query(UUID.class)
                    .list()
                    .forEach(id -> addresses.add("/" + parts[0] + "/" + id));
        }
        for (String address : addresses) {
            assertThat(keeper.send(keeper.to(address).build()).statusCode())
                    .as(address)
                    .isEqualTo(200);
        }
    }

    private static void measuredIsToldFromTyped(SecondInstance now, JdbcClient database) {
        CollectionId house =
                new CollectionId(database.sql("select collection_id from public.member where sign_in = 'keeper'")
                        .query(UUID.class)
                        .single());
        now.get(Stops.class).walk(house).forEach(stop -> {
            assertThat(stop.humidityPercent())
                    .as("nobody typed it at " + stop.name())
                    .isNull();
            assertThat(now.get(StopStates.class).of(stop).brightness()).isNotEqualTo(Optional.empty());
        });
    }

    @Test
    void anArchiveOfTheVersionBeforeComesIn() throws Exception {
        Visit visit = new Visit(port);
        visit.signIn(growers.newcomer().signIn(), Growers.PASSWORD);
        visit.open("/exchange");
        byte[] archive = Objects.requireNonNull(getClass().getResourceAsStream("/before/archive-of-version-7.zip"))
                .readAllBytes();
        assertThat(visit.file("/exchange/archive", "file", "archive.zip", archive)
                        .body())
                .contains("46 plants came in, with their records.");
        assertThat(visit.send(visit.to("/").build()).body()).contains("Lamp room sill");
    }
}

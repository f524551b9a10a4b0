package mildlantern.web.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mildlantern.sensing.DayOfAir;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.StopWriter;
import mildlantern.web.stop.Glass;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.StopNow;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.StopStates;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.support.TransactionTemplate;

/** Readings come typed, from a meter, from a logger, from sensors and from stations, and say what a stop gives. */
@LanternTest
class ReadingsTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private Stops stops;

    @Autowired
    private StopWriter stopWriter;

    @Autowired
    private StopStates states;

    @Autowired
    private Houses houses;

    @Autowired
    private Readings readings;

    @Autowired
    private StationKeeper keeper;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private MovableClock clock;

    private Growers.Grower grower;
    private CollectionId collection;
    private String stop;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
        collection = grower.member().collection();
        stop = "/stops/" + grower.stop().id();
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private MockHttpServletRequestBuilder mine(MockHttpServletRequestBuilder request) {
        return request.with(user(grower.member())).with(csrf());
    }

    private int count(String table) {
        return jdbc.sql("select count(*) from " + table + " where collection_id = ?")
                .param(collection.value())
                .query(Integer.class)
                .single();
    }

    private String bring(String table, FormKey form, int expected) throws Exception {
        return mvc.perform(multipart(stop + "/tables")
                        .file(new MockMultipartFile(
                                "table", "shelf.csv", "text/csv", table.getBytes(StandardCharsets.UTF_8)))
                        .param("form", form.toString())
                        .with(user(grower.member()))
                        .with(csrf()))
                .andExpect(status().is(expected))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    /** A reading every ten minutes of the last days, silent for five hours in the middle. */
    private String logged(int days) {
        StringBuilder table = new StringBuilder("time,temp (C),rh,lux\n");
        LocalDateTime at = LocalDate.now(clock).minusDays(days).atStartOfDay();
        for (int minute = 0; minute < days * 1440; minute += 10) {
            if (minute < 700 || minute >= 1000) {
                table.append(at.plusMinutes(minute)).append(",18.6,62,2700\n");
            }
        }
        return table.toString();
    }

    @Test
    void aLoggersTableWithAGapIsTakenOnceAndSaysWhereItIsSilent() throws Exception {
        FormKey form = FormKey.fresh();
        String table = logged(5);
        bring(table, form, 302);
        bring(table, form, 302);
        bring(table, FormKey.fresh(), 302);

        assertThat(count("raw_reading")).isEqualTo(5 * 144 - 30);
        assertThat(jdbc.sql("select gaps, stored, twice from reading_file where collection_id = ? order by stored")
                        .param(collection.value())
                        .query()
                        .listOfRows())
                .hasSize(2)
                .satisfies(rows -> {
                    assertThat((String) rows.get(0).get("gaps")).contains("5 hours");
                    assertThat(rows.get(0)).containsEntry("twice", 690).containsEntry("stored", 0);
                    assertThat(rows.get(1)).containsEntry("stored", 690);
                });
        StopNow now = states.of(stops.stop(collection, grower.stop().id()));
        assertThat(now.humidityPercent()).contains(62.0);
        assertThat(now.dayCelsius()).contains(19.0);
        assertThat(now.lightMol().orElseThrow()).isCloseTo(50 * 86400 / 1e6, within(0.06));
        assertThat(now.humidity().orElseThrow().origin()).isEqualTo(StopReading.Origin.MEASURED);
        assertThat(stops.stop(collection, grower.stop().id()).humidityPercent())
                .as("what was typed stays as it was typed")
                .isEqualTo(50);
        List<DayOfAir> days = readings.days(
                collection, grower.stop().id(), LocalDate.now(clock).minusDays(5), LocalDate.now(clock));
        assertThat(days.get(0).mol()).as("a day with a gap has no sum").isEmpty();
        assertThat(days.get(1).mol()).isPresent();
        mvc.perform(mine(get(stop)))
                .andExpect(content().string(containsString("no readings for ")))
                .andExpect(content().string(containsString("known before")));
    }

    @Test
    void rubbishIsRefusedWithItsLinesAndNothingIsStored() throws Exception {
        String answer = bring("time,temp (C)\n2026-05-01 00:00,20\nsoon,20\n", FormKey.fresh(), 422);

        assertThat(answer).contains("1 of 2 lines cannot be read").contains("Line 3: “soon” is not a time");
        assertThat(count("raw_reading")).isZero();
        assertThat(count("sensor")).isZero();
        assertThat(count("reading_file")).isZero();
        assertThat(bring("\u0000\u0001 not a table", FormKey.fresh(), 422)).contains("no heading");
    }

    /** Sensors read three times what the window lets in as reckoned: the year's curve goes up with it. */
    @Test
    void theYearsLightGoesByWhatIsMeasuredNow() throws Exception {
        stopWriter.reshape(
                collection,
                grower.stop().id(),
                FormKey.fresh(),
                stops.stop(collection, grower.stop().id()).version(),
                1,
                stop -> stop.built(StopKind.SILL, Glass.SOUTH, 20).glazed(null, null, 120, 120, 0, 5));
        double reckoned = highestOfTheYear("by window and usual cloud cover");
        Stop at = stops.stop(collection, grower.stop().id());
        stopWriter.measured(collection, at.id(), () -> {
            for (int ago = 1; ago < 8; ago++) {
                stops.store(new StopReading(at, LocalDate.now(clock).minusDays(ago), OffsetDateTime.now(clock))
                        .read(null, 30.0, null, null, null)
                        .by(StopReading.Origin.MEASURED));
            }
        });
        assertThat(highestOfTheYear("what is measured here: now 30.")).isGreaterThan(Math.max(29, reckoned));
    }

    private double highestOfTheYear(String told) throws Exception {
        String page = mvc.perform(mine(get(stop))).andReturn().getResponse().getContentAsString();
        assertThat(page).contains(told);
        Matcher range = Pattern.compile("From [0-9.]+ to ([0-9.]+) mol").matcher(page);
        assertThat(range.find()).isTrue();
        return Double.parseDouble(range.group(1));
    }

    @Test
    void aMeterTellsADaysLightAndCorrectsTheWindow() throws Exception {
        stopWriter.reshape(
                collection,
                grower.stop().id(),
                FormKey.fresh(),
                stops.stop(collection, grower.stop().id()).version(),
                1,
                stop -> stop.built(StopKind.SILL, Glass.SOUTH, 20));
        mvc.perform(mine(post(stop + "/meter"))
                        .param("form", UUID.randomUUID().toString())
                        .param("onDay", LocalDate.now(clock).toString())
                        .param("at", "12:00")
                        .param("value", "1080")
                        .param("unit", "LUX")
                        .param("sky", "OVERCAST"))
                .andExpect(status().is3xxRedirection())
                .andExpect(flash().attribute("told", containsString("mol/m²")));

        Stop now = stops.stop(collection, grower.stop().id());
        assertThat(now.lightFactor()).isPositive();
        assertThat(now.dailyLight()).isBetween(0.1, 10.0);
        mvc.perform(mine(get(stop)))
                .andExpect(content().string(containsString("by meter")))
                .andExpect(content().string(containsString("do not suit one plant")));
        mvc.perform(mine(post(stop + "/meter"))
                        .param("form", UUID.randomUUID().toString())
                        .param("onDay", LocalDate.now(clock).toString())
                        .param("at", "01:00")
                        .param("value", "10")
                        .param("unit", "LUX")
                        .param("sky", "CLEAR"))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("The sun is not up then")));
    }

    @Test
    void aSensorPushesWithItsTokenUntilItIsRetired() throws Exception {
        FormKey form = FormKey.fresh();
        Map<String, ?> flash = mvc.perform(mine(post(stop + "/sensors"))
                        .param("form", form.toString())
                        .param("name", "Shelf two"))
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getFlashMap();
        String token = String.valueOf(flash.get("token"));
        String body = """
                [{"at": "%sT10:00:00Z", "celsius": 20.5, "humidity": 51, "lux": 5400},
                 {"at": "%sT10:10:00Z", "fahrenheit": 68, "humidity": 300}]
                """.formatted(
                        LocalDate.now(clock).minusDays(1), LocalDate.now(clock).minusDays(1));

        mvc.perform(push(token, body))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.stored").value(2))
                .andExpect(jsonPath("$.aside[0].what").value("HUMIDITY"));
        mvc.perform(push(token, body)).andExpect(jsonPath("$.twice").value(2));
        assertThat(count("set_aside"))
                .as("what was set aside is noted once, however often it is pushed")
                .isEqualTo(1);
        assertThat(jdbc.sql("select celsius, ppfd from raw_reading where collection_id = ? order by at")
                        .param(collection.value())
                        .query((row, number) -> row.getFloat(1) + " " + row.getFloat(2))
                        .list())
                .containsExactly("20.5 100.0", "20.0 0.0");
        assertThat(jdbc.sql("select token_hash from sensor where id = ?")
                        .param(form.value())
                        .query(String.class)
                        .single())
                .isNotEqualTo(token);
        mvc.perform(push("ml_wrong", body)).andExpect(status().isUnauthorized());
        mvc.perform(push(token, "[{\"at\": \"yesterday\", \"celsius\": 20}]"))
                .andExpect(status().is(422))
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON))
                .andExpect(jsonPath("$.detail").value(containsString("Reading 1")));
        mvc.perform(push(token, "[{\"at\": \"2026-05-01T00:00:00Z\", \"warmth\": 20}]"))
                .andExpect(jsonPath("$.detail").value(containsString("'warmth' is not known")));
        mvc.perform(post("/sensors/" + form + "/retire")
                        .with(user(growers.grower().member()))
                        .with(csrf()))
                .andExpect(status().isNotFound());
        mvc.perform(mine(post("/sensors/" + form + "/retire"))).andExpect(status().is3xxRedirection());
        mvc.perform(push(token, body)).andExpect(status().isUnauthorized());
    }

    private static MockHttpServletRequestBuilder push(String token, String body) {
        return post("/api/readings")
                .header("Authorization", "Bearer " + token)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body);
    }

    @Test
    void aStationReadsOnWithTheClock() {
        houses.stands(collection, 50, 8, true);
        transaction.executeWithoutResult(status -> readings.simulate(
                SensorId.fresh(),
                stops.stop(collection, grower.stop().id()),
                new Stations.Room(24.0, 18.0, 2, 0.1, 0)));
        keeper.readOn();
        clock.moveDays(3);
        keeper.readOn();
        keeper.readOn();

        LocalDate today = LocalDate.now(clock);
        assertThat(readings.days(collection, grower.stop().id(), today.minusDays(2), today.minusDays(1)))
                .hasSize(2)
                .allSatisfy(day -> {
                    assertThat(day.hours()).isEqualTo(24);
                    assertThat(day.byDay().orElseThrow()).isBetween(23.0, 30.0);
                });
        assertThat(states.of(stops.stop(collection, grower.stop().id()))
                        .nightCelsius()
                        .orElseThrow())
                .isBetween(17.0, 21.0);
        assertThat(count("raw_reading")).isLessThanOrEqualTo((Readings.RAW_DAYS + 4) * 144);
    }

    @Test
    void nobodyReadsAnothersStop() throws Exception {
        Growers.Grower other = growers.grower();
        for (String address : List.of(stop, stop + "/hours.csv")) {
            mvc.perform(get(address).with(user(other.member()))).andExpect(status().isNotFound());
        }
        mvc.perform(multipart(stop + "/tables")
                        .file(new MockMultipartFile(
                                "table", "a.csv", "text/csv", logged(1).getBytes(StandardCharsets.UTF_8)))
                        .param("form", UUID.randomUUID().toString())
                        .with(user(other.member()))
                        .with(csrf()))
                .andExpect(status().isNotFound());
        assertThat(count("raw_reading")).isZero();
    }

    @Test
    void theHoursGoOutAsATableThatComesBackIn() throws Exception {
        bring(logged(2), FormKey.fresh(), 302);
        String csv = mvc.perform(mine(get(stop + "/hours.csv?days=10")))
                .andReturn()
                .getResponse()
                .getContentAsString();

        assertThat(csv.lines().count()).isGreaterThan(40);
        grower = growers.grower();
        collection = grower.member().collection();
        stop = "/stops/" + grower.stop().id();
        bring(csv, FormKey.fresh(), 302);
        assertThat(count("hour_reading")).isEqualTo((int) csv.lines().count() - 1);
    }
}

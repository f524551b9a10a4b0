package mildlantern.web.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** Keeping a collection: many at once, what is deleted and restored, moves that warn, the first day. */
@LanternTest
class KeepingTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private Plants plants;

    @Autowired
    private RecordWriter recordWriter;

    @Autowired
    private Stops stops;

    @Autowired
    private LogBook log;

    @Autowired
    private Bin bin;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private MovableClock clock;

    private Growers.Grower grower;
    private Plant other;
    private Stop cold;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
        other = growers.plant(grower.member().collection(), grower.stop(), "Whelk");
        cold = stops.store(new Stop(StopId.fresh(), grower.member().collection(), 2, "Yard")
                .climate(Brightness.MEDIUM, 70.0, 6.0, -4.0));
    }

    @AfterEach
    void theDayIsTodayAgain() {
        clock.reset();
    }

    private ResultActions press(String address, String... fields) throws Exception {
        var asked = post(address).with(user(grower.member())).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            asked = asked.param(fields[i], fields[i + 1]);
        }
        return mvc.perform(asked);
    }

    private String page(String address) throws Exception {
        return mvc.perform(get(address).with(user(grower.member())))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private Plant now(Plant plant) {
        return plants.plant(plant.collection(), plant.id());
    }

    @Test
    void aLabelWritesTheYearAsAYear() throws Exception {
        LocalDate came = LocalDate.of(LocalDate.now(clock).getYear() - 2, 5, 3);
        recordWriter.store(now(other).acquired(came));
        assertThat(page("/labels")).contains("since " + came.getYear() + "<");
    }

    private List<String> record(Plant plant) {
        return log.entries(plant).stream().map(LogWords::said).toList();
    }

    @Test
    void aBroadKindOffersItsCloserKinds_saysWhatWouldChange_andChangesNothingByItself() throws Exception {
        Plant sundew = recordWriter.store(now(other).ofKind("drosera", null).named("'Red Tide'", null, null));
        assertThat(page("/plants/" + sundew.id() + "/edit"))
                .contains("Which sundew is it?", "hardy sundew", "<i lang=\"la\">Drosera rotundifolia</i>")
                .containsPattern("nights down to (−|-)3 °C");
        assertThat(page("/plants/" + sundew.id() + "/edit?kind=drosera-hardy"))
                .containsPattern("value=\"drosera-hardy\"[^>]*selected");
        assertThat(now(sundew).profile()).isEqualTo("drosera");
        assertThat(page("/plants/" + grower.plant().id() + "/edit")).doesNotContain("Which ");
        assertThat(page("/plants/" + sundew.id()))
                .contains("<i lang=\"la\">Drosera </i>", "‘Red Tide’")
                .doesNotContain("‘'Red Tide");
    }

    @Test
    void oneDeedIsWrittenForSeveralPlants_onceHoweverOftenItIsSent_andTakenBackAsOne() throws Exception {
        String form = UUID.randomUUID().toString();
        for (int sent = 0; sent < 2; sent++) {
            press(
                            "/collection/deeds",
                            "form",
                            form,
                            "deed",
                            "WATERED",
                            "plant",
                            grower.plant().id().toString(),
                            "plant",
                            other.id().toString())
                    .andExpect(redirectedUrl("/collection"));
        }
        assertThat(record(grower.plant())).containsExactly("watered");
        assertThat(record(other)).containsExactly("watered");
        press("/collection/take-back", "batch", form);
        assertThat(record(grower.plant())).isEmpty();
        assertThat(record(other)).isEmpty();
    }

    @Test
    void aStormOverTwelvePlantsIsOneEntryForEach_onItsDay_andTakenBackAsOne() throws Exception {
        List<Plant> twelve = IntStream.range(0, 12)
                .mapToObj(i -> growers.plant(grower.member().collection(), grower.stop(), "Pot " + i))
                .toList();
        String form = UUID.randomUUID().toString();
        List<String> fields = new ArrayList<>(List.of("form", form, "deed", "HAPPENED", "happening", "STORM"));
        fields.addAll(List.of("on", LocalDate.now(clock).minusDays(2).toString()));
        twelve.forEach(plant -> fields.addAll(List.of("plant", plant.id().toString())));
        press("/collection/deeds", fields.toArray(String[]::new)).andExpect(redirectedUrl("/collection"));
        assertThat(twelve).allSatisfy(plant -> {
            assertThat(record(plant)).containsExactly("stood in a storm");
            assertThat(log.entries(plant).get(0).onDay())
                    .isEqualTo(LocalDate.now(clock).minusDays(2));
        });
        press("/collection/take-back", "batch", form);
        assertThat(twelve).allSatisfy(plant -> assertThat(record(plant)).isEmpty());
    }

    @Test
    void whatHappenedMustBeChosen_andNotOnADayToCome() throws Exception {
        String plant = grower.plant().id().toString();
        for (String[] wrong : List.of(new String[] {"happening", ""}, new String[] {
            "happening", "STORM", "on", LocalDate.now(clock).plusDays(1).toString()
        })) {
            List<String> fields =
                    new ArrayList<>(List.of("form", UUID.randomUUID().toString(), "deed", "HAPPENED", "plant", plant));
            fields.addAll(List.of(wrong));
            press("/collection/deeds", fields.toArray(String[]::new)).andExpect(flash().attributeExists("wrong"));
        }
        assertThat(record(grower.plant())).isEmpty();
    }

    @Test
    void movingSeveralWarns_andMovesOnlyWhenToldAnyway() throws Exception {
        String[] asked = {
            "form",
            UUID.randomUUID().toString(),
            "deed",
            "MOVED",
            "stop",
            cold.id().toString(),
            "plant",
            other.id().toString()
        };
        assertThat(press("/collection/deeds", asked)
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("Think again first", "Whelk", "Nights of -4");
        assertThat(now(other).stop()).isEqualTo(grower.stop().id());
        String[] anyway = Arrays.copyOf(asked, asked.length + 2);
        anyway[asked.length] = "anyway";
        anyway[asked.length + 1] = "true";
        press("/collection/deeds", anyway).andExpect(redirectedUrl("/collection"));
        assertThat(now(other).stop()).isEqualTo(cold.id());
    }

    @Test
    void theEditFormAndTheTypedLineWarnBeforeAMoveToo() throws Exception {
        String edit = page("/plants/" + other.id() + "/edit");
        String form = edit.replaceFirst("(?s).*name=\"form\"[^>]*value=\"([^\"]+)\".*", "$1");
        press(
                        "/plants/" + other.id(),
                        "form",
                        form,
                        "version",
                        String.valueOf(now(other).version()),
                        "name",
                        "Whelk",
                        "profile",
                        "phalaenopsis",
                        "stop",
                        cold.id().toString(),
                        "medium",
                        "bark")
                .andExpect(status().isUnprocessableContent());
        assertThat(now(other).stop()).isEqualTo(grower.stop().id());
        assertThat(page("/quick/preview?line=whelk: moved to yard")).contains("Nights of -4");
    }

    @Test
    void twoPlantsOfOneNameAreOfferedAsAChoice() throws Exception {
        Plant twin = growers.plant(grower.member().collection(), cold, "Whelk");
        assertThat(page("/quick/preview?line=whelk: watered 200"))
                .contains(
                        "data-plant=\"" + twin.id() + "\"",
                        "data-plant=\"" + other.id() + "\"",
                        "Whelk · moth orchid · Yard")
                .contains("data-line=\"watered 200\"");
        press("/quick", "form", UUID.randomUUID().toString(), "plant", twin.id().toString(), "line", "watered 200")
                .andExpect(redirectedUrl("/plants/" + twin.id()));
        assertThat(record(twin)).containsExactly("watered 200 mL");
        assertThat(record(other)).isEmpty();
    }

    @Test
    void aDeletedPlantLeavesAllLists_andComesBackWithItsRecord() throws Exception {
        press(
                "/quick",
                "form",
                UUID.randomUUID().toString(),
                "plant",
                other.id().toString(),
                "line",
                "watered 200");
        press("/plants/" + other.id() + "/delete").andExpect(redirectedUrl("/bin"));
        assertThat(page("/collection")).doesNotContain("Whelk");
        assertThat(page("/bin")).contains("Whelk");
        press("/bin/plants/" + other.id());
        assertThat(page("/collection")).contains("Whelk");
        assertThat(record(now(other))).containsExactly("watered 200 mL");
    }

    @Test
    void afterThirtyDaysADeletedPlantIsGoneForGood_andNothingElseIs() throws Exception {
        press("/plants/" + other.id() + "/cases");
        press(
                "/quick",
                "form",
                UUID.randomUUID().toString(),
                "plant",
                other.id().toString(),
                "line",
                "watered 200");
        press("/plants/" + other.id() + "/delete");
        clock.moveDays(Bin.DAYS);
        bin.empty();
        assertThat(plants.find(other.collection(), other.id())).isPresent();
        clock.moveDays(1);
        bin.empty();
        assertThat(plants.find(other.collection(), other.id())).isEmpty();
        assertThat(plants.find(other.collection(), grower.plant().id())).isPresent();
    }

    @Test
    void everythingThatHangsOnAPlantOrItsCasesAndCoursesGoesWithIt() {
        assertThat(jdbc.sql("""
                                select distinct c.conrelid::regclass::text from pg_constraint c
                                where c.contype = 'f' and c.confrelid in ('plant'::regclass, 'trouble_case'::regclass, 'course'::regclass)
                                """).query(String.class).list())
                .allSatisfy(table -> assertThat(Bin.HANGING.stream().anyMatch(what -> what.startsWith(table + " "))
                                || table.equals("plant"))
                        .as(table)
                        .isTrue());
    }

    @Test
    void aStopIsDeletedWhenNothingStandsThere_andNoPlantIsPutThere() throws Exception {
        press("/stops/" + grower.stop().id() + "/delete")
                .andExpect(redirectedUrl("/stops/" + grower.stop().id()));
        press("/stops/" + cold.id() + "/delete").andExpect(redirectedUrl("/bin"));
        assertThat(stops.walk(other.collection())).extracting(Stop::name).containsExactly("Sill");
        press(
                        "/collection/deeds",
                        "form",
                        UUID.randomUUID().toString(),
                        "deed",
                        "MOVED",
                        "anyway",
                        "true",
                        "stop",
                        cold.id().toString(),
                        "plant",
                        other.id().toString())
                .andExpect(status().isNotFound());
        press("/bin/stops/" + cold.id());
        assertThat(stops.walk(other.collection())).extracting(Stop::name).containsExactly("Sill", "Yard");
    }

    @Test
    void twoStopsOfOneNameAreRefused() throws Exception {
        press("/stops", "form", UUID.randomUUID().toString(), "name", " sill ")
                .andExpect(status().isUnprocessableContent());
        assertThat(stops.walk(other.collection())).hasSize(2);
    }

    @Test
    void theListIsNarrowedAndPutInOrder() throws Exception {
        growers.plant(grower.member().collection(), cold, "Auk");
        String byName = page("/collection?by=NAME");
        assertThat(byName.indexOf(">Auk<")).isLessThan(byName.indexOf(">Limpet<"));
        String last = page("/collection?by=NAME&down=true");
        assertThat(last.indexOf(">Auk<")).isGreaterThan(last.indexOf(">Limpet<"));
        assertThat(page("/collection?stop=" + cold.id())).contains(">Auk<").doesNotContain(">Limpet<");
        assertThat(page("/collection?only=IN_CASE")).contains("Nothing fits that");
        press("/plants/" + other.id() + "/cases");
        assertThat(page("/collection?only=IN_CASE")).contains(">Whelk<").doesNotContain(">Limpet<");
    }

    @Test
    void theFirstDayLeadsThroughPlacesToPlants_andItsExampleTableComesIn() throws Exception {
        press(
                        "/start/places",
                        "form",
                        UUID.randomUUID().toString(),
                        "name",
                        "Bay",
                        "kind",
                        "SHELF",
                        "light",
                        "BRIGHT",
                        "name",
                        "",
                        "kind",
                        "SHELF",
                        "light",
                        "LOW",
                        "name",
                        "Trough",
                        "kind",
                        "BOG_TRAY",
                        "light",
                        "DIRECT")
                .andExpect(redirectedUrl("/start/plants"));
        assertThat(stops.walk(other.collection()))
                .extracting(Stop::name)
                .containsExactly("Sill", "Yard", "Bay", "Trough");
        assertThat(stops.named(other.collection(), "trough").orElseThrow().light())
                .isEqualTo(Brightness.DIRECT);
        assertThat(page("/start/example.csv")).contains("Venus flytrap,Sill").contains("\n");
    }

    @Test
    void isolatingMovesToTheStopThatIsForIt_andIsOfferedOnlyWhereThereIsOne() throws Exception {
        assertThat(page("/collection")).doesNotContain("value=\"ISOLATED\"");
        Stop locker = stops.store(new Stop(StopId.fresh(), grower.member().collection(), 3, "Locker").isolating());
        assertThat(page("/collection")).contains("value=\"ISOLATED\"");
        press(
                "/collection/deeds",
                "form",
                UUID.randomUUID().toString(),
                "deed",
                "ISOLATED",
                "anyway",
                "true",
                "plant",
                other.id().toString());
        assertThat(now(other).stop()).isEqualTo(locker.id());
    }

    @Test
    void aFirstPlaceWhoseNameIsTakenIsSaid_andTheOthersComeIn() throws Exception {
        press("/start/places", "form", UUID.randomUUID().toString(), "name", "sill", "name", "Porch, \"south\"")
                .andExpect(flash().attribute("told", containsString("sill")));
        assertThat(stops.walk(other.collection())).extracting(Stop::name).contains("Porch, \"south\"");
    }
}

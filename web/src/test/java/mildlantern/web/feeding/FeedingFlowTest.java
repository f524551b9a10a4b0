package mildlantern.web.feeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.GrowthSign;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterSource;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.casework.CaseService;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.SeasonKeeper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.support.TransactionTemplate;

/** One batch a day for each mix; carnivorous plants through their traps; nothing for a plant in a case. */
@LanternTest
class FeedingFlowTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Plants plants;

    @Autowired
    private CaseService cases;

    @Autowired
    private RecordWriter log;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private SeasonKeeper seasons;

    @Autowired
    private MovableClock clock;

    private Growers.Grower grower;
    private CollectionId collection;
    private Plant trumpet;

    @BeforeEach
    void inJune() {
        LocalDate today = LocalDate.now(clock);
        LocalDate june = LocalDate.of(today.getYear() + (today.getMonthValue() >= 6 ? 1 : 0), 6, 10);
        clock.moveDays((int) ChronoUnit.DAYS.between(today, june));
        grower = growers.grower();
        collection = grower.member().collection();
        trumpet = transaction.execute(status ->
                log.store(new Plant(PlantId.fresh(), collection, grower.stop().id(), 1, "Foghorn", "sarracenia")
                        .potted(PotKind.PLASTIC, 14.0, "peat-perlite", june.minusMonths(10))
                        .kept(WaterSource.SOFT_TAP, FeedStrength.NONE, false, false, true)
                        .counted(0, 9, 0, 0, 0)));
        write(grower.plant(), 2, LogEntry.Watered.through());
        // Last fed so long ago that no level work puts it off.
        write(grower.plant(), 30, new LogEntry.Fed(Optional.empty(), OptionalDouble.of(100)));
        write(trumpet, 30, new LogEntry.TrapFed(OptionalInt.of(2), OptionalDouble.empty()));
        write(trumpet, 20, new LogEntry.Grew(GrowthSign.NEW_GROWTH));
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private void write(Plant plant, int daysAgo, LogEntry entry) {
        log.write(
                collection,
                plant.id(),
                LocalDate.now(clock).minusDays(daysAgo),
                List.of(RecordWriter.Line.of(entry)),
                Optional.empty());
    }

    private MockHttpServletRequestBuilder mine(MockHttpServletRequestBuilder request) {
        return request.with(user(grower.member())).with(csrf());
    }

    private String page() throws Exception {
        return mvc.perform(mine(get("/feeding")))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private List<LogLine> fed(Plant plant) {
        return logBook.entries(plants.plant(collection, plant.id())).stream()
                .filter(row -> row.onDay().equals(LocalDate.now(clock)))
                .filter(row -> row.kind() == LogKind.FED || row.kind() == LogKind.TRAP_FED)
                .toList();
    }

    private MvcResult feed(String mix, FormKey form, Plant... plants) throws Exception {
        MockHttpServletRequestBuilder request =
                mine(post("/feeding/fed")).param("form", form.toString()).param("mix", mix);
        for (Plant plant : plants) {
            request = request.param("plants", plant.id().toString());
        }
        return mvc.perform(request).andExpect(status().is3xxRedirection()).andReturn();
    }

    @Test
    void rootsAndTrapsAreTwoMixesEachWithItsBatch() throws Exception {
        assertThat(page())
                .contains("For roots, 100 mg/L nitrogen")
                .contains("For traps, organic, 50 mg/L nitrogen")
                .contains("Fill 3 of its pitchers to a third")
                .contains("burns traps");
        FormKey form = FormKey.fresh();
        feed("trap-50", form, trumpet);
        feed("trap-50", form, trumpet);
        MvcResult result = feed("root-100", form, grower.plant());

        assertThat(fed(trumpet)).singleElement().satisfies(row -> {
            assertThat(row.as(LogEntry.TrapFed.class).orElseThrow().traps()).hasValue(3);
        });
        assertThat(fed(grower.plant())).singleElement().satisfies(row -> {
            LogEntry.Fed feed = row.as(LogEntry.Fed.class).orElseThrow();
            assertThat(feed.mgNitrogen()).hasValue(100);
            assertThat(feed.product())
                    .hasValueSatisfying(name -> assertThat(name).contains("13-3-15"));
        });
        assertThat(page()).contains("No plant needs feeding today.");
        mvc.perform(mine(post("/feeding/take-back"))
                        .param("batch", String.valueOf(result.getFlashMap().get("batch"))))
                .andExpect(status().is3xxRedirection());
        assertThat(fed(grower.plant())).isEmpty();
        assertThat(page()).contains("For roots, 100 mg/L nitrogen");
    }

    @Test
    void aPlantInACaseIsNotFed() throws Exception {
        cases.open(collection, grower.plant().id());

        assertThat(page()).doesNotContain("For roots").contains("Not fed while a case is open: Limpet.");
        feed("root-100", FormKey.fresh(), grower.plant());
        assertThat(fed(grower.plant())).isEmpty();
    }

    @Test
    void onTheRoundATrapIsFilledNotTheMedium() throws Exception {
        mvc.perform(mine(post("/round/deeds"))
                        .param("form", UUID.randomUUID().toString())
                        .param("plant", trumpet.id().toString())
                        .param("stop", grower.stop().id().toString())
                        .param("deed", "FED"))
                .andExpect(status().is3xxRedirection());

        assertThat(fed(trumpet))
                .singleElement()
                .satisfies(row -> assertThat(row.kind()).isEqualTo(LogKind.TRAP_FED));
    }

    @Test
    void aWaterIsJudgedByItsPlantsAndByTheGrowersAnalysis() throws Exception {
        assertThat(page()).contains("Foghorn: About 122 mg/L dissolved; it bears 50.");
        mvc.perform(mine(post("/feeding/waters"))
                        .param("form", UUID.randomUUID().toString())
                        .param("source", "SOFT_TAP")
                        .param("conductivity", "0.04"))
                .andExpect(status().is3xxRedirection());
        assertThat(page()).contains("your analysis of").contains("the plant that gets it tolerates it");
        mvc.perform(mine(post("/feeding/waters"))
                        .param("form", UUID.randomUUID().toString())
                        .param("source", "SOFT_TAP")
                        .param("conductivity", "640"))
                .andExpect(status().is(422));
    }

    @Test
    void anOwnLabelIsTakenInAnyWayOfCounting() throws Exception {
        mvc.perform(mine(post("/feeding/labels"))
                        .param("form", UUID.randomUUID().toString())
                        .param("name", "Quay mix")
                        .param("comes", "LIQUID")
                        .param("says", "RATIO")
                        .param("n", "6")
                        .param("p", "1")
                        .param("k", "3"))
                .andExpect(status().is(422));
        mvc.perform(mine(post("/feeding/labels"))
                        .param("form", UUID.randomUUID().toString())
                        .param("name", "Quay mix")
                        .param("comes", "POWDER")
                        .param("says", "ELEMENTS")
                        .param("n", "100")
                        .param("p", "20")
                        .param("k", "60"))
                .andExpect(status().is3xxRedirection());
        String page = page();
        String id = page.replaceAll("(?s).*<option value=\"([0-9a-f-]{36})\"[^>]*>Quay mix.*", "$1");
        mvc.perform(mine(post("/feeding/feed")).param("product", id)).andExpect(status().is3xxRedirection());

        // 10 % nitrogen: 1 g in a litre is 100 mg/L.
        assertThat(page()).contains("of Quay mix").contains("No iron or other micronutrients");
    }

    @Test
    void nobodyTakesBackAnothersFeed() throws Exception {
        MvcResult result = feed("trap-50", FormKey.fresh(), trumpet);
        mvc.perform(post("/feeding/take-back")
                        .param("batch", String.valueOf(result.getFlashMap().get("batch")))
                        .with(user(growers.grower().member()))
                        .with(csrf()))
                .andExpect(status().is3xxRedirection());

        assertThat(fed(trumpet)).hasSize(1);
    }

    @Test
    void whenTheSeasonTurnsFeedingStopsThoughNothingIsWritten() throws Exception {
        assertThat(page()).contains("For traps");
        clock.moveDays(200);
        seasons.turn();

        assertThat(page()).as("a trumpet pitcher rests in December").doesNotContain("For traps");
    }

    @Test
    void whomTheGrowerFeedsNothingTheRoundDoesNotAskToFeed() throws Exception {
        assertThat(page()).contains("Limpet");
        transaction.executeWithoutResult(
                status -> log.store(plants.plant(collection, grower.plant().id())
                        .kept(WaterSource.RAIN, FeedStrength.NONE, false, true, true)));

        assertThat(page()).doesNotContain("Limpet").contains("Foghorn");
    }

    @Test
    void aLabelWithAPercentSignIsToldAtItsField_theTypedStays_andSentTwiceItIsOneFeed() throws Exception {
        String form = UUID.randomUUID().toString();
        mvc.perform(mine(post("/feeding/labels"))
                        .param("form", form)
                        .param("name", "Quay feed")
                        .param("comes", "POWDER")
                        .param("says", "OXIDES")
                        .param("n", "6 %")
                        .param("p", "3")
                        .param("k", "6"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("&#39;6 %&#39; is not a number.")))
                .andExpect(content().string(containsString("value=\"6 %\"")))
                .andExpect(content().string(containsString("</html>")));
        for (int i = 0; i < 2; i++) {
            mvc.perform(mine(post("/feeding/labels"))
                            .param("form", form)
                            .param("name", "Quay feed")
                            .param("comes", "POWDER")
                            .param("says", "OXIDES")
                            .param("n", "6")
                            .param("p", "3")
                            .param("k", "6"))
                    .andExpect(status().is3xxRedirection());
        }
    }
}

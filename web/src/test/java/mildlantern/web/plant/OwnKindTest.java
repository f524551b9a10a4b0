package mildlantern.web.plant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Map;
import java.util.UUID;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.diagnosis.Differential;
import mildlantern.diagnosis.Evidence;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantRecord;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Records;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A grower adds a kind of plant that the knowledge base lacks, starting from the nearest. */
@LanternTest
class OwnKindTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private Kinds kinds;

    @Autowired
    private RecordWriter recordWriter;

    @Autowired
    private Records records;

    @Autowired
    private Diagnosis diagnosis;

    private Growers.Grower grower;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
    }

    private MockHttpServletRequestBuilder blueFern(String form) {
        return fern(form, "LOW");
    }

    private MockHttpServletRequestBuilder fern(String form, String light) {
        return post("/kinds")
                .with(user(grower.member()))
                .with(csrf())
                .param("form", form)
                .param("nearest", "boston-fern")
                .param("name", "Blue fern")
                .param("botanical", "")
                .param("light", light)
                .param("humidityLow", "70")
                .param("humidityHigh", "90")
                .param("dayLow", "16")
                .param("dayHigh", "24")
                .param("night", "12")
                .param("daysLow", "2")
                .param("daysHigh", "4")
                .param("dryness", "EVENLY_MOIST")
                .param("water", "SOFT")
                .param("feedLow", "30")
                .param("feedHigh", "60");
    }

    private Profile added() {
        return kinds.all(grower.member().collection()).get(0);
    }

    @Test
    void theFormStartsFromWhatTheNearestKindWants() throws Exception {
        mvc.perform(get("/kinds/new").param("nearest", "boston-fern").with(user(grower.member())))
                .andExpect(status().isOk())
                .andExpect(content().string(Matchers.containsString("Started from <b>sword fern</b>")));
        mvc.perform(get("/kinds/new").param("nearest", "moon-flower").with(user(grower.member())))
                .andExpect(status().isNotFound());
    }

    @Test
    void itHasItsOwnNeedsAndTheTroublesOfTheNearest_andIsAddedOnce() throws Exception {
        String form = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            mvc.perform(blueFern(form)).andExpect(status().is3xxRedirection());
        }
        assertThat(kinds.all(grower.member().collection()))
                .filteredOn(kind -> kind.name().equals("Blue fern"))
                .hasSize(1);
        Plant plant = recordWriter.store(new Plant(
                        PlantId.fresh(),
                        grower.member().collection(),
                        grower.stop().id(),
                        3,
                        "Puffin",
                        added().id())
                .potted(PotKind.CLAY, 14.0, "peat-mix", null));
        PlantRecord record = records.record(plant);
        assertThat(record.profile().humidity().low()).isEqualTo(70);
        Differential dry = diagnosis.consider(record, Evidence.of(Map.of(new FindingId("leaf.edge-crisp"), "present")));
        assertThat(dry.explain(new DisorderId("low-humidity")).strongestFor(3, 0.1))
                .extracting(reason -> reason.sentence())
                .contains("50 % humidity at this stop; this plant wants 70 to 90 %");
        assertThat(diagnosis
                        .consider(record, Evidence.of(Map.of(new FindingId("spots.regular-rows"), "present")))
                        .ladder()
                        .get(0)
                        .disorder()
                        .id())
                .hasToString("natural-growths");
        mvc.perform(get("/plants/{id}", plant.id()).with(user(grower.member())))
                .andExpect(status().isOk())
                .andExpect(content().string(Matchers.containsString("Blue fern")));
    }

    @Test
    void whatIsEatenAndWhatIsPoisonousIsKept() throws Exception {
        mvc.perform(blueFern(UUID.randomUUID().toString())
                        .param("edible", "true")
                        .param("harm", "sap irritates"))
                .andExpect(status().is3xxRedirection());
        assertThat(added().edible()).isTrue();
        assertThat(added().harm()).contains("sap irritates");
    }

    @ParameterizedTest
    @CsvSource({"LOW, 0.5, 4, 3, 10", "MEDIUM, 1, 5, 6, 20", "DIRECT, 8, 18, 30, 50"})
    void itsDailyLightIsThatOfTheBrightnessThatItWants(
            String light, double from, double to, double mostFrom, double mostTo) throws Exception {
        mvc.perform(fern(UUID.randomUUID().toString(), light)).andExpect(status().is3xxRedirection());
        assertThat(added().dailyLight().low()).isBetween(from, to);
        assertThat(added().dailyLight().high()).isBetween(mostFrom, mostTo);
    }

    @Test
    void nobodyElseHasIt() throws Exception {
        mvc.perform(blueFern(UUID.randomUUID().toString())).andExpect(status().is3xxRedirection());
        CollectionId others = growers.grower().member().collection();
        assertThat(kinds.find(others, added().id())).isEmpty();
        assertThat(kinds.all(others)).extracting(Profile::name).doesNotContain("Blue fern");
    }

    @Test
    void aRangeUpsideDownIsToldAtItsField_andEverythingTypedIsKept() throws Exception {
        mvc.perform(post("/kinds")
                        .with(user(grower.member()))
                        .with(csrf())
                        .param("form", UUID.randomUUID().toString())
                        .param("nearest", "boston-fern")
                        .param("name", "Grey fern")
                        .param("humidityLow", "80")
                        .param("humidityHigh", "60"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content()
                        .string(Matchers.allOf(
                                Matchers.containsString("Not below the lower end."),
                                Matchers.containsString("value=\"Grey fern\""))));
    }
}

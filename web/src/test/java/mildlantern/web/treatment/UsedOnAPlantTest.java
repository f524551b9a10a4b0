package mildlantern.web.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import mildlantern.pest.Pests;
import mildlantern.treatment.Means;
import mildlantern.treatment.Situation;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.plant.Plants;
import org.hamcrest.Matchers;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** What was used on a plant is remembered, whatever it was and however it was written down; "can I use this?" knows of it. */
@LanternTest
class UsedOnAPlantTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private Plants plants;

    @Autowired
    private Situations situations;

    @Autowired
    private Clock clock;

    private Growers.Grower grower;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
    }

    private MockHttpServletRequestBuilder mine(MockHttpServletRequestBuilder request) {
        return request.with(user(grower.member()))
                .with(csrf())
                .param("form", UUID.randomUUID().toString());
    }

    /** A way in which a use is written down. */
    enum Way {
        PRESS,
        LINE,
        TABLE
    }

    static Stream<Arguments> allMeansInAllWays() {
        return TreatmentKnowledge.load(Pests.load()).all().stream()
                .flatMap(means -> Stream.of(Way.values()).map(way -> Arguments.of(means, way)));
    }

    private void write(String words, Way way, String meansId) throws Exception {
        switch (way) {
            case PRESS ->
                mvc.perform(mine(post("/plants/" + grower.plant().id() + "/use"))
                                .param("means", meansId))
                        .andExpect(status().is3xxRedirection());
            case LINE ->
                mvc.perform(mine(post("/quick")).param("line", "limpet: sprayed " + words.replace(',', ' ')))
                        .andExpect(status().is3xxRedirection());
            case TABLE -> {
                String table =
                        "plant,day,what,treated with\nLimpet," + LocalDate.now(clock) + ",sprayed,\"" + words + "\"\n";
                String preview = mvc.perform(multipart("/exchange/tables")
                                .file(new MockMultipartFile(
                                        "file", "log.csv", "text/csv", table.getBytes(StandardCharsets.UTF_8)))
                                .param("what", "LOG")
                                .with(user(grower.member()))
                                .with(csrf()))
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl();
                mvc.perform(mine(post(Objects.requireNonNull(preview)))).andExpect(status().isOk());
            }
        }
    }

    private List<Situation.Use> uses() {
        return situations
                .of(plants.plant(grower.member().collection(), grower.plant().id()), LocalDate.now(clock))
                .uses();
    }

    @ParameterizedTest
    @MethodSource("allMeansInAllWays")
    void everyMeansIsRememberedInEveryWayOfWritingItDown(Means means, Way way) throws Exception {
        if (means.refused().isPresent() && way == Way.PRESS) {
            // Refused means are asked for, and used all the same: it is a fact.
            write(means.name(), way, means.id());
        } else {
            write(means.name(), way, means.id());
        }
        assertThat(uses()).singleElement().satisfies(use -> {
            assertThat(use.means()).isEqualTo(means.id());
            assertThat(use.group()).isEqualTo(means.group());
            assertThat(use.product()).isEqualTo(means.product());
        });
    }

    @Test
    void anIngredientTellsItsOwnGroup_alsoAfterItWentOutAsATableAndCameInAgain() throws Exception {
        write("fluopicolide", Way.LINE, "");
        assertThat(uses()).singleElement().satisfies(use -> {
            assertThat(use.means()).isEqualTo("oomycete-fungicide");
            assertThat(use.group()).contains("F-43");
        });
        String table = mvc.perform(get("/exchange/log.csv").with(user(grower.member())))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        assertThat(table).contains("oomycete-fungicide fluopicolide");
    }

    @Test
    void whatNobodyKnowsCountsAsAProductOfItsDay() throws Exception {
        write("grandfather's secret", Way.LINE, "");
        assertThat(uses()).singleElement().satisfies(use -> {
            assertThat(use.means()).isEqualTo("grandfather's secret");
            assertThat(use.product()).isTrue();
            assertThat(use.group()).isEqualTo(Optional.empty());
        });
    }

    @Test
    void withAMiticideNotedByHandSoapOnTheSameDayIsRefused() throws Exception {
        write("abamectin", Way.LINE, "");
        mvc.perform(mine(get("/plants/" + grower.plant().id() + "/use")).param("means", "soap"))
                .andExpect(content().string(Matchers.containsString("No, not today.")))
                .andExpect(content().string(Matchers.containsString("Two products on one day")));
    }

    @Test
    void aStrengthThatCannotBeHasNoYesBesideIt() throws Exception {
        mvc.perform(mine(get("/plants/" + grower.plant().id() + "/use"))
                        .param("means", "alcohol-swab")
                        .param("amount", "910"))
                .andExpect(content().string(Matchers.not(Matchers.containsString("Yes"))));
    }
}

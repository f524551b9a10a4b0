package mildlantern.web.mixing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The bench answers the same address as a page and as JSON, and says at each field what is wrong. */
@LanternTest
class MixingPagesTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private JsonMapper json;

    private Growers.Grower grower;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
    }

    private JsonNode ask(String address, int expected) throws Exception {
        String body = mvc.perform(
                        get(address).accept(MediaType.APPLICATION_JSON).with(user(grower.member())))
                .andExpect(status().is(expected))
                .andReturn()
                .getResponse()
                .getContentAsString();
        return json.readTree(body);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            dilution?amount=2&carrier=percent&volume=750                              | 15
            dilution?amount=20&carrier=litre&volume=750                               | 15
            dilution?amount=3&measure=teaspoon&carrier=us-gallon&volume=1&volume-in=litre | 3.906
            alcohol?bottle=91&wanted=70&volume=500                                    | 384.6
            alcohol?bottle=99&wanted=70&volume=500                                    | 353.5
            drench?amount=1.5&pot=15                                                  | 180
            drench?amount=3&pot=20                                                    | 320
            granules?pot=20                                                           | 0.767
            feed?label=elements&n=93&p=0&k=0&target=100&volume=1                      | 1.0753
            feed?label=oxides&n=20&target=100&volume=1                                | 0.5
            feed?label=ratio&n=6&p=1&k=3&total=10&target=100&volume=1                 | 1.6667
            blend?tap=0.65&target=0.15&volume=10                                      | 2.308
            flush?pot=15&height=13                                                    | 3.308
            trap?saucers=2                                                            | 480
            water?kind=sarracenia&conductivity=0.19                                   | 121.6
            lasting?months=8&celsius=31&days=61                                       | 49.9
            """)
    void theMainFigureIsRightToHalfAPercent(String address, double figure) throws Exception {
        JsonNode answer = ask("/mixing/" + address.strip(), 200);
        assertThat(answer.path("results").get(0).path("value").asDouble()).isCloseTo(figure, within(figure * 0.005));
    }

    @Test
    void wrongInputIsTold_fieldByField_asAProblemDocument() throws Exception {
        JsonNode problem = ask("/mixing/dilution?amount=lots&volume=-3&carrier=bucket", 422);
        assertThat(problem.path("title").asString()).isEqualTo("Wrong input");
        assertThat(problem.path("errors")).hasSize(3);
        assertThat(problem.path("errors").toString())
                .contains("amount", "volume", "carrier", "'lots' is not a number.");
        assertThat(ask("/mixing/dilution?colour=blue", 422)
                        .path("errors")
                        .get(0)
                        .path("field")
                        .asString())
                .isEqualTo("colour");
        assertThat(ask("/mixing/alcohol?bottle=40&wanted=70", 422)
                        .path("errors")
                        .get(0)
                        .path("field")
                        .asString())
                .isEqualTo("wanted");
        assertThat(ask("/mixing/blend?tap=0.3&target=0.6", 422)
                        .path("errors")
                        .get(0)
                        .path("message")
                        .asString())
                .contains("between the two");
        mvc.perform(get("/mixing/alcohol?wanted=90")
                        .accept(MediaType.APPLICATION_JSON)
                        .with(user(grower.member())))
                .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON));
    }

    @Test
    void aboveTheLabelNothingIsMixed() throws Exception {
        JsonNode problem = ask("/mixing/dilution?amount=30&most=20", 422);
        assertThat(problem.path("errors").get(0).path("message").asString())
                .isEqualTo("Above the label: at most 20 mL per L.");
        assertThat(ask("/mixing/dilution?amount=20&most=20", 200).path("results"))
                .isNotEmpty();
    }

    @Test
    void thePageKeepsWhatWasTyped_andSaysWhatIsWrong() throws Exception {
        mvc.perform(get("/mixing").with(user(grower.member()))).andExpect(redirectedUrl("/mixing/dilution"));
        String page = mvc.perform(
                        get("/mixing/feed?n=lots").accept(MediaType.TEXT_HTML).with(user(grower.member())))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page).contains("value=\"lots\"").contains("&#39;lots&#39; is not a number.");
        mvc.perform(get("/mixing/brew").accept(MediaType.TEXT_HTML).with(user(grower.member())))
                .andExpect(status().isNotFound());
    }

    @Test
    void aStopIsMixedForAsOneBatch() throws Exception {
        growers.plant(grower.member().collection(), grower.stop(), "Barnacle");
        JsonNode answer = ask(
                "/mixing/batch?use=drench&rate=0.5&measure=gram&stop="
                        + grower.stop().id(),
                200);
        double each = answer.path("results").get(2).path("value").asDouble();
        assertThat(each).isCloseTo(113.1, within(0.6));
        assertThat(answer.path("results").get(0).path("value").asDouble())
                .isBetween(2 * each * 1.1, 2 * each * 1.1 + 10);
        assertThat(answer.path("results")).hasSize(4);
    }

    @Test
    void theDescriptionNamesEveryCalculatorAndItsInputs() throws Exception {
        JsonNode api = ask("/mixing/openapi.json", 200);
        assertThat(api.path("openapi").asString()).startsWith("3.1");
        assertThat(api.path("paths").propertyNames()).hasSize(11);
        for (JsonNode parameter :
                api.path("paths").path("/mixing/blend").path("get").path("parameters")) {
            String name = parameter.path("name").asString();
            assertThat(ask(
                                    "/mixing/blend?" + name + "="
                                            + parameter
                                                    .path("schema")
                                                    .path("default")
                                                    .asString(),
                                    200)
                            .path("inputs")
                            .has(name))
                    .isTrue();
        }
    }

    @Test
    void whoCameFromATreatmentPlanGetsBackToIt_andNowhereElse() throws Exception {
        String plan = "/courses/7fedc967-8286-4412-9e07-2b1b87780bf4";
        mvc.perform(get("/mixing/dilution").param("back", plan).with(user(grower.member())))
                .andExpect(content().string(containsString("href=\"" + plan + "\"")));
        mvc.perform(get("/mixing/dilution").param("back", "//elsewhere.example").with(user(grower.member())))
                .andExpect(content().string(not(containsString("elsewhere"))));
    }
}

package mildlantern.web.climate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
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

/** The air and light desk answers like the mixing bench. */
@LanternTest
class DeskTest {
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
        return json.readTree(
                mvc.perform(get(address).accept(MediaType.APPLICATION_JSON).with(user(grower.member())))
                        .andExpect(status().is(expected))
                        .andReturn()
                        .getResponse()
                        .getContentAsString());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            pull?t=25&rh=40                                        | 1.901
            heated?out=0&rh=90&in=21                               | 22.1
            humidifier?volume=50&changes=0.5&wanted=50             | 3.07
            pane?in=20&out=-5&glass=double&distance=0              | 12.27
            leaf-spot?t=26&wet=5                                   | 50
            meter?reading=5400&hours=12                            | 4.32
            meter?reading=501.68&in=foot-candle&hours=12           | 4.32
            meter?reading=7000&source=white-led&hours=12           | 4.32
            lamp?has=3&wants=8&ppfd=150&at=30&distance=30          | 9.26
            """)
    void theMainFigureIsRightToAPercent(String address, double figure) throws Exception {
        JsonNode answer = ask("/desk/" + address.strip(), 200);
        assertThat(answer.path("results").get(0).path("value").asDouble()).isCloseTo(figure, within(figure * 0.01));
    }

    @Test
    void aWindowsYearIsShown_andWhatCannotBeIsTold() throws Exception {
        JsonNode year = ask("/desk/window?faces=south&latitude=52", 200).path("results");
        assertThat(year).hasSize(6);
        assertThat(year.get(5).path("value").asDouble())
                .as("december")
                .isLessThan(year.get(2).path("value").asDouble());
        assertThat(ask("/desk/window?bottom=200&top=100", 422)
                        .path("errors")
                        .get(0)
                        .path("field")
                        .asString())
                .isEqualTo("top");
        assertThat(ask("/desk/window?latitude=90", 422)
                        .path("errors")
                        .get(0)
                        .path("field")
                        .asString())
                .isEqualTo("latitude");
        assertThat(ask("/desk/openapi.json", 200).path("paths").propertyNames()).hasSize(8);
    }

    @Test
    void everyCalculatorIsAPage() throws Exception {
        for (String name : ask("/desk/openapi.json", 200).path("paths").propertyNames()) {
            mvc.perform(get(name).accept(MediaType.TEXT_HTML).with(user(grower.member())))
                    .andExpect(status().isOk());
        }
    }
}

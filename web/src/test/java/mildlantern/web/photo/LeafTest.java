package mildlantern.web.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.UUID;
import mildlantern.log.LogEntry;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plants;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A new leaf is measured by ruler or by taps on a photo, and says whether the plant thrives. */
@LanternTest
class LeafTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Plants plants;

    private Growers.Grower grower;
    private String plant;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
        plant = "/plants/" + grower.plant().id();
    }

    private ResultActions measure(String... pairs) throws Exception {
        MockHttpServletRequestBuilder request = post(plant + "/leaf")
                .with(user(grower.member()))
                .with(csrf())
                .param("form", UUID.randomUUID().toString());
        for (int i = 0; i < pairs.length; i += 2) {
            request = request.param(pairs[i], pairs[i + 1]);
        }
        return mvc.perform(request);
    }

    private List<Double> lengths() {
        return logBook
                .entries(plants.plant(
                        grower.member().collection(), grower.plant().id()))
                .stream()
                .flatMap(row -> row.as(LogEntry.NewLeaf.class).stream())
                .map(LogEntry.NewLeaf::lengthCm)
                .toList();
    }

    @Test
    void aLongerLeafThanTheLastMeansItThrives() throws Exception {
        measure("length", "12.8").andExpect(status().is3xxRedirection());
        // A coin of 23 mm over 100 points, the leaf over 620.
        measure("known", "23", "taps", "0,0,100,0,0,50,620,50").andExpect(status().is3xxRedirection());

        assertThat(lengths()).containsExactlyInAnyOrder(14.3, 12.8);
        mvc.perform(get(plant).with(user(grower.member())))
                .andExpect(content().string(containsString("14.3 cm, bigger than the last (12.8 cm): it thrives")));
    }

    @Test
    void whatMakesNoSenseIsSaidAndKept() throws Exception {
        measure("length", "long")
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("the length: ")))
                .andExpect(content().string(containsString("value=\"long\"")));
        measure("known", "23")
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("tap both edges")));
        measure("length", "900").andExpect(status().is(422));
        assertThat(lengths()).isEmpty();
    }

    @Test
    void nobodyMeasuresAnothersLeaf() throws Exception {
        plant = "/plants/" + growers.grower().plant().id();
        measure("length", "12").andExpect(status().isNotFound());
    }
}

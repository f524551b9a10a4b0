package mildlantern.web.pestclock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.Aim;
import mildlantern.pest.Pests;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** What the pest clock shows and says. */
@LanternTest
class PestClockPageTest {
    @Autowired
    private PestClockPages pages;

    @Autowired
    private Pests pests;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    private PestClockPages.Page page(String pest, double celsius, Optional<Integer> interval, Optional<Integer> uses) {
        return pages.page(new PestClockPages.Asked(
                new DisorderId(pest),
                celsius,
                90,
                OptionalDouble.empty(),
                Aim.CONTROL,
                Optional.of("soap"),
                interval,
                uses,
                OptionalDouble.empty()));
    }

    @Test
    void itProposesTheFewestUses_andSaysWhyOneFails() {
        PestClockPages.Page found = page("aphids", 18, Optional.empty(), Optional.empty());
        assertThat(found.ends()).isTrue();
        assertThat(found.lines()).filteredOn(PestClockPages.IntervalLine::best).hasSize(1);
        assertThat(found.words()).anySatisfy(words -> assertThat(words).contains("One use alone"));
        PestClockPages.Page once = page("aphids", 18, Optional.of(4), Optional.of(1));
        assertThat(once.ends()).isFalse();
        assertThat(once.verdict()).contains("One use of insecticidal soap").contains("would.");
    }

    @Test
    void eradicationReckonsWithSpotsThatAreAlwaysMissed_untilTheDialSaysOtherwise() throws Exception {
        mvc.perform(get("/pest-clock?aim=ERADICATE").with(user(growers.grower().member())))
                .andExpect(content().string(containsString("3 %</output>")));
        mvc.perform(get("/pest-clock?aim=ERADICATE&was=CONTROL&missed=0")
                        .with(user(growers.grower().member())))
                .andExpect(content().string(containsString("3 %</output>")));
        mvc.perform(get("/pest-clock?aim=ERADICATE&was=ERADICATE&missed=0")
                        .with(user(growers.grower().member())))
                .andExpect(content().string(containsString("0 %</output>")));
    }

    @Test
    void everyPestIsDrawnStageByStage() throws Exception {
        for (var pest : pests.all()) {
            PestClockPages.Page page = page(pest.id().value(), 21, Optional.empty(), Optional.empty());
            assertThat(page.picture().bands()).hasSize(page.stages().size());
            assertThat(page.picture().bands())
                    .allSatisfy(band -> assertThat(band.path())
                            .startsWith("M")
                            .endsWith("Z")
                            .doesNotContain("NaN"));
            mvc.perform(get("/pest-clock")
                            .param("pest", pest.id().value())
                            .with(user(growers.grower().member())))
                    .andExpect(status().isOk());
        }
    }

    @Test
    void whatCannotBeUnderstoodIsSaid_andTheClockStillShown() throws Exception {
        String page = mvc.perform(get("/pest-clock")
                        .param("celsius", "warm")
                        .with(user(growers.grower().member())))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page).contains("temperature: &#39;warm&#39; is not a number").contains("Pest clock");
        mvc.perform(get("/pest-clock")
                        .param("pest", "triffid")
                        .with(user(growers.grower().member())))
                .andExpect(status().isNotFound());
    }
}

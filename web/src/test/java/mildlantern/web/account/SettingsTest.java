package mildlantern.web.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.Visit;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** What a reader chooses on the settings page is how every page is written for him, and for nobody else. */
@LanternTest
class SettingsTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private Stops stops;

    @Autowired
    private Clock clock;

    @LocalServerPort
    private int port;

    private Growers.Grower grower;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
    }

    private String page(Growers.Grower reader, String address) throws Exception {
        return mvc.perform(get(address).with(user(reader.member())))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private MockHttpServletRequestBuilder mine(String address) {
        return post(address).with(user(grower.member())).with(csrf());
    }

    private MockHttpServletRequestBuilder liked(String language, String manner, String degrees, String measures) {
        return mine("/settings")
                .param("language", language)
                .param("manner", manner)
                .param("degrees", degrees)
                .param("measures", measures)
                .param("weekStart", "SUNDAY")
                .param("theme", "DARK")
                .param("text", "LARGE");
    }

    @Test
    void unitsDaysThemeAndKeysFollowTheReader_andNobodyElse() throws Exception {
        Growers.Grower other = growers.grower();
        mvc.perform(liked("ENGLISH", "AMERICAN", "FAHRENHEIT", "US")).andExpect(redirectedUrl("/settings"));

        String stop = page(grower, "/stops/" + grower.stop().id());
        assertThat(stop).contains(">°F</span>", "data-theme=\"dark\"", "data-text=\"large\"", "data-keys=\"off\"");
        assertThat(page(grower, "/plants/" + grower.plant().id() + "/edit"))
                .contains(">in</span>")
                .contains("fl oz");
        assertThat(page(other, "/stops/" + other.stop().id()))
                .doesNotContain(">°F</span>")
                .contains("data-theme=\"system\"")
                .doesNotContain("data-keys=\"off\"");
    }

    @Test
    void aReadingIsTakenInTheUnitBehindIt_whateverTheReaderUses() throws Exception {
        mvc.perform(mine("/stops/" + grower.stop().id() + "/readings")
                        .param("form", UUID.randomUUID().toString())
                        .param("onDay", LocalDate.now(clock).toString())
                        .param("day", "72F")
                        .param("night", "13"))
                .andExpect(status().is3xxRedirection());
        assertThat(stops.stop(grower.member().collection(), grower.stop().id()).dayCelsius())
                .isCloseTo(22.2, within(0.05));
        mvc.perform(liked("ENGLISH", "AMERICAN", "FAHRENHEIT", "US"));
        mvc.perform(mine("/stops/" + grower.stop().id() + "/readings")
                        .param("form", UUID.randomUUID().toString())
                        .param("onDay", LocalDate.now(clock).toString())
                        .param("night", "55"))
                .andExpect(status().is3xxRedirection());
        assertThat(stops.stop(grower.member().collection(), grower.stop().id()).nightCelsius())
                .isCloseTo(12.8, within(0.05));
    }

    @Test
    void whatIsOutsideIsToldInTheReadersUnit_andWhatWasTypedStays() throws Exception {
        mvc.perform(liked("ENGLISH", "AMERICAN", "FAHRENHEIT", "US"));
        String answer = mvc.perform(mine("/stops/" + grower.stop().id() + "/readings")
                        .param("form", UUID.randomUUID().toString())
                        .param("onDay", LocalDate.now(clock).toString())
                        .param("day", "155"))
                .andExpect(status().isUnprocessableContent())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(answer).contains("Between -40 and 140 °F.").contains("value=\"155\"");
    }

    @Test
    void theLanguageOfTestsIsNotOfferedToGrowers() throws Exception {
        mvc.perform(liked("TEST", "BRITISH", "CELSIUS", "METRIC")).andExpect(status().isUnprocessableContent());
        assertThat(page(grower, "/settings")).doesNotContain("made longer");
    }

    @Test
    void theHouseHasItsClockAndItsHalfOfTheEarth() throws Exception {
        mvc.perform(mine("/settings/house").param("zone", "Pacific/Auckland").param("hemisphere", "south"))
                .andExpect(redirectedUrl("/settings"));
        assertThat(page(grower, "/settings"))
                .containsPattern("value=\"Pacific/Auckland\"\\s+selected")
                .containsPattern("value=\"south\" checked");
        mvc.perform(mine("/settings/house").param("zone", "Nowhere/Land").param("hemisphere", "south"))
                .andExpect(status().isUnprocessableContent());
    }

    @Test
    void underAnotherNameOneWritesAtOnce() throws Exception {
        Visit visit = new Visit(port, grower);
        String plant = "/plants/" + grower.plant().id();
        visit.open(plant);
        watered(visit, 200);
        visit.open("/account");
        assertThat(visit.form("/account/self", "name=Robin+Quay").body()).contains("Robin Quay");
        visit.open(plant);
        watered(visit, 210);
        assertThat(visit.open(plant + "/record")).contains("watered 210").contains("Robin Quay");
    }

    private void watered(Visit visit, int amount) throws Exception {
        visit.form(
                "/quick",
                "form=" + UUID.randomUUID() + "&line=watered+" + amount + "&plant="
                        + grower.plant().id());
    }
}

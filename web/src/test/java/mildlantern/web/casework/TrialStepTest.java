package mildlantern.web.casework;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** A trial that has something to do is ticked off, and the record has it. */
@LanternTest
class TrialStepTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private Plants plants;

    @Autowired
    private LogBook log;

    @Autowired
    private Clock clock;

    private Growers.Grower grower;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
    }

    private String press(String address, String... fields) throws Exception {
        var asked = post(address).with(user(grower.member())).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            asked = asked.param(fields[i], fields[i + 1]);
        }
        var answer = mvc.perform(asked).andReturn().getResponse();
        return String.valueOf(answer.getRedirectedUrl());
    }

    private String page(String address) throws Exception {
        return mvc.perform(get(address).with(user(grower.member())))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private static String value(String page, String name) {
        return page.replaceFirst("(?s).*name=\"" + name + "\" value=\"([^\"]*)\".*", "$1");
    }

    @Test
    void freshMediumIsTicked_andTheRecordHasTheNewPotAndItsDay_once() throws Exception {
        String address = press("/plants/" + grower.plant().id() + "/cases");
        String decide = page(address + "/decide?cause=failing-medium");
        press(
                address + "/decide",
                "version",
                value(decide, "version"),
                "cause",
                "failing-medium",
                "trial",
                "repot-fresh",
                "form",
                UUID.randomUUID().toString(),
                "note",
                "The bark has gone to mush.",
                "lookAgainOn",
                LocalDate.now(clock).plusDays(28).toString());
        assertThat(page(address)).contains("Done: write it in the record");
        String form = UUID.randomUUID().toString();
        for (int sent = 0; sent < 2; sent++) {
            press(address + "/trial-step", "form", form, "number", "1", "diameter", "14", "medium", "sphagnum");
        }
        Plant now = plants.plant(grower.member().collection(), grower.plant().id());
        assertThat(now.potDiameterCm()).isEqualTo(14);
        assertThat(now.medium()).isEqualTo("sphagnum");
        assertThat(now.pottedOn()).isEqualTo(LocalDate.now(clock));
        assertThat(log.entries(now).stream().map(LogWords::said))
                .containsOnlyOnce("repotted 14 cm in sphagnum Fresh medium");
        assertThat(page(address)).contains("It is in the record.").doesNotContain("Done: write it in the record");
    }
}

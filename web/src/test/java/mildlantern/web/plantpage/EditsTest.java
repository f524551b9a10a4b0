package mildlantern.web.plantpage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogLine;
import mildlantern.web.log.LogWords;
import mildlantern.web.platform.EntryId;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** The record is corrected, and what was undone is put back; nothing that was written is lost. */
@LanternTest
class EditsTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private LogBook log;

    @Autowired
    private Clock clock;

    private Growers.Grower grower;

    @BeforeEach
    void aGrower() throws Exception {
        grower = growers.grower();
        press(
                "/quick",
                "form",
                UUID.randomUUID().toString(),
                "plant",
                grower.plant().id().toString(),
                "line",
                "watered 200 rain");
    }

    private ResultActions press(String address, String... fields) throws Exception {
        var asked = post(address).with(user(grower.member())).with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            asked = asked.param(fields[i], fields[i + 1]);
        }
        return mvc.perform(asked);
    }

    private String record() throws Exception {
        return mvc.perform(get("/plants/" + grower.plant().id() + "/record").with(user(grower.member())))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private List<String> entries() {
        return log.entries(grower.plant()).stream().map(LogWords::said).toList();
    }

    private EntryId first() {
        return log.entries(grower.plant()).get(0).id();
    }

    private ResultActions edited(EntryId id, String form, LocalDate day, String amount) throws Exception {
        return press(
                "/log/" + id,
                "form",
                form,
                "day",
                day.toString(),
                "amount",
                amount,
                "water",
                "SOFT_TAP",
                "words",
                "slowly");
    }

    @Test
    void anEditStandsForTheEntry_whoseWordingStaysToBeRead_andIsMadeOnce() throws Exception {
        LocalDate yesterday = LocalDate.now(clock).minusDays(1);
        EntryId old = first();
        String form = UUID.randomUUID().toString();
        AtOnce.each(
                3,
                number -> () -> edited(old, form, yesterday, "260")
                        .andReturn()
                        .getResponse()
                        .getStatus());
        assertThat(entries()).containsExactly("watered 260 mL tap water slowly");
        assertThat(log.entries(grower.plant())).extracting(LogLine::onDay).containsExactly(yesterday);
        assertThat(record()).contains("before: 26 Nov 2026: watered 200 mL rain water");
    }

    @Test
    void badInputIsToldAtItsField_andNothingIsChanged() throws Exception {
        LocalDate today = LocalDate.now(clock);
        edited(first(), UUID.randomUUID().toString(), today.plusDays(1), "260")
                .andExpect(status().isUnprocessableContent());
        edited(first(), UUID.randomUUID().toString(), today, "50000").andExpect(status().isUnprocessableContent());
        assertThat(entries()).containsExactly("watered 200 mL rain water");
    }

    @Test
    void whatWasUndoneIsPutBack_onceHoweverOftenItIsAsked() throws Exception {
        EntryId old = first();
        press("/log/" + old + "/take-back");
        assertThat(entries()).isEmpty();
        assertThat(record()).contains("Undone in the last 30 days", "/log/" + old + "/put-back");
        press("/log/" + old + "/put-back");
        press("/log/" + old + "/put-back");
        assertThat(entries()).containsExactly("watered 200 mL rain water");
        assertThat(record()).doesNotContain("Undone in the last 30 days").doesNotContain("before:");
        // And undone once more, and put back once more.
        EntryId again = first();
        press("/log/" + again + "/take-back");
        press("/log/" + again + "/put-back");
        assertThat(entries()).containsExactly("watered 200 mL rain water");
    }

    @Test
    void nobodyEditsTheRecordOfAnotherCollection() throws Exception {
        EntryId id = first();
        grower = growers.grower();
        edited(id, UUID.randomUUID().toString(), LocalDate.now(clock), "260").andExpect(status().isNotFound());
        press("/log/" + id + "/put-back").andExpect(status().isNotFound());
    }
}

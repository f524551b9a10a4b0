package mildlantern.web.plantpage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import mildlantern.log.LogEntry;
import mildlantern.log.Way;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.RecordWriter;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** Everything that was written of a plant can be read, searched and taken back. */
@LanternTest
class RecordTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private RecordWriter writer;

    @Autowired
    private Clock clock;

    private Growers.Grower grower;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
    }

    private void wateredOn(LocalDate day, int ml) {
        writer.write(
                grower.member().collection(),
                grower.plant().id(),
                FormKey.fresh(),
                day,
                List.of(RecordWriter.Line.of(
                        new LogEntry.Watered(OptionalInt.of(ml), Optional.empty(), Way.ABOVE, Optional.empty()))));
    }

    private String record(String query) throws Exception {
        return mvc.perform(get("/plants/" + grower.plant().id() + "/record" + query)
                        .with(user(grower.member())))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void theWholeRecordIsReadAPageAtATime() throws Exception {
        for (int i = 1; i <= 103; i++) {
            wateredOn(LocalDate.now(clock).minusDays(i), 100 + i);
        }
        String first = record("");
        assertThat(first).contains("103 entries", "watered 101 mL", "older").doesNotContain("watered 203 mL");
        assertThat(record("?page=2")).contains("watered 203 mL", "newer").doesNotContain("watered 101 mL");
    }

    @Test
    void anEntryIsFoundByItsWords_andWhatFitsNothingIsSaid() throws Exception {
        wateredOn(LocalDate.now(clock).minusDays(1), 310);
        wateredOn(LocalDate.now(clock).minusDays(2), 250);
        assertThat(record("?q=310"))
                .contains("1 entry", "watered 310 mL", "take-back")
                .doesNotContain("250 mL");
        assertThat(record("?q=soap")).contains("no entries", "No entry contains “soap”.");
    }

    @Test
    void nobodyElseReadsIt() throws Exception {
        mvc.perform(get("/plants/" + grower.plant().id() + "/record")
                        .with(user(growers.grower().member())))
                .andExpect(status().isNotFound());
    }

    @Test
    void anAmountThatIsNotUnderstoodOnThePlantsPageIsToldThere_andKept() throws Exception {
        mvc.perform(post("/round/deeds")
                        .with(user(grower.member()))
                        .with(csrf())
                        .param("form", UUID.randomUUID().toString())
                        .param("plant", grower.plant().id().toString())
                        .param("stop", grower.stop().id().toString())
                        .param("deed", "GAVE")
                        .param("ml", "plenty")
                        .param("back", "plant"))
                .andExpect(status().is3xxRedirection())
                .andExpect(flash().attribute("pressProblem", containsString("Nothing was saved")))
                .andExpect(flash().attribute("pressed", "plenty"));
    }
}

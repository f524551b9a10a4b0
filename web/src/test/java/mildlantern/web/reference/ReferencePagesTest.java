package mildlantern.web.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Objects;
import mildlantern.diagnosis.Diagnosis;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.Asking;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** The reference: found by plain words, drawn, with figures, and with what the own cases say. */
@LanternTest
class ReferencePagesTest {
    @Autowired
    private Asking asking;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private Diagnosis diagnosis;

    @Autowired
    private TreatmentKnowledge treatment;

    private Growers.Grower grower;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
    }

    private String text(String path) throws Exception {
        return asking.text(grower.member(), path);
    }

    @Test
    void oneFieldFindsSignsCausesMeansAndKinds() throws Exception {
        assertThat(text("/reference?q=white+powder")).contains("white powder that rubs off");
        assertThat(text("/reference?q=spider")).contains("/reference/causes/spider-mites", "spider plant");
        assertThat(text("/reference?q=soap")).contains("/reference/means/");
        assertThat(text("/reference?q=zzzz")).contains("Nothing here is called");
    }

    @Test
    void withNothingAskedForAllOfItIsListed() throws Exception {
        String page = text("/reference");
        assertThat(diagnosis.knowledge().disorders())
                .allSatisfy(cause -> assertThat(page).contains("/reference/causes/" + cause.id() + "\""));
        assertThat(diagnosis.knowledge().findings())
                .allSatisfy(finding -> assertThat(page).contains("/reference/signs/" + finding.id() + "\""));
    }

    @Test
    void everyPageOfItCanBeOpened() throws Exception {
        for (var cause : diagnosis.knowledge().disorders()) {
            assertThat(text("/reference/causes/" + cause.id())).contains("<h1>");
        }
        for (var finding : diagnosis.knowledge().findings()) {
            assertThat(text("/reference/signs/" + finding.id())).contains("<svg class=\"sign\"");
        }
        for (var means : treatment.all()) {
            assertThat(text("/reference/means/" + means.id())).contains("<h1>");
        }
    }

    @Test
    void aSignIsDrawnOnTheOwnPlant_andTellsWhatItIsConfusedWith() throws Exception {
        String page =
                text("/reference/signs/leaf.stippling?plant=" + grower.plant().id());
        assertThat(page).contains("moth orchid", "Easily confused with", "silver or bronze scars", "pin-pricks");
        String large = text(
                "/reference/signs/leaf.stippling/large?plant=" + grower.plant().id());
        assertThat(large).contains("pin-pricks").doesNotContain("<html");
    }

    @Test
    void theOwnCasesStandThere_andNobodyElses() throws Exception {
        String at = Objects.requireNonNull(
                asking.form(grower.member(), "/plants/" + grower.plant().id() + "/cases", "finding", "leaf.limp")
                        .andReturn()
                        .getResponse()
                        .getHeader("Location"));
        String version = text(at).replaceAll("(?s).*data-version=\"(\\d+)\".*", "$1");
        asking.form(
                grower.member(),
                at + "/answers",
                "version",
                version,
                "finding",
                "leaf.limp",
                "part",
                "leaf",
                "state",
                "present");
        assertThat(text("/reference/signs/leaf.limp")).contains(at);
        Growers.Grower stranger = growers.grower();
        assertThat(asking.text(stranger.member(), "/reference/signs/leaf.limp")).doesNotContain(at);
        mvc.perform(get("/reference/signs/leaf.limp?plant=" + grower.plant().id())
                        .with(user(stranger.member())))
                .andExpect(status().isNotFound());
    }

    @Test
    void whatDoesNotExistIsSaidSo() throws Exception {
        for (String path :
                new String[] {"/reference/causes/no-such", "/reference/signs/no.such", "/reference/means/no"}) {
            mvc.perform(get(path).with(user(grower.member()))).andExpect(status().isNotFound());
        }
    }
}

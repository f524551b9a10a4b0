package mildlantern.web.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Optional;
import java.util.UUID;
import mildlantern.knowledge.DisorderId;
import mildlantern.log.LogKind;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.log.LogBook;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** Asked before it is used, whatever would harm the plant is refused with what would serve instead. */
@LanternTest
class UsePageTest {
    @Autowired
    private UseService uses;

    @Autowired
    private Growers growers;

    @Autowired
    private LogBook logBook;

    @Autowired
    private MockMvc mvc;

    private Growers.Grower grower;

    @BeforeEach
    void aMothOrchid() {
        grower = growers.grower();
    }

    private UseService.Page ask(String means, String against, String amount, boolean sun) {
        return uses.page(
                grower.member().collection(),
                grower.plant().id(),
                new UseService.Asked(Optional.of(means), Optional.of(new DisorderId(against)), amount, "", sun));
    }

    private UseService.Page typed(String words) {
        return uses.page(
                grower.member().collection(),
                grower.plant().id(),
                new UseService.Asked(Optional.empty(), Optional.empty(), "", words, false));
    }

    @Test
    void whatIsTypedIsAnswered_aMeansAsAMeans_aRemedyAsWhatItIs() {
        assertThat(typed("Soft soap").means())
                .filteredOn(UseService.Choice::chosen)
                .extracting(UseService.Choice::id)
                .containsExactly("soap");
        assertThat(typed("coffee").remedy())
                .hasValueSatisfying(card -> assertThat(card.no()).isTrue());
        assertThat(typed("coffee").answered())
                .as("nothing else is answered for")
                .isFalse();
        UseService.Page neem = typed("neem");
        assertThat(neem.answered()).isTrue();
        assertThat(neem.means())
                .filteredOn(UseService.Choice::chosen)
                .extracting(UseService.Choice::id)
                .containsExactly("oil");
        assertThat(typed("moon dust").unknown()).isTrue();
        assertThat(typed("moon dust").answered()).isFalse();
    }

    @Test
    void onThePageItStandsWithItsReason_andAmongAllOthers() throws Exception {
        String page = "/plants/" + grower.plant().id() + "/use";
        mvc.perform(get(page + "?q=coffee").with(user(grower.member())))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("feeds fungus gnats")))
                .andExpect(content().string(not(containsString("record it"))));
        mvc.perform(get(page).with(user(grower.member()))).andExpect(status().isOk());
        mvc.perform(get("/remedies?q=cin").with(user(grower.member())))
                .andExpect(content().string(containsString("Cinnamon")))
                .andExpect(content().string(not(containsString("Coffee"))));
    }

    @Test
    void copperOnAMothOrchidIsRefused_withTheNearestSafeWay() {
        UseService.Page page = ask("copper", "cercospora-leaf-spot", "", false);
        assertThat(page.refused()).isTrue();
        assertThat(page.verdicts().get(0).reason()).contains("thin-leaved orchids");
        assertThat(page.verdicts().get(0).instead()).isPresent();
        assertThat(page.terms()).isEmpty();
    }

    @Test
    void soapIsAllowedWithItsTerms_butNotStrongerAndNotInTheSun() {
        assertThat(ask("soap", "spider-mites", "", false).refused()).isFalse();
        assertThat(ask("soap", "spider-mites", "", false).terms())
                .anySatisfy(term -> assertThat(term).contains("gloves"));
        assertThat(ask("soap", "spider-mites", "40", false).verdicts())
                .extracting(UseService.Said::reason)
                .anySatisfy(words -> assertThat(words).contains("at most 20 mL"));
        assertThat(ask("soap", "spider-mites", "", true).verdicts())
                .extracting(UseService.Said::reason)
                .anySatisfy(words -> assertThat(words).contains("in the sun"));
        assertThat(ask("soap", "spider-mites", "plenty", false).problem())
                .hasValueSatisfying(words -> assertThat(words).contains("plenty"));
    }

    @Test
    void whatWasUsedIsWrittenDownOnce_andThenTooSoonForMore() throws Exception {
        String form = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            mvc.perform(post("/plants/" + grower.plant().id() + "/use")
                            .with(user(grower.member()))
                            .with(csrf())
                            .param("form", form)
                            .param("means", "soap"))
                    .andExpect(status().is3xxRedirection());
        }
        assertThat(logBook.entries(grower.plant()))
                .filteredOn(row -> row.kind() == LogKind.SPRAYED)
                .hasSize(1);
        assertThat(ask("soap", "spider-mites", "", false).verdicts())
                .extracting(UseService.Said::reason)
                .anySatisfy(words -> assertThat(words).contains("again after"));
        assertThat(ask("oil", "spider-mites", "", false).verdicts())
                .extracting(UseService.Said::reason)
                .anySatisfy(words -> assertThat(words).startsWith("Two products"));
    }

    @Test
    void thePageAnswers_andNotForAnothersPlant() throws Exception {
        mvc.perform(get("/plants/" + grower.plant().id() + "/use").with(user(grower.member())))
                .andExpect(status().isOk());
        mvc.perform(get("/plants/" + grower.plant().id() + "/use")
                        .with(user(growers.grower().member())))
                .andExpect(status().isNotFound());
    }

    @Test
    void theTypedLineWarnsOfWhatWouldBeRefused_beforeItIsWritten() throws Exception {
        String line = "limpet sprayed with copper";
        mvc.perform(get("/quick/preview").param("line", line).with(user(grower.member())))
                .andExpect(content().string(containsString("thin-leaved orchids")));
        mvc.perform(get("/quick/preview")
                        .param("line", "limpet sprayed with soap")
                        .with(user(grower.member())))
                .andExpect(content().string(not(containsString("thin-leaved orchids"))));
    }
}

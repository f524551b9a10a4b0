package mildlantern.web.handwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.regex.Pattern;
import mildlantern.handwork.Damage;
import mildlantern.handwork.LeafState;
import mildlantern.handwork.LeafWork;
import mildlantern.log.LogKind;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.log.LogBook;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** A grower describes a damaged leaf, reads what to do with it, and writes down that it was done. */
@LanternTest
class LeafWorkPageTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private LogBook logBook;

    private Growers.Grower grower;
    private String page;

    @BeforeEach
    void aMothOrchid() {
        grower = growers.grower();
        page = "/plants/" + grower.plant().id() + "/trim";
    }

    private ResultActions ask(String query) throws Exception {
        return mvc.perform(get(page + query).with(user(grower.member()))).andExpect(status().isOk());
    }

    @Test
    void aDryTipIsTrimmedAlongItsShape_withTheCutDrawn() throws Exception {
        ask("?damage=DRY_TIP&green=85&alike=2")
                .andExpect(content().string(containsString("Trim 2 leaves.")))
                .andExpect(content().string(containsString("thread of brown")))
                .andExpect(content().string(containsString("class=\"cut\"")))
                .andExpect(content().string(containsString("class=\"on-plate\"")));
    }

    @ParameterizedTest
    @CsvSource({"0.9", "0.7", "0.4"})
    void theNewTipIsCutFromEdgeToEdge_whereNothingIsGreen(double green) {
        LeafState leaf = new LeafState(Damage.DRY_TIP, green, false, false, 1, OptionalInt.empty(), false);
        Profile orchid = PlantKnowledge.load().profile("phalaenopsis").orElseThrow();
        LeafDrawing.Layer cut =
                LeafDrawing.of(
                                orchid.form(),
                                leaf,
                                LeafWork.load(PlantKnowledge.load()).decide(orchid, leaf))
                        .stream()
                        .filter(layer -> layer.look().equals("cut"))
                        .findFirst()
                        .orElseThrow();
        List<Double> numbers = Pattern.compile("-?\\d+\\.\\d")
                .matcher(cut.path())
                .results()
                .map(found -> Double.valueOf(found.group()))
                .toList();
        assertThat(numbers.get(0)).as("left and right alike").isEqualTo(-numbers.get(3));
        assertThat(numbers.get(0)).as("to the edge").isBetween(-20.0, -3.0);
        assertThat(-numbers.get(1)).as("above what is green").isGreaterThan(100 * green);
        assertThat(-numbers.get(2)).as("pointed").isBetween(-numbers.get(1), 100.0);
    }

    @Test
    void anOldScarIsKept_andNothingIsCutOrWrittenDown() throws Exception {
        ask("?damage=OLD_SCAR&green=80")
                .andExpect(content().string(containsString("Keep it.")))
                .andExpect(content().string(containsString("nothing is cut")))
                .andExpect(content().string(not(containsString("class=\"cut\""))))
                .andExpect(content().string(not(containsString("done: record it"))));
    }

    @Test
    void whatIsDoneStandsInTheRecordOnce() throws Exception {
        String form = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            mvc.perform(post(page)
                            .with(user(grower.member()))
                            .with(csrf())
                            .param("form", form)
                            .param("damage", "DRY_TIP")
                            .param("green", "85")
                            .param("alike", "2"))
                    .andExpect(status().is3xxRedirection());
        }
        assertThat(logBook.entries(grower.plant()))
                .filteredOn(row -> row.kind() == LogKind.PRUNED)
                .singleElement()
                .satisfies(row -> assertThat(row.words()).contains("trimmed 2 leaves"));
    }

    @ParameterizedTest
    @CsvSource({"green=140, from 0 to 100", "alike=lots, lots", "alike=0, from 1 to", "leaves=2.5, whole number"})
    void aWrongNumberIsToldAndKept(String query, String words) throws Exception {
        ask("?damage=SPOTS&" + query)
                .andExpect(content().string(containsString(words)))
                .andExpect(content().string(containsString("value=\"" + query.replaceFirst(".*=", "") + "\"")));
    }

    @Test
    void aWrongNumberIsNotWrittenDown() throws Exception {
        mvc.perform(post(page)
                        .with(user(grower.member()))
                        .with(csrf())
                        .param("form", UUID.randomUUID().toString())
                        .param("green", "lots"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("lots")));
        assertThat(logBook.entries(grower.plant())).isEmpty();
    }

    @Test
    void noOtherGrowerSeesIt() throws Exception {
        mvc.perform(get(page).with(user(growers.grower().member()))).andExpect(status().isNotFound());
    }
}

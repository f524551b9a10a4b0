package mildlantern.web.owntrial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mildlantern.web.Asking;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.plant.Plant;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Two in two places cannot tell; four against four can; and what else differs is said. */
@LanternTest
class OwnTrialPageTest {
    @Autowired
    private Asking asking;

    @Autowired
    private Growers growers;

    @Autowired
    private RecordWriter records;

    @Autowired
    private HandTasks tasks;

    @Autowired
    private Clock clock;

    private Growers.Grower grower;
    private List<Plant> orchids;

    @BeforeEach
    void eightOrchids() {
        grower = growers.grower();
        orchids = new ArrayList<>(List.of(grower.plant()));
        for (int i = 1; i < 8; i++) {
            orchids.add(growers.plant(grower.member().collection(), grower.stop(), "Orchid " + i));
        }
    }

    private void begin(int each) throws Exception {
        List<String> fields = new ArrayList<>(List.of(
                "form",
                Asking.fresh(),
                "kind",
                "phalaenopsis",
                "wayA",
                "east window",
                "wayB",
                "north window",
                "weeks",
                "8",
                "measure",
                "LEAVES"));
        for (int i = 0; i < 2 * each; i++) {
            fields.addAll(List.of("group-" + orchids.get(i).id(), i < each ? "A" : "B"));
            fields.addAll(List.of("start-" + orchids.get(i).id(), "4"));
        }
        asking.form(grower.member(), "/own-trials", fields.toArray(String[]::new))
                .andExpect(status().is3xxRedirection());
    }

    private String page() throws Exception {
        return asking.text(grower.member(), "/own-trials");
    }

    private void measured(int each, int gainA, int gainB) throws Exception {
        Matcher id = Pattern.compile("/own-trials/([0-9a-f-]{36})/measured").matcher(page());
        assertThat(id.find()).isTrue();
        List<String> fields = new ArrayList<>(List.of("form", Asking.fresh()));
        for (int i = 0; i < 2 * each; i++) {
            fields.addAll(
                    List.of("end-" + orchids.get(i).id(), String.valueOf(4 + (i < each ? gainA : gainB) + i % each)));
        }
        asking.form(grower.member(), "/own-trials/" + id.group(1) + "/measured", fields.toArray(String[]::new))
                .andExpect(status().is3xxRedirection());
    }

    @Test
    void twoInTwoPlacesCannotTell_andThePageSaysSoBeforehand() throws Exception {
        begin(1);
        assertThat(page()).contains("1 against 1", "100 of 100", "With 4 against 4");
        measured(1, 9, 0);
        assertThat(page()).contains("Too few plants to tell", "Repeat it with 4 against 4");
    }

    @Test
    void fourAgainstFourThatDifferCleanlyCanTell_andTheDayIsOnTheRound() throws Exception {
        begin(4);
        assertThat(tasks.of(orchids.get(0))).singleElement().satisfies(asked -> {
            assertThat(asked.what()).contains(HandTask.COMPARE);
            assertThat(asked.day()).isEqualTo(LocalDate.now(clock).plusWeeks(8));
        });
        measured(4, 9, 0);
        assertThat(page()).contains("“east window” gained more", "3 of 100");
        assertThat(tasks.of(orchids.get(0))).as("it is compared").isEmpty();
    }

    @Test
    void whatElseDiffersBetweenTheGroupsIsSaid() throws Exception {
        orchids.set(
                0,
                records.store(orchids.get(0)
                        .potted(
                                orchids.get(0).potKind(),
                                12.0,
                                "sphagnum",
                                LocalDate.now(clock).minusDays(5))));
        begin(1);
        assertThat(page()).contains("The groups also differ in medium");
    }

    @ParameterizedTest
    @CsvSource({"wayA, '', Say both ways", "weeks, 0, Weeks", "weeks, soon, soon", "kind, monstera, Choose plants"})
    void whatIsWrongIsToldAndKept(String field, String typed, String told) throws Exception {
        List<String> fields = new ArrayList<>(List.of("form", Asking.fresh()));
        for (String[] one : new String[][] {
            {"kind", "phalaenopsis"}, {"wayA", "east window"}, {"wayB", "north window"}, {"weeks", "8"}
        }) {
            fields.addAll(List.of(one[0], one[0].equals(field) ? typed : one[1]));
        }
        fields.addAll(List.of(
                "group-" + orchids.get(0).id(), "A", "start-" + orchids.get(0).id(), "4"));
        fields.addAll(List.of(
                "group-" + orchids.get(1).id(), "B", "start-" + orchids.get(1).id(), "4"));
        String answer = asking.form(grower.member(), "/own-trials", fields.toArray(String[]::new))
                .andExpect(status().isUnprocessableContent())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(answer).contains(told);
        assertThat(page()).doesNotContain("measured\"");
    }

    @Test
    void noOtherGrowersTrialIsSeenOrMeasured() throws Exception {
        begin(1);
        Matcher id = Pattern.compile("/own-trials/([0-9a-f-]{36})/measured").matcher(page());
        assertThat(id.find()).isTrue();
        Growers.Grower other = growers.grower();
        assertThat(asking.text(other.member(), "/own-trials")).doesNotContain("east window</");
        asking.form(other.member(), "/own-trials/" + id.group(1) + "/measured", "form", Asking.fresh())
                .andExpect(status().isNotFound());
    }
}

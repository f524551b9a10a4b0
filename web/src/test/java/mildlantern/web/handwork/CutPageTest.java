package mildlantern.web.handwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import mildlantern.log.LogKind;
import mildlantern.web.Asking;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.EntryId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.TakeBack;
import mildlantern.web.task.Asked;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A twig is tested from its tip down, cut at what is green, and looked at again. */
@LanternTest
class CutPageTest {
    @Autowired
    private Asking asking;

    @Autowired
    private Growers growers;

    @Autowired
    private RecordWriter records;

    @Autowired
    private LogBook logBook;

    @Autowired
    private HandTasks tasks;

    @Autowired
    private TakeBack takeBack;

    @Autowired
    private Clock clock;

    private Growers.Grower grower;
    private Plant fig;
    private String page;

    @BeforeEach
    void aBareFig() {
        grower = growers.grower();
        fig = records.store(growers.plant(grower.member().collection(), grower.stop(), "Fig")
                .ofKind("weeping-fig", null)
                .counted(0, 0, 0, 0, 0));
        page = "/plants/" + fig.id() + "/cut";
    }

    private List<HandTask> planned() {
        return tasks.of(fig).stream().flatMap(asked -> asked.what().stream()).toList();
    }

    @Test
    void theTwigIsTestedLowerAndLower_untilItIsGreen() throws Exception {
        String first = asking.text(grower.member(), page + "?said=true&aim=TWIGS");
        assertThat(first).contains("Test the twig.", "at the tip", "twig=b").doesNotContain("class=\"cut\"");
        String third = asking.text(grower.member(), page + "?said=true&aim=TWIGS&twig=bb");
        assertThat(third).contains("at 50 %", "twig=bbg", "twig=bbb");
        String green = asking.text(grower.member(), page + "?said=true&aim=TWIGS&twig=bbg");
        assertThat(green)
                .contains(
                        "Cut it back.",
                        "above a bud",
                        "class=\"cut\"",
                        "done: record it",
                        "Look at the cut on",
                        "class=\"on-plate\"");
    }

    @Test
    void allBrown_theRootsAreAsked_andTheWaitCanBePlanned() throws Exception {
        assertThat(asking.text(grower.member(), page + "?said=true&aim=TWIGS&twig=bbbbb"))
                .contains("Look at the roots.", "firm and light");
        assertThat(asking.text(grower.member(), page + "?said=true&aim=TWIGS&twig=bbbbb&roots=false"))
                .contains("Give it up.")
                .doesNotContain("plan it for");
        assertThat(asking.text(grower.member(), page + "?said=true&aim=TWIGS&twig=bbbbb&roots=true"))
                .contains("Wait.", "plan it for");
        asking.form(
                        grower.member(),
                        page + "/plan",
                        "form",
                        Asking.fresh(),
                        "said",
                        "true",
                        "aim",
                        "TWIGS",
                        "twig",
                        "bbbbb",
                        "roots",
                        "true")
                .andExpect(status().is3xxRedirection());
        assertThat(planned()).containsExactly(HandTask.LOOK_AT_CUT);
    }

    @Test
    void theCutStandsInTheRecordOnce_andTheLookIsPlanned_untilItIsTakenBack() throws Exception {
        String form = Asking.fresh();
        for (int i = 0; i < 2; i++) {
            asking.form(grower.member(), page, "form", form, "said", "true", "aim", "TWIGS", "twig", "bbg")
                    .andExpect(status().is3xxRedirection());
        }
        EntryId entry = logBook.entries(fig).stream()
                .filter(row -> row.kind() == LogKind.PRUNED)
                .reduce((one, other) -> {
                    throw new AssertionError("written twice");
                })
                .orElseThrow()
                .id();
        assertThat(tasks.of(fig))
                .extracting(Asked::day)
                .containsExactly(LocalDate.now(clock).plusDays(14));
        takeBack.entry(grower.member().collection(), entry);
        assertThat(tasks.of(fig)).as("what follows goes with it").isEmpty();
    }

    @Test
    void whatIsNoCutIsNotWritten() throws Exception {
        asking.form(grower.member(), page, "form", Asking.fresh(), "said", "true", "aim", "TWIGS", "twig", "b")
                .andExpect(status().is3xxRedirection());
        assertThat(logBook.entries(fig)).isEmpty();
    }

    @Test
    void anOddTwigInTheAddressIsReadAsFarAsItIsOne() throws Exception {
        assertThat(asking.text(grower.member(), page + "?said=true&aim=TWIGS&twig=bgggbbbbbbxx"))
                .contains("Cut it back.");
        assertThat(asking.text(grower.member(), page + "?said=true&aim=TWIGS&twig=%3Cscript%3E"))
                .contains("Test the twig.")
                .doesNotContain("<script>alert");
    }

    @Test
    void aMothOrchidIsNeverCutBack() throws Exception {
        String orchid = "/plants/" + grower.plant().id() + "/cut";
        assertThat(asking.text(grower.member(), orchid)).contains("Do not cut this kind back.", "one growing point");
        asking.form(grower.member(), orchid, "form", Asking.fresh(), "aim", "FULLER");
        assertThat(logBook.entries(grower.plant())).isEmpty();
    }

    @Test
    void noOtherGrowerSeesOrCutsIt() throws Exception {
        Growers.Grower other = growers.grower();
        asking.page(other.member(), page).andExpect(status().isNotFound());
        asking.form(other.member(), page, "form", Asking.fresh(), "aim", "TWIGS", "twig", "bg")
                .andExpect(status().isNotFound());
        assertThat(logBook.entries(fig)).isEmpty();
    }
}

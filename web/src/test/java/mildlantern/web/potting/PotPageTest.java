package mildlantern.web.potting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.web.Asking;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.casework.CaseService;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.task.Asked;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** What is asked of a pot is answered with its reason; what is done is ticked; what follows has its days. */
@LanternTest
class PotPageTest {
    @Autowired
    private Asking asking;

    @Autowired
    private Growers growers;

    @Autowired
    private RecordWriter records;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Plants plants;

    @Autowired
    private HandTasks tasks;

    @Autowired
    private CaseService cases;

    @Autowired
    private Clock clock;

    private Growers.Grower grower;
    private String page;
    private LocalDate today;

    @BeforeEach
    void anOrchidInOldBark() {
        grower = growers.grower();
        page = "/plants/" + grower.plant().id() + "/pot";
        today = LocalDate.now(clock);
    }

    private Plant orchid() {
        return plants.plant(grower.member().collection(), grower.plant().id());
    }

    @Test
    void rottenRootsAskForFreshMediumInASmallerPot_today() throws Exception {
        assertThat(asking.text(grower.member(), page + "?said=true&roots=ROTTEN"))
                .contains("Fresh medium, a smaller pot.", "waits for no season", "7 parts bark", "First water on")
                .contains("Nothing else meanwhile")
                .contains("value=\"10\"");
    }

    @Test
    void whatWasTickedStandsInTheRecord_andWhatFollowsHasItsDays() throws Exception {
        String form = Asking.fresh();
        for (int i = 0; i < 2; i++) {
            asking.form(
                            grower.member(),
                            page,
                            "form",
                            form,
                            "deed",
                            "SMALLER",
                            "dead",
                            "true",
                            "washed",
                            "true",
                            "diameter",
                            "10",
                            "medium",
                            "bark")
                    .andExpect(status().is3xxRedirection());
        }
        assertThat(logBook.entries(grower.plant()))
                .filteredOn(row -> row.kind() == LogKind.REPOTTED)
                .singleElement()
                .satisfies(row -> assertThat(row.words()).contains("dead roots cut off and roots washed"));
        assertThat(orchid().potDiameterCm()).isEqualTo(10);
        assertThat(orchid().mediumSince()).isEqualTo(today);
        assertThat(tasks.of(orchid()))
                .extracting(asked -> asked.what().orElseThrow())
                .containsExactly(
                        HandTask.WATER_AFTER_POTTING, HandTask.OUT_OF_SHADE, HandTask.LOOK_AT_POT, HandTask.FEED_AGAIN);
        assertThat(tasks.of(orchid()))
                .extracting(Asked::day)
                .containsExactly(today.plusDays(3), today.plusDays(14), today.plusDays(28), today.plusDays(28));
    }

    @Test
    void aRepottingWrittenInAnyWayHasWhatFollows_andItsFirstWaterEndsTheDryTime() throws Exception {
        records.write(
                grower.member().collection(),
                grower.plant().id(),
                FormKey.fresh(),
                today,
                List.of(RecordWriter.Line.of(new LogEntry.Repotted(OptionalDouble.of(13), Optional.of("bark")))));
        assertThat(tasks.today(grower.member().collection(), today)
                        .keptDry(grower.plant().id()))
                .isTrue();
        assertThat(asking.text(grower.member(), "/?stop=" + grower.stop().id()))
                .as("a plant that is kept dry is not watered")
                .doesNotContain("Not watered yet");
        records.write(
                grower.member().collection(),
                grower.plant().id(),
                FormKey.fresh(),
                today,
                List.of(RecordWriter.Line.of(LogEntry.Watered.through())));
        assertThat(tasks.today(grower.member().collection(), today)
                        .keptDry(grower.plant().id()))
                .isFalse();
    }

    @Test
    void whatWasRepottedLongAgoAsksForNothingNow() {
        records.write(
                grower.member().collection(),
                grower.plant().id(),
                FormKey.fresh(),
                today.minusDays(90),
                List.of(RecordWriter.Line.of(new LogEntry.Repotted(OptionalDouble.empty(), Optional.of("bark")))));
        assertThat(tasks.of(orchid())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"1, New pot: between 2 cm and 200 cm.", "lots, lots", "900, New pot: between"})
    void aPotThatCannotBeIsToldAndKept(String typed, String told) throws Exception {
        String answer = asking.form(
                        grower.member(),
                        page,
                        "form",
                        Asking.fresh(),
                        "said",
                        "true",
                        "roots",
                        "ROTTEN",
                        "deed",
                        "SMALLER",
                        "diameter",
                        typed)
                .andExpect(status().isUnprocessableContent())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(answer).contains(told, "value=\"" + typed + "\"");
        assertThat(logBook.entries(grower.plant())).isEmpty();
    }

    @Test
    void theBenchSaysWhichPotsAndHowMuchOfWhat() throws Exception {
        String id = grower.plant().id().toString();
        String bench = asking.text(
                grower.member(), "/potting?asked=true&plant=" + id + "&size-" + id + "=15&medium-" + id + "=bark");
        assertThat(bench).contains("1 pot of 15 cm", "you put it on the list", "perlite", "In total");
        assertThat(asking.text(
                        grower.member(),
                        "/potting?asked=true&plant=" + id + "&size-" + id + "=huge&medium-" + id + "=bark"))
                .contains("Limpet: ", "value=\"huge\"");
        assertThat(asking.text(grower.member(), "/potting?asked=true&plant=none-of-yours"))
                .contains("Potting bench");
    }

    private void decide(String cause, String trial) throws Exception {
        CaseId open = cases.open(grower.member().collection(), grower.plant().id());
        asking.form(
                        grower.member(),
                        "/cases/" + open + "/decide",
                        "form",
                        Asking.fresh(),
                        "version",
                        "0",
                        "cause",
                        cause,
                        "trial",
                        trial,
                        "lookAgainOn",
                        today.plusDays(14).toString(),
                        "note",
                        "as I know it")
                .andExpect(status().is3xxRedirection());
    }

    @Test
    void whatACaseHoldsIsNeitherOfferedNorWritten() throws Exception {
        decide("virus", "isolate-and-ask");
        assertThat(asking.text(grower.member(), page + "?said=true&roots=CIRCLING"))
                .contains("On hold until its case is closed: no repotting")
                .doesNotContain("done: record it");
        assertThat(asking.text(grower.member(), page + "?said=true&roots=ROTTEN"))
                .as("what rots waits for no trial")
                .contains("done: record it")
                .doesNotContain("On hold");
        asking.form(
                grower.member(),
                page,
                "form",
                Asking.fresh(),
                "said",
                "true",
                "roots",
                "CIRCLING",
                "deed",
                "POT_ON",
                "diameter",
                "15");
        assertThat(logBook.entries(grower.plant()))
                .extracting(row -> row.kind())
                .doesNotContain(LogKind.REPOTTED);
        assertThat(asking.text(grower.member(), "/plants/" + grower.plant().id() + "/trim?damage=DRY_TIP&green=80"))
                .contains("On hold until its case is closed: no cutting")
                .doesNotContain("done: record it");
        assertThat(asking.text(grower.member(), "/plants/" + grower.plant().id() + "/new-plants"))
                .contains("which is catching. Make no plants of it now.");
    }

    @Test
    void aTrialThatAsksForFreshMediumStandsOnTheBench() throws Exception {
        assertThat(asking.text(grower.member(), "/potting"))
                .doesNotContain("name=\"size-" + grower.plant().id());
        decide("root-rot", "cut-rot-and-repot");
        assertThat(asking.text(grower.member(), "/potting"))
                .contains("name=\"size-" + grower.plant().id());
    }

    @Test
    void noOtherGrowerSeesOrPotsIt() throws Exception {
        Growers.Grower other = growers.grower();
        asking.page(other.member(), page).andExpect(status().isNotFound());
        asking.form(other.member(), page, "form", Asking.fresh(), "deed", "FRESH")
                .andExpect(status().isNotFound());
        assertThat(asking.text(
                        other.member(),
                        "/potting?asked=true&plant=" + grower.plant().id()))
                .doesNotContain("you put it on the list");
    }
}

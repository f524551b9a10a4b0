package mildlantern.web.propagation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.plant.Stage;
import mildlantern.web.Asking;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.TakeBack;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** A beheaded succulent: the top is a plant with its mother, its days, and a success that counts. */
@LanternTest
class NewPlantsPageTest {
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
    private TakeBack takeBack;

    @Autowired
    private Clock clock;

    private Growers.Grower grower;
    private Plant mother;
    private String page;

    @BeforeEach
    void aLeggyEcheveria() {
        grower = growers.grower();
        mother = records.store(growers.plant(grower.member().collection(), grower.stop(), "Rose")
                .ofKind("succulent-rosette", null));
        page = "/plants/" + mother.id() + "/new-plants";
    }

    private List<Plant> made() {
        return plants.offspring(mother).stream().filter(Plant::alive).toList();
    }

    private void make(String count) throws Exception {
        asking.form(
                        grower.member(),
                        page,
                        "form",
                        Asking.fresh(),
                        "way",
                        "BEHEAD",
                        "count",
                        count,
                        "stem",
                        "2.5",
                        "stop",
                        grower.stop().id().toString())
                .andExpect(status().is3xxRedirection());
    }

    @Test
    void thePageSaysHowWhenAndWhatDoesNotWork() throws Exception {
        assertThat(asking.text(grower.member(), page + "?way=BEHEAD&count=2&stem=2.5"))
                .contains("behead", "Let the cut dry", "The cut is dry", "cutting in water", "done: 2 new plants")
                .contains("class=\"cut\"");
    }

    @Test
    void theTopIsAPlantWithItsMotherItsMediumAndItsDays() throws Exception {
        make("1");
        Plant top = made().get(0);
        LocalDate today = LocalDate.now(clock);
        assertThat(top.mother()).isEqualTo(mother.id());
        assertThat(top.stage()).isEqualTo(Stage.CUTTING);
        assertThat(top.medium()).isEqualTo("mineral");
        assertThat(tasks.of(top))
                .extracting(asked -> asked.what().orElseThrow())
                .containsExactly(HandTask.SET_CUTTING, HandTask.WATER_CUTTING, HandTask.ROOTS, HandTask.POT_CUTTING);
        assertThat(tasks.of(top).get(0).day()).isEqualTo(today.plusDays(12));
        assertThat(tasks.today(grower.member().collection(), today).keptDry(top.id()))
                .isTrue();
        assertThat(logBook.entries(mother)).extracting(row -> row.kind()).contains(LogKind.PROPAGATED);
    }

    @Test
    void whatGrewOnAndWhatFailedIsCounted_andWeighedAgainstTheBook() throws Exception {
        make("3");
        List<Plant> tops = made();
        found(tops.get(0), "HOLDS");
        found(tops.get(1), "FAILED");
        found(tops.get(2), "NOT_YET");
        // (0.9 · 4 + 1) / (4 + 2) = 77 %
        assertThat(asking.text(grower.member(), page + "?way=BEHEAD"))
                .contains("Here 1 of 2 grew on", "here expect 77");
        assertThat(asking.text(grower.member(), "/new-plants"))
                .contains("77 %", tops.get(2).name())
                .doesNotContain(">" + tops.get(1).name() + "<");
        assertThat(plants.plant(grower.member().collection(), tops.get(1).id()).alive())
                .isFalse();
        assertThat(tasks.of(tops.get(2)))
                .filteredOn(asked -> asked.what().filter(HandTask.ROOTS::equals).isPresent())
                .extracting(asked -> asked.day())
                .contains(LocalDate.now(clock).plusDays(14));
    }

    private void found(Plant top, String found) throws Exception {
        asking.form(
                        grower.member(),
                        "/plants/" + top.id() + "/new-plants/found",
                        "form",
                        Asking.fresh(),
                        "found",
                        found)
                .andExpect(status().is3xxRedirection());
    }

    @Test
    void aCuttingThatGotAPotHasRooted_andIsAPlantLikeOthers() throws Exception {
        make("1");
        Plant top = made().get(0);
        records.write(
                grower.member().collection(),
                top.id(),
                FormKey.fresh(),
                LocalDate.now(clock),
                List.of(RecordWriter.Line.of(new LogEntry.Repotted(OptionalDouble.of(8), Optional.of("mineral")))));
        assertThat(plants.plant(grower.member().collection(), top.id()).stage()).isEqualTo(Stage.ADULT);
        assertThat(asking.text(grower.member(), page + "?way=BEHEAD")).contains("Here 1 of 1 grew on");
    }

    @Test
    void takenBack_theNewPlantsAndTheirDaysAreGone() throws Exception {
        make("2");
        takeBack.entry(
                grower.member().collection(),
                logBook.entries(mother).stream()
                        .filter(row -> row.kind() == LogKind.PROPAGATED)
                        .findFirst()
                        .orElseThrow()
                        .id());
        assertThat(made()).isEmpty();
        assertThat(tasks.until(
                        grower.member().collection(), LocalDate.now(clock).plusDays(300)))
                .filteredOn(asked -> asked.task().isPresent())
                .filteredOn(asked ->
                        asked.what().filter(HandTask.OF_THE_YEAR::contains).isEmpty())
                .isEmpty();
    }

    @Test
    void sentByFourInTheSameMoment_itIsDoneOnce() throws Exception {
        String form = Asking.fresh();
        AtOnce.each(
                4,
                i -> () -> asking.form(grower.member(), page, "form", form, "way", "BEHEAD", "count", "2", "stem", "1")
                        .andReturn()
                        .getResponse()
                        .getStatus());
        assertThat(made()).hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({"count, 0, from 1 to 50", "count, many, many", "stem, 99, Stem thickness", "stem, -1, Stem thickness"})
    void aWrongNumberIsToldAndNothingIsMade(String field, String typed, String told) throws Exception {
        String answer = asking.form(grower.member(), page, "form", Asking.fresh(), "way", "BEHEAD", field, typed)
                .andExpect(status().isUnprocessableContent())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(answer).contains(told, "value=\"" + typed + "\"");
        assertThat(made()).isEmpty();
    }

    @Test
    void aWayThatTheBookDoesNotKnowIsRecorded_withoutDays() throws Exception {
        asking.form(grower.member(), page, "form", Asking.fresh(), "way", "DIVISION", "count", "2")
                .andExpect(status().is3xxRedirection());
        assertThat(made())
                .hasSize(2)
                .allSatisfy(part -> assertThat(part.stage()).isEqualTo(Stage.ADULT));
        assertThat(tasks.of(made().get(0)))
                .filteredOn(asked ->
                        asked.what().filter(HandTask.OF_THE_YEAR::contains).isEmpty())
                .isEmpty();
    }

    @Test
    void noOtherGrowerSeesOrMakesAny() throws Exception {
        Growers.Grower other = growers.grower();
        asking.page(other.member(), page).andExpect(status().isNotFound());
        asking.form(other.member(), page, "form", Asking.fresh(), "way", "BEHEAD")
                .andExpect(status().isNotFound());
        assertThat(made()).isEmpty();
    }
}

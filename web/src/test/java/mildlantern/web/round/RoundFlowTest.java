package mildlantern.web.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.log.LogEntry;
import mildlantern.log.Wetness;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.round.Due;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.casework.CaseService;
import mildlantern.web.log.LogBook;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.EntryId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Records;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import mildlantern.web.routine.StopWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** A day's round: what calls, what one press writes down, what is left. */
@LanternTest
class RoundFlowTest {
    @Autowired
    private Stops stops;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Growers growers;

    @Autowired
    private RoundService rounds;

    @Autowired
    private RoundSummary summaries;

    @Autowired
    private RecordWriter log;

    @Autowired
    private LogBook logBook;

    @Autowired
    private StopWriter stopWriter;

    @Autowired
    private Records records;

    @Autowired
    private CaseService cases;

    @Autowired
    private Schedules rows;

    @Autowired
    private MovableClock clock;

    private Growers.Grower grower;
    private CollectionId collection;
    private LocalDate today;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
        collection = grower.member().collection();
        today = LocalDate.now(clock);
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private void write(LocalDate day, LogEntry... entries) {
        log.write(
                collection,
                grower.plant().id(),
                FormKey.fresh(),
                day,
                Arrays.stream(entries).map(RecordWriter.Line::of).toList());
    }

    private RoundViews.RoundPage page() {
        return rounds.round(rounds.today(collection), Optional.of(grower.stop().id()))
                .orElseThrow();
    }

    private String deed(FormKey form, String deed, String... more) throws Exception {
        var request = post("/round/deeds")
                .header("HX-Request", "true")
                .param("form", form.toString())
                .param("plant", grower.plant().id().toString())
                .param("stop", grower.stop().id().toString())
                .param("deed", deed);
        for (int i = 0; i < more.length; i += 2) {
            request.param(more[i], more[i + 1]);
        }
        return mvc.perform(request.with(user(grower.member())).with(csrf()))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private List<String> written() {
        return logBook.entries(grower.plant()).stream().map(LogWords::said).toList();
    }

    private ScheduleRow row() {
        return rows.of(collection, grower.plant().id()).orElseThrow();
    }

    @Test
    void aPotNeverWateredCalls_andOnePressQuietsIt() throws Exception {
        assertThat(page().morning()).isNotEmpty();
        assertThat(page().carry()).extracting(RoundViews.Carry::what).contains("rain water", "long probe");
        String slip = deed(FormKey.fresh(), "GAVE", "ml", "240", "water", "RAIN");
        assertThat(slip).contains("watered 240 mL rain water").doesNotContain("value=\"GAVE\"");
        assertThat(row().schedule().watered()).contains(today);
        assertThat(row().schedule().water().orElseThrow().on()).isAfter(today);
        deed(FormKey.fresh(), "LOOKED");
        deed(FormKey.fresh(), "FED");
        assertThat(page().nothingDue()).isTrue();
        assertThat(page().alsoHere())
                .singleElement()
                .satisfies(also -> assertThat(also.lately()).startsWith("watered 240 mL rain water"));
    }

    @Test
    void twoPressesInOneBreathAreBothKept_butEachOnce() throws Exception {
        FormKey form = FormKey.fresh();
        deed(form, "DRY");
        deed(form, "GAVE", "ml", "200");
        deed(form, "GAVE", "ml", "200");
        assertThat(written()).containsExactlyInAnyOrder("watered 200 mL", "probed dry");
    }

    @Test
    void aWrongAmountIsToldOnTheSlip_andNothingIsWritten() throws Exception {
        assertThat(deed(FormKey.fresh(), "GAVE", "ml", "plenty")).contains("plenty", "Nothing was saved");
        assertThat(deed(FormKey.fresh(), "GAVE", "ml", "-5")).contains("Between 1 mL and 100 L");
        assertThat(written()).isEmpty();
    }

    @Test
    void foundWetItIsLeftInPeace_andLearnedFrom() throws Exception {
        write(today.minusDays(9), LogEntry.Watered.through());
        double before = row().factor();
        assertThat(page().morning()).isNotEmpty();
        deed(FormKey.fresh(), "WET");
        assertThat(row().factor()).as("thirst").isLessThan(before);
        assertThat(row().schedule().water().orElseThrow().on()).isAfter(today);
    }

    @Test
    void notTodayIsTomorrow_withItsReasonInTheSummary() throws Exception {
        write(today.minusDays(20), LogEntry.Watered.through());
        deed(FormKey.fresh(), "NOT_TODAY", "reason", "cannot reach it");
        assertThat(page().nothingDue()).isTrue();
        assertThat(summaries.summary(collection, rounds.today(collection)).putOff())
                .singleElement()
                .satisfies(line -> assertThat(line.words()).isEqualTo("cannot reach it"));
        clock.moveDays(1);
        assertThat(page().nothingDue()).isFalse();
    }

    @Test
    void whatWasPressedByMistakeIsTakenBack() throws Exception {
        write(today.minusDays(20), LogEntry.Watered.through());
        deed(FormKey.fresh(), "GAVE", "ml", "300");
        EntryId entry = logBook.entries(grower.plant()).get(0).id();
        for (int i = 0; i < 2; i++) {
            mvc.perform(post("/round/take-back")
                            .param("plant", grower.plant().id().toString())
                            .param("stop", grower.stop().id().toString())
                            .param("entry", entry.toString())
                            .with(user(grower.member()))
                            .with(csrf()))
                    .andExpect(redirectedUrl("/?stop=" + grower.stop().id()));
        }
        assertThat(written()).containsExactly("watered");
        assertThat(row().schedule().watered()).contains(today.minusDays(20));
        assertThat(page().nothingDue()).isFalse();
    }

    @Test
    void aRoundGoesOnWhereItWasLeft() {
        Stop second = stops.store(new Stop(StopId.fresh(), collection, 2, "Second"));
        Stop third = stops.store(new Stop(StopId.fresh(), collection, 3, "Third"));
        Plant there = growers.plant(collection, second, "Second plant");
        growers.plant(collection, second, "Second neighbour");
        growers.plant(collection, third, "Third plant");
        assertThat(rounds.round(rounds.today(collection), Optional.empty())
                        .orElseThrow()
                        .name())
                .isEqualTo("Sill");
        log.write(
                collection,
                there.id(),
                FormKey.fresh(),
                today,
                List.of(RecordWriter.Line.of(LogEntry.Watered.through())));
        RoundViews.RoundPage resumed =
                rounds.round(rounds.today(collection), Optional.empty()).orElseThrow();
        assertThat(resumed.name()).isEqualTo("Second");
        assertThat(resumed.next().orElseThrow().name()).isEqualTo("Third");
    }

    @Test
    void lampsAndSlipsAgree() {
        Stop alone =
                stops.store(new Stop(StopId.fresh(), collection, 2, "Alone").built(StopKind.ISOLATION, null, null));
        growers.plant(collection, alone, "Newcomer");
        cases.open(collection, grower.plant().id());
        DueToday due = rounds.today(collection);
        for (Stop stop : due.walk) {
            int slips = due.plants(stop).stream()
                    .mapToInt(plant -> plant.dues().size())
                    .sum();
            assertThat(due.due(stop).all()).as(stop.name()).isEqualTo(slips);
        }
        assertThat(rounds.walk(due)).extracting(RoundViews.StopLine::lamp).containsExactly("bright", "low");
        assertThat(rounds.walk(due).get(0).due()).isEqualTo("1 case · 1 to water");
    }

    @Test
    void drierAirAtAStopBringsTheCheckForward() {
        write(today, LogEntry.Watered.through());
        double before = row().cycleDays();
        stopWriter.read(
                collection,
                grower.stop().id(),
                FormKey.fresh(),
                stop -> new StopReading(stop, today, OffsetDateTime.now(clock))
                        .read(Brightness.MEDIUM, null, 25.0, 26.0, 18.0));
        assertThat(row().cycleDays()).isLessThan(0.75 * before);
    }

    @Test
    void wateringTooEarlyForWeeksSpeaksInTheNextCase() {
        for (int day = 30; day >= 0; day -= 2) {
            write(today.minusDays(day), LogEntry.Watered.through());
        }
        assertThat(early()).as("what nobody read is no reproach").isEmpty();
        for (int day : List.of(10, 6, 2)) {
            write(today.minusDays(day), LogEntry.Probed.all(Wetness.WET));
        }
        assertThat(early().orElseThrow()).isGreaterThan(0.8);
    }

    private OptionalDouble early() {
        return records.record(grower.plant()).watering().drying().orElseThrow().earlyShare();
    }

    @Test
    void aCupIsEmptiedOnce_onTheEveningOfAColdNight() throws Exception {
        Stop cold = stops.store(
                new Stop(StopId.fresh(), collection, 2, "Cold sill").climate(Brightness.BRIGHT, 50.0, 14.0, 6.0));
        Plant ember = log.store(new Plant(PlantId.fresh(), collection, cold.id(), 0, "Ember", "tank-bromeliad")
                .potted(PotKind.CLAY, 14.0, "bark", today.minusMonths(6)));
        log.write(
                collection,
                ember.id(),
                FormKey.fresh(),
                today,
                List.of(RecordWriter.Line.of(LogEntry.Watered.through()), RecordWriter.Line.of(new LogEntry.Looked())));
        DueToday before = rounds.today(collection);
        assertThat(rounds.round(before, Optional.of(cold.id())).orElseThrow().evening())
                .isNotEmpty();
        assertThat(before.due(cold).of(Due.Kind.EMPTY_CUP)).isEqualTo(1);
        log.write(
                collection,
                ember.id(),
                FormKey.fresh(),
                today,
                List.of(RecordWriter.Line.of(new LogEntry.CupEmptied())));
        DueToday after = rounds.today(collection);
        assertThat(rounds.round(after, Optional.of(cold.id())).orElseThrow().evening())
                .isEmpty();
        assertThat(after.due(cold).of(Due.Kind.EMPTY_CUP)).isZero();
    }

    @Test
    void theRoundOnPaperSaysWhatAndWhy() throws Exception {
        write(today.minusDays(20), LogEntry.Watered.through());
        String paper = mvc.perform(get("/round/paper").with(user(grower.member())))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(paper).contains("Limpet", "feel the pot; if dry,", "rain water", "watered 20 days ago");
    }
}

package mildlantern.web.year;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.Phase;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterSource;
import mildlantern.web.Asking;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import mildlantern.web.task.Asked;
import mildlantern.web.task.HandTask;
import mildlantern.web.task.HandTasks;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

/** A trumpet pitcher on a warm sill in late November: its rest is seen to be too warm, and planned. */
@LanternTest
class YearPageTest {
    @Autowired
    private Asking asking;

    @Autowired
    private Growers growers;

    @Autowired
    private RecordWriter records;

    @Autowired
    private Routine routine;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Stops stops;

    @Autowired
    private YearBook years;

    @Autowired
    private HandTasks tasks;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private MovableClock clock;

    private Growers.Grower grower;
    private CollectionId collection;
    private Plant pitcher;
    private Stop gallery;
    private String page;

    @BeforeEach
    void onAWarmSillInLateNovember() {
        LocalDate today = LocalDate.now(clock);
        LocalDate november = LocalDate.of(today.getYear() + (today.getDayOfYear() > 332 ? 1 : 0), 11, 28);
        clock.moveDays((int) ChronoUnit.DAYS.between(today, november));
        grower = growers.grower();
        collection = grower.member().collection();
        Stop sill = stops.store(
                new Stop(StopId.fresh(), collection, 3, "South sill").climate(Brightness.BRIGHT, 50.0, 21.0, 17.0));
        gallery = stops.store(
                new Stop(StopId.fresh(), collection, 4, "Gallery").climate(Brightness.DIRECT, 70.0, 10.0, 5.0));
        pitcher = transaction.execute(
                status -> records.store(new Plant(PlantId.fresh(), collection, sill.id(), 1, "Foghorn", "sarracenia")
                        .potted(PotKind.PLASTIC, 14.0, "peat-perlite", november.minusMonths(10))
                        .kept(WaterSource.RAIN, FeedStrength.NONE, false, false, true)
                        .counted(0, 9, 0, 0, 0)));
        write(LogEntry.Watered.through());
        page = "/plants/" + pitcher.id() + "/year";
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private void write(LogEntry entry) {
        transaction.executeWithoutResult(status -> records.write(
                collection,
                pitcher.id(),
                LocalDate.now(clock),
                List.of(RecordWriter.Line.of(entry)),
                Optional.empty()));
    }

    private List<HandTask> asked() {
        return tasks.today(collection, LocalDate.now(clock)).due().stream()
                .filter(asked -> asked.plant().filter(pitcher.id()::equals).isPresent())
                .flatMap(asked -> asked.what().stream())
                .toList();
    }

    @Test
    void aRestThatIsTooWarmIsSaid_aCoolerStopIsNamed_andTheMoveIsPlannedOnce() throws Exception {
        assertThat(asking.text(grower.member(), page))
                .contains("cool rest since", "Nights are too warm for its rest", "12 more weeks", "Gallery")
                .doesNotContain("No stop has such nights");
        assertThat(asked()).containsExactly(HandTask.REST_COOLER);

        String form = Asking.fresh();
        for (int i = 0; i < 2; i++) {
            asking.form(
                            grower.member(),
                            page + "/move",
                            "form",
                            form,
                            "to",
                            gallery.id().toString())
                    .andExpect(redirectedUrl("/plants/" + pitcher.id() + "/care"));
        }
        assertThat(asking.text(grower.member(), "/plants/" + pitcher.id() + "/care"))
                .contains("Gallery");
        assertThat(asked()).isEmpty();
    }

    @Test
    void whatStaysIsAskedNoMoreThisRest() throws Exception {
        asking.form(grower.member(), page + "/stays").andExpect(redirectedUrl(page));
        assertThat(asked()).isEmpty();
        clock.moveDays(12);
        write(new LogEntry.Looked());
        assertThat(asked()).as("worked out anew twelve days later").isEmpty();
    }

    @Test
    void whenItStandsCoolNobodyAsks() {
        assertThat(asked()).containsExactly(HandTask.REST_COOLER);
        write(new LogEntry.Moved(
                Optional.of(pitcher.stop()),
                Optional.of(gallery.id()),
                OptionalDouble.empty(),
                OptionalDouble.empty()));
        clock.moveDays(20);
        write(new LogEntry.Looked());
        assertThat(asked()).isEmpty();
        assertThat(tasks.of(pitcher))
                .extracting(Asked::what)
                .as("but when it will grow is on the way")
                .contains(Optional.of(HandTask.GROWTH_BEGINS));
    }

    @Test
    void whatIsDueCanBeAnsweredThoughTheRestIsAsItShouldBe() throws Exception {
        write(new LogEntry.PhaseSaid(Phase.GROWING));
        write(new LogEntry.PhaseSaid(Phase.COOL_REST));
        tasks.plan(pitcher, HandTask.REST_BEGINS, LocalDate.now(clock), BatchId.fresh());
        assertThat(asking.text(grower.member(), page)).contains(">Done<");
        asking.form(grower.member(), page + "/stays").andExpect(redirectedUrl(page));
        assertThat(asked()).isEmpty();
        assertThat(asking.text(grower.member(), page)).doesNotContain(">Done<");
    }

    @Test
    void whatIsSeenIsWrittenOnce_andCountsForMoreThanTheSun() throws Exception {
        String form = Asking.fresh();
        for (int i = 0; i < 2; i++) {
            asking.form(grower.member(), page + "/seen", "form", form, "sign", "NEW_GROWTH")
                    .andExpect(status().is3xxRedirection());
        }
        assertThat(logBook.entries(pitcher))
                .filteredOn(line -> line.kind() == LogKind.GROWTH_SEEN)
                .hasSize(1);
        assertThat(years.of(pitcher).phase()).isEqualTo(Phase.GROWING);
        asking.form(grower.member(), page + "/said", "form", Asking.fresh(), "phase", "COOL_REST")
                .andExpect(status().is3xxRedirection());
        assertThat(years.of(pitcher).phase()).isEqualTo(Phase.COOL_REST);
        assertThat(asking.text(grower.member(), page)).contains("as you said");
        asking.form(grower.member(), page + "/bloom", "form", Asking.fresh(), "opened", "true")
                .andExpect(status().is3xxRedirection());
        assertThat(years.of(pitcher).phase()).isEqualTo(Phase.SPIKING);
    }

    @Test
    void nothingIsFedInRest_andAWordThatIsTakenBackNoLongerCounts() {
        assertThat(years.wants(pitcher).feed()).isZero();
        transaction.executeWithoutResult(status -> routine.write(collection, List.of(pitcher.id()), () -> {}));
        assertThat(years.of(pitcher).now().cause().name()).isIn("SUN", "COOL");
    }

    @Test
    void theYearOfAllNamesWhoRests() throws Exception {
        assertThat(asking.text(grower.member(), "/year")).contains("cool rest", "Foghorn", "slow");
    }

    @Test
    void nobodyReadsOrWritesAnothersYear() throws Exception {
        Growers.Grower other = growers.grower();
        asking.page(other.member(), page).andExpect(status().isNotFound());
        asking.form(other.member(), page + "/seen", "form", Asking.fresh(), "sign", "BARE")
                .andExpect(status().isNotFound());
        asking.form(other.member(), page + "/stays").andExpect(status().isNotFound());
        assertThat(logBook.entries(pitcher)).extracting(line -> line.kind()).containsExactly(LogKind.WATERED);
    }
}

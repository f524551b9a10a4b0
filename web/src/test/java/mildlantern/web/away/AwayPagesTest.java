package mildlantern.web.away;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.LogKind;
import mildlantern.log.Way;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterSource;
import mildlantern.web.Asking;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;

/** A fern in a warm room whose grower goes away, with a snake plant beside it. */
@LanternTest
class AwayPagesTest {
    @Autowired
    private Asking asking;

    @Autowired
    private Growers growers;

    @Autowired
    private Stops stops;

    @Autowired
    private RecordWriter records;

    @Autowired
    private LogBook logBook;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private JdbcClient jdbc;

    @Autowired
    private MovableClock clock;

    private Growers.Grower grower;
    private CollectionId collection;
    private Plant fern;
    private Plant snake;
    private LocalDate today;

    @BeforeEach
    void aThirstyFernAndOneThatLasts() {
        today = LocalDate.now(clock);
        grower = growers.grower();
        collection = grower.member().collection();
        Stop room = stops.store(
                new Stop(StopId.fresh(), collection, 3, "Parlour").climate(Brightness.BRIGHT, 45.0, 25.0, 20.0));
        fern = plant(room, "Bracken", "boston-fern", "peat-mix", 14, 3);
        snake = plant(room, "Rapier", "snake-plant", "mineral", 17, 20);
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private Plant plant(Stop stop, String name, String kind, String medium, double cm, int every) {
        return transaction.execute(status -> {
            Plant plant = records.store(new Plant(PlantId.fresh(), collection, stop.id(), 1, name, kind)
                    .potted(PotKind.PLASTIC, cm, medium, today.minusMonths(10))
                    .kept(WaterSource.RAIN, FeedStrength.WEAK, false, false, true)
                    .counted(9, 0, 0, 0, 0));
            IntStream.rangeClosed(0, 5)
                    .forEach(i -> records.write(
                            collection,
                            plant.id(),
                            today.minusDays((long) (5 - i) * every),
                            List.of(RecordWriter.Line.of(new LogEntry.Watered(
                                    OptionalInt.empty(), Optional.empty(), Way.ABOVE, Optional.of(Felt.READY)))),
                            Optional.empty()));
            return plant;
        });
    }

    private String plan(int days, String who) throws Exception {
        asking.form(
                        grower.member(),
                        "/away",
                        "form",
                        Asking.fresh(),
                        "leaves",
                        today.toString(),
                        "back",
                        today.plusDays(days).toString(),
                        "who",
                        who,
                        "helper",
                        "Wren",
                        "note",
                        "The key hangs in the porch.")
                .andExpect(redirectedUrl("/away"));
        return asking.text(grower.member(), "/away");
    }

    private long waterings(Plant plant) {
        return logBook.entries(plant).stream()
                .filter(line -> line.kind() == LogKind.WATERED)
                .count();
    }

    @Test
    void thePlanNamesWhoRunsDryAndTheLeastToDo() throws Exception {
        assertThat(asking.text(grower.member(), "/away")).contains("When are you away?");
        String page = plan(16, "NOBODY");
        assertThat(page).contains("Bracken", "over 99 %", "Before you go", "through on");
        assertThat(page.indexOf("Wants water before you are back"))
                .as("it has a place in the table of those that run dry")
                .isLessThan(page.lastIndexOf("Bracken"));
        String danger = page.substring(page.indexOf("Wants water before you are back"));
        assertThat(danger)
                .doesNotContain("Rapier</a> <small class=\"soft\">snake plant, Parlour</small></td><td>about 99");
    }

    @Test
    void aHelperGetsDaysAndPlainWords_andTheyStayWhatTheyWere() throws Exception {
        plan(20, "HELPER");
        String sheet = asking.text(grower.member(), "/away/sheet");
        assertThat(sheet)
                .contains(
                        "For Wren",
                        "Bracken",
                        "The key hangs in the porch.",
                        "Do not feed, spray, repot or move anything.")
                .contains("Put a finger in the pot first.")
                .doesNotContain("boston-fern", "SOAK", "HELPER");
        transaction.executeWithoutResult(status -> records.write(
                collection,
                fern.id(),
                today,
                List.of(RecordWriter.Line.of(LogEntry.Watered.of(30))),
                Optional.empty()));
        clock.moveDays(3);
        assertThat(asking.text(grower.member(), "/away/sheet"))
                .as("what was printed holds")
                .isEqualTo(sheet);
    }

    @Test
    void whatWasDoneBeforeIsWrittenOnce_fromTwoTabsAtOnce() throws Exception {
        plan(16, "NOBODY");
        long before = waterings(fern);
        String form = Asking.fresh();
        assertThat(AtOnce.each(
                        4,
                        tab -> () -> asking.form(grower.member(), "/away/left", "form", tab < 2 ? form : Asking.fresh())
                                .andReturn()
                                .getResponse()
                                .getStatus()))
                .containsOnly(302);
        assertThat(waterings(fern)).as("from four pages at once").isEqualTo(before + 1);
        assertThat(asking.text(grower.member(), "/away"))
                .contains("is in the record")
                .doesNotContain("All done");
    }

    @Test
    void onReturnTheFernIsLookedAtFirst_andTheHelpersDaysGoIntoTheRecordByOnePress() throws Exception {
        plan(20, "HELPER");
        asking.page(grower.member(), "/away/back").andExpect(redirectedUrl("/away"));
        clock.moveDays(20);
        String page = asking.text(grower.member(), "/away/back");
        assertThat(page).as("nobody said that it was soaked").contains("It has been dry since");
        assertThat(page).contains("Look at these today", "Bracken", "Roots: feel the pot", "Pests: look underneath");
        long before = waterings(fern);
        String form = Asking.fresh();
        for (int i = 0; i < 2; i++) {
            asking.form(grower.member(), "/away/back", "form", form, "asPlanned", "true")
                    .andExpect(status().is3xxRedirection());
        }
        assertThat(waterings(fern)).isGreaterThan(before);
        assertThat(logBook.entries(fern))
                .filteredOn(line -> line.kind() == LogKind.NOTED)
                .singleElement()
                .satisfies(line -> assertThat(line.words().orElseThrow()).contains("A helper watered"));
        assertThat(logBook.entries(fern))
                .filteredOn(
                        line -> line.kind() == LogKind.WATERED && line.onDay().isAfter(today))
                .as("on the days on which she came")
                .isNotEmpty()
                .allSatisfy(line -> assertThat(line.onDay()).isBefore(today.plusDays(20)));
        assertThat(asking.text(grower.member(), "/away")).contains("When are you away?");
    }

    @Test
    void whenNobodyCameNothingIsWateredInTheRecord() throws Exception {
        plan(20, "HELPER");
        clock.moveDays(20);
        long before = waterings(fern);
        asking.form(grower.member(), "/away/back", "form", Asking.fresh(), "asPlanned", "false")
                .andExpect(status().is3xxRedirection());
        assertThat(waterings(fern)).isEqualTo(before);
        assertThat(logBook.entries(snake))
                .filteredOn(line -> line.kind() == LogKind.NOTED)
                .singleElement()
                .satisfies(line -> assertThat(line.words().orElseThrow()).contains("Nobody watered"));
    }

    @Test
    void impossibleDaysAreToldAtTheirFields_andWhatWasTypedStays() throws Exception {
        String wrong = asking.form(
                        grower.member(),
                        "/away",
                        "form",
                        Asking.fresh(),
                        "leaves",
                        today.minusDays(1).toString(),
                        "back",
                        today.minusDays(3).toString(),
                        "who",
                        "HELPER",
                        "helper",
                        "Wren")
                .andExpect(status().isUnprocessableContent())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(wrong).contains("This day is over.", "This must be after the last day at home.", "value=\"Wren\"");
        String nothing = asking.form(grower.member(), "/away", "form", Asking.fresh(), "leaves", "")
                .andExpect(status().isUnprocessableContent())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(nothing).contains("Give a day.", "Choose who waters.");
        assertThat(jdbc.sql("select count(*) from absence where collection_id = ?")
                        .param(collection.value())
                        .query(Integer.class)
                        .single())
                .isZero();
    }

    @Test
    void otherDatesReplaceThePlan_andItCanBeDropped() throws Exception {
        plan(20, "HELPER");
        String shorter = plan(9, "HELPER");
        assertThat(shorter).contains("9 days");
        assertThat(jdbc.sql("select count(*) from absence where collection_id = ?")
                        .param(collection.value())
                        .query(Integer.class)
                        .single())
                .isEqualTo(1);
        asking.form(grower.member(), "/away/off").andExpect(redirectedUrl("/away"));
        assertThat(asking.text(grower.member(), "/away")).contains("When are you away?");
        asking.page(grower.member(), "/away/sheet").andExpect(redirectedUrl("/away"));
    }

    @Test
    void nobodySeesWhenAnotherIsAway() throws Exception {
        plan(20, "HELPER");
        Growers.Grower other = growers.grower();
        assertThat(asking.text(other.member(), "/away")).doesNotContain("Bracken", "Wren");
        asking.form(other.member(), "/away/off").andExpect(redirectedUrl("/away"));
        asking.form(other.member(), "/away/back", "form", Asking.fresh(), "asPlanned", "true")
                .andExpect(status().is3xxRedirection());
        assertThat(asking.text(grower.member(), "/away")).contains("20 days", "Bracken");
    }
}

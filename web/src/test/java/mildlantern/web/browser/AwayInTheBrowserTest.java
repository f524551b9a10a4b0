package mildlantern.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterSource;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.transaction.support.TransactionTemplate;

/** A grower goes away for two weeks and comes back, at the bench and by keyboard. */
@LanternTest
class AwayInTheBrowserTest {
    @Autowired
    private Growers growers;

    @Autowired
    private Stops stops;

    @Autowired
    private RecordWriter log;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private MovableClock clock;

    @LocalServerPort
    private int port;

    private Growers.Grower grower;
    private Plant fern;

    @BeforeEach
    void aFernInAWarmRoom() {
        grower = growers.grower();
        CollectionId collection = grower.member().collection();
        LocalDate today = LocalDate.now(clock);
        Stop room = stops.store(
                new Stop(StopId.fresh(), collection, 3, "Parlour").climate(Brightness.BRIGHT, 45.0, 25.0, 20.0));
        fern = transaction.execute(status -> {
            Plant plant = log.store(new Plant(PlantId.fresh(), collection, room.id(), 1, "Bracken", "boston-fern")
                    .potted(PotKind.PLASTIC, 14.0, "peat-mix", today.minusMonths(10))
                    .kept(WaterSource.RAIN, FeedStrength.WEAK, false, false, true)
                    .counted(9, 0, 0, 0, 0));
            log.write(
                    collection,
                    plant.id(),
                    today,
                    List.of(RecordWriter.Line.of(LogEntry.Watered.through())),
                    Optional.empty());
            return plant;
        });
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    @Test
    void twoWeeksWithAHelper_fromTheMenuToTheRecordOnReturn() {
        LocalDate today = LocalDate.now(clock);
        try (Browser.Window window = new Browser.Window(port, 390, 800).signIn(grower.signIn(), Growers.PASSWORD)) {
            Page page = window.page;
            window.open("/more");
            page.getByText("Away").click();
            assertThat(page.locator("h1")).hasText("Away");
            page.locator("#leaves").fill(today.toString());
            page.locator("#back").fill(today.plusDays(18).toString());
            page.locator("#who").selectOption("HELPER");
            page.locator("#helper").fill("Wren");
            page.locator("#note").fill("The key hangs in the porch.");
            page.locator("#note").press("Tab");
            page.keyboard().press("Enter");
            assertThat(page.locator(".away-sum")).containsText("before you are back");
            assertThat(page.locator(".away-table")).containsText("Bracken");
            window.accessible();
            window.fitsItsWidth();

            page.getByText("All done").click();
            assertThat(page.locator("main")).containsText("is in the record");
            page.getByText("Sheet for the helper").click();
            assertThat(page.locator("h1")).containsText("For Wren");
            assertThat(page.locator("main")).containsText("Bracken");
            window.fitsItsWidth();

            clock.moveDays(18);
            window.open("/away");
            page.getByText("I am back").click();
            assertThat(page.locator("h1")).hasText("Back again");
            assertThat(page.locator(".away-looks").first()).containsText("Bracken");
            window.accessible();
            window.fitsItsWidth();
            page.getByText("The helper came as planned").click();
            page.waitForURL("**/");
            window.open("/plants/" + fern.id() + "/record");
            assertThat(page.locator("main")).containsText("A helper watered.");
            window.quiet();
        }
    }

    @Test
    void aWrongDayIsToldAtItsField_andAPlanIsDropped() {
        LocalDate today = LocalDate.now(clock);
        try (Browser.Window window = new Browser.Window(port, 1280, 800).signIn(grower.signIn(), Growers.PASSWORD)) {
            Page page = window.page;
            window.open("/away");
            page.locator("#leaves").fill(today.plusDays(5).toString());
            page.locator("#back").fill(today.plusDays(2).toString());
            page.getByText("Make the plan").click();
            assertThat(page.locator(".wrong").first()).hasText("This must be after the last day at home.");
            assertThat(page.locator("#leaves")).hasValue(today.plusDays(5).toString());
            page.locator("#back").fill(today.plusDays(20).toString());
            page.getByText("Make the plan").click();
            assertThat(page.locator(".away-sum")).isVisible();
            window.accessible();
            page.getByText("I stay at home").click();
            assertThat(page.locator("main")).containsText("When are you away?");
        }
    }
}

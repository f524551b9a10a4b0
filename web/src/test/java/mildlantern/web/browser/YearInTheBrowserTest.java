package mildlantern.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
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

/** A rest that is too warm, from the round to the steps to a cooler stop; and a sign seen on a phone. */
@LanternTest
class YearInTheBrowserTest {
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
    private Plant cane;

    @BeforeEach
    void aCanedOrchidInAWarmRoomInLateNovember() {
        LocalDate today = LocalDate.now(clock);
        LocalDate november = LocalDate.of(today.getYear() + (today.getDayOfYear() > 332 ? 1 : 0), 11, 28);
        clock.moveDays((int) ChronoUnit.DAYS.between(today, november));
        grower = growers.grower();
        CollectionId collection = grower.member().collection();
        Stop warm = stops.store(
                new Stop(StopId.fresh(), collection, 3, "Parlour").climate(Brightness.BRIGHT, 50.0, 21.0, 18.0));
        stops.store(new Stop(StopId.fresh(), collection, 4, "Porch").climate(Brightness.DIRECT, 60.0, 15.0, 11.0));
        cane = transaction.execute(status -> {
            Plant plant = log.store(new Plant(PlantId.fresh(), collection, warm.id(), 1, "Ratline", "dendrobium-nobile")
                    .potted(PotKind.PLASTIC, 14.0, "bark", november.minusMonths(10))
                    .kept(WaterSource.RAIN, FeedStrength.WEAK, false, false, true)
                    .counted(0, 5, 0, 0, 0));
            log.write(
                    collection,
                    plant.id(),
                    november,
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
    void aRestIsPlannedByKeyboard_fromThePlantToTheSteps() {
        try (Browser.Window window = new Browser.Window(port, 1280, 800).signIn(grower.signIn(), Growers.PASSWORD)) {
            Page page = window.page;
            window.open("/hands");
            assertThat(page.locator("main")).containsText("its nights are too warm");
            window.open("/plants/" + cane.id());
            page.keyboard().press("=");
            assertThat(page.locator("h1")).hasText("The year of Ratline");
            assertThat(page.locator(".year-phase")).containsText("cool rest");
            assertThat(page.locator("main")).containsText("Nights are too warm for its rest");
            window.accessible();
            Locator move = page.getByText("Plan the move").first();
            move.focus();
            page.keyboard().press("Enter");
            page.waitForURL("**/care");
            assertThat(page.locator(".steps-plan").first()).containsText("Porch");
            window.open("/hands");
            assertThat(page.locator("main")).not().containsText("its nights are too warm");
            window.quiet();
        }
    }

    @Test
    void aSignIsNotedOnAPhone_andTakesThePlantOutOfItsRest() {
        try (Browser.Window window = new Browser.Window(port, 390, 800).signIn(grower.signIn(), Growers.PASSWORD)) {
            Page page = window.page;
            window.open("/plants/" + cane.id() + "/year");
            window.fitsItsWidth();
            page.getByText("spike or flower buds").click();
            assertThat(page.locator(".year-phase")).containsText("uds and flowers since");
            assertThat(page.locator(".year-now")).containsText("as you saw");
            window.open("/year");
            window.accessible();
            window.fitsItsWidth();
            assertThat(page.locator(".year-group").first()).containsText("Ratline");
            window.quiet();
        }
    }
}

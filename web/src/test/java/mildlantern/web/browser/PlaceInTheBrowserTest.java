package mildlantern.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.LoadState;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.plant.FeedStrength;
import mildlantern.plant.GrowthSign;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.plant.WaterSource;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.StopWriter;
import mildlantern.web.stop.Glass;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.transaction.support.TransactionTemplate;

/** The place and the food: a meter read and a move by steps, a logger's table, a feed round, a change of care. */
@LanternTest
class PlaceInTheBrowserTest {
    @Autowired
    private Growers growers;

    @Autowired
    private StopWriter stopWriter;

    @Autowired
    private Stops stops;

    @Autowired
    private Plants plants;

    @Autowired
    private RecordWriter log;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private MovableClock clock;

    @LocalServerPort
    private int port;

    private Growers.Grower grower;
    private CollectionId collection;
    private Stop bright;

    @BeforeEach
    void twoStops() throws Exception {
        grower = growers.grower();
        collection = grower.member().collection();
        stopWriter.reshape(
                collection,
                grower.stop().id(),
                FormKey.fresh(),
                stops.stop(collection, grower.stop().id()).version(),
                1,
                stop -> stop.built(StopKind.SHELF, Glass.NORTH, 90));
        bright = new Stop(StopId.fresh(), collection, 2, "Porch").climate(Brightness.BRIGHT, 60.0, 22.0, 17.0);
        stops.store(bright);
        read(bright, 6.0);
    }

    private void read(Stop stop, double mol) {
        stopWriter.read(
                collection,
                stop.id(),
                FormKey.fresh(),
                at -> new StopReading(at, LocalDate.now(clock), OffsetDateTime.now(clock))
                        .read(null, mol, null, null, null));
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private Browser.Window window(int width, int height) {
        return new Browser.Window(port, width, height).signIn(grower.signIn(), Growers.PASSWORD);
    }

    private static Locator button(Page page, String words) {
        return page.getByText(words, new Page.GetByTextOptions().setExact(true)).first();
    }

    private static void settled(Page page) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
    }

    @Test
    void aMeterIsReadTheMisfitShownAndThePlantMovedByItsSteps() {
        try (Browser.Window window = window(1280, 800)) {
            Page page = window.page;
            window.open("/stops/" + grower.stop().id());
            page.getByLabel("meter shows").fill("400");
            page.locator("#at").fill("12:00");
            button(page, "calculate the day's light").click();
            assertThat(page.locator(".told")).containsText("mol/m² on a usual day");
            assertThat(page.locator(".misfits")).containsText("Too dark");
            window.accessible();
            page.getByText("what would help").first().click();

            assertThat(page.locator(".best h3")).containsText("Move it to the Porch");
            window.accessible();
            window.fitsItsWidth();
            settled(page);
            page.keyboard().press("a");
            assertThat(button(page, "On its way")).isVisible();
            assertThat(page.locator(".steps-plan").first()).containsText("Porch");
            int steps = page.locator(".steps-plan").first().locator("li").count();
            Assertions.assertThat(steps).isGreaterThan(1);

            for (int step = 1; step <= steps; step++) {
                window.open("/?stop="
                        + plants.plant(collection, grower.plant().id()).stop());
                Locator slip = page.locator("#slip-" + grower.plant().id());
                assertThat(slip).containsText("on its way");
                page.waitForResponse(
                        answer -> "POST".equals(answer.request().method()), slip.getByText("moved it")::click);
                if (step < steps) {
                    assertThat(slip).not().containsText("on its way · step");
                }
                clock.moveDays(8);
            }
            window.open("/plants/" + grower.plant().id() + "/care");
            assertThat(page.locator("main")).not().containsText("On its way");
            assertThat(page.locator("main")).containsText("One change runs");
            assertThat(page.locator("main")).containsText("Porch");
            window.open("/plants/" + grower.plant().id());
            assertThat(page.locator("dl.care")).containsText("Move it to the Porch");
            window.quiet();
        }
    }

    @Test
    void aLoggersTableComesInWithItsGap() {
        StringBuilder table = new StringBuilder("Date;Temp (°C);RH %\n");
        LocalDateTime at = LocalDate.now(clock).minusDays(4).atStartOfDay();
        for (int minute = 0; minute < 4 * 1440; minute += 15) {
            if (minute < 2000 || minute > 2600) {
                table.append("%s %s;21,4;47\n"
                        .formatted(
                                at.plusMinutes(minute).toLocalDate(),
                                at.plusMinutes(minute).toLocalTime()));
            }
        }
        try (Browser.Window window = window(1280, 800)) {
            Page page = window.page;
            window.open("/stops/" + grower.stop().id());
            page.locator("#table")
                    .setInputFiles(
                            new FilePayload("poem.csv", "text/csv", "no table\n".getBytes(StandardCharsets.UTF_8)));
            button(page, "import").click();
            assertThat(page.locator("#tables .wrong")).containsText("no heading");

            page.locator("#table")
                    .setInputFiles(new FilePayload(
                            "shelf.csv",
                            "text/csv",
                            table.toString().replace("Date;", "Date Time;").getBytes(StandardCharsets.UTF_8)));
            button(page, "import").click();
            assertThat(page.locator(".brought")).containsText("shelf.csv");
            assertThat(page.locator(".gap-said")).containsText("10 hours");
            assertThat(page.locator(".air-chart svg")).isVisible();
            assertThat(page.locator(".stop-now")).containsText("47 %");
            Assertions.assertThat(page.locator(".silent").count()).isPositive();
            window.accessible();
            window.quiet();
        }
    }

    @Test
    void aFeedRoundForATrumpetPitcherAndAnOrchid() {
        LocalDate today = LocalDate.now(clock);
        LocalDate june = LocalDate.of(today.getYear() + (today.getMonthValue() >= 6 ? 1 : 0), 6, 10);
        clock.moveDays((int) ChronoUnit.DAYS.between(today, june));
        transaction.executeWithoutResult(status -> {
            Plant trumpet = log.store(
                    new Plant(PlantId.fresh(), collection, grower.stop().id(), 1, "Foghorn", "sarracenia")
                            .potted(PotKind.PLASTIC, 14.0, "peat-perlite", june.minusMonths(10))
                            .kept(WaterSource.RAIN, FeedStrength.NONE, false, false, true)
                            .counted(0, 6, 0, 0, 0));
            log.write(
                    collection,
                    trumpet.id(),
                    june.minusDays(30),
                    List.of(RecordWriter.Line.of(new LogEntry.TrapFed(OptionalInt.of(2), OptionalDouble.empty()))),
                    Optional.empty());
            log.write(
                    collection,
                    trumpet.id(),
                    june.minusDays(20),
                    List.of(RecordWriter.Line.of(new LogEntry.Grew(GrowthSign.NEW_GROWTH))),
                    Optional.empty());
            log.write(
                    collection,
                    grower.plant().id(),
                    june.minusDays(30),
                    List.of(
                            RecordWriter.Line.of(LogEntry.Watered.through()),
                            RecordWriter.Line.of(new LogEntry.Fed(Optional.empty(), OptionalDouble.of(100)))),
                    Optional.empty());
        });
        try (Browser.Window window = window(390, 800)) {
            Page page = window.page;
            window.open("/feeding");
            assertThat(page.locator(".mix")).hasCount(2);
            assertThat(page.locator(".mix").first()).containsText("For roots, 100 mg/L nitrogen");
            assertThat(page.locator(".mix").last()).containsText("Fill 2 of its pitchers to a third");
            window.accessible();
            window.fitsItsWidth();
            page.locator(".mix").last().locator("button").click();
            assertThat(page.locator(".told")).containsText("One plant was fed.");
            page.locator(".mix").first().locator("button").click();
            assertThat(page.locator("main")).containsText("No plant needs feeding today.");
            button(page, "undo").click();
            assertThat(page.locator(".mix")).hasCount(1);
            window.quiet();
        }
    }

    @Test
    void aChangeOfCareIsAcceptedByKeyboardAlone() {
        try (Browser.Window window = window(1280, 800)) {
            Page page = window.page;
            read(grower.stop(), 1.0);
            settled(page);
            page.keyboard().press(";");
            assertThat(page.locator(".care-all")).containsText("Limpet");
            window.accessible();
            page.locator(".care-all a").first().focus();
            page.keyboard().press("Enter");
            assertThat(page.locator(".best")).isVisible();
            settled(page);
            page.keyboard().press("a");
            assertThat(page.locator(".told"))
                    .containsText(Pattern.compile("see whether it helped", Pattern.CASE_INSENSITIVE));
            window.open("/plants/" + grower.plant().id());
            assertThat(page.locator("dl.care")).containsText("light 6 instead of 1");
            window.quiet();
        }
    }
}

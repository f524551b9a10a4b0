package mildlantern.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.LoadState;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Running a collection: the round, the line, the plan, tables and photos, by keyboard and by touch. */
@LanternTest
class CollectionInTheBrowserTest {
    @Autowired
    private Growers growers;

    @Autowired
    private Plants plants;

    @Autowired
    private LogBook logBook;

    @Autowired
    private Stops stops;

    @Autowired
    private RecordWriter log;

    @Autowired
    private Clock clock;

    @LocalServerPort
    private int port;

    private Growers.Grower grower;
    private CollectionId collection;

    @BeforeEach
    void aGrower() {
        grower = growers.grower();
        collection = grower.member().collection();
    }

    /** Five pots that are surely dry by now. */
    private void fiveThirstyPlants() {
        for (String name : List.of("Auk", "Dunlin", "Gull", "Knot")) {
            growers.plant(collection, grower.stop(), name);
        }
        for (Plant plant : plants.plantsAt(collection, grower.stop().id())) {
            log.write(
                    collection,
                    plant.id(),
                    FormKey.fresh(),
                    LocalDate.now(clock).minusDays(25),
                    List.of(RecordWriter.Line.of(LogEntry.Watered.of(240))));
            log.write(
                    collection,
                    plant.id(),
                    FormKey.fresh(),
                    LocalDate.now(clock),
                    List.of(
                            RecordWriter.Line.of(new LogEntry.Looked()),
                            RecordWriter.Line.of(new LogEntry.Fed(Optional.empty(), OptionalDouble.empty()))));
        }
    }

    private Browser.Window window(int width, int height, boolean touched) {
        return new Browser.Window(port, width, height, touched).signIn(grower.signIn(), Growers.PASSWORD);
    }

    private long watered() {
        return plants.plantsAt(collection, grower.stop().id()).stream()
                .flatMap(plant -> logBook.entries(plant).stream())
                .filter(row -> row.onDay().equals(LocalDate.now(clock))
                        && row.as(LogEntry.Watered.class)
                                .filter(it -> it.ml().isPresent())
                                .isPresent())
                .count();
    }

    @Test
    void aRoundOfFivePlantsByKeyboardAlone() {
        fiveThirstyPlants();
        try (Browser.Window window = window(1280, 800, false)) {
            Page page = window.page;
            assertThat(page.locator(".slip:not(.done)")).hasCount(5);
            window.accessible();
            page.keyboard().press("d");
            assertThat(page.locator(".slip").first()).containsText("probed dry");
            for (int i = 0; i < 5; i++) {
                page.keyboard().press("g");
                assertThat(page.locator(".slip.done")).hasCount(i + 1);
            }
            Assertions.assertThat(watered()).isEqualTo(5);
            page.locator(".slip.done .bare").first().focus();
            page.keyboard().press("u");
            assertThat(page.locator(".slip.done")).hasCount(4);
            page.keyboard().press("g");
            assertThat(page.locator(".slip.done")).hasCount(5);
            page.keyboard().press(",");
            assertThat(page.locator("h1")).hasText("Today's summary");
            assertThat(page.locator(".lead-line")).hasText("5 plants were seen to today. Nothing is left to do.");
            assertThat(page.locator(".tallies")).containsText("watered");
            window.accessible();
            window.quiet();
        }
    }

    @Test
    void aRoundOfFivePlantsByOneThumbOnAPhone() {
        fiveThirstyPlants();
        try (Browser.Window window = window(390, 844, true)) {
            Page page = window.page;
            window.fitsItsWidth();
            window.accessible();
            for (int i = 0; i < 5; i++) {
                Locator gave =
                        page.locator(".slip:not(.done) button[value=GAVE]").first();
                BoundingBox box = gave.boundingBox();
                Assertions.assertThat(box.height).as("a thumb's height").isGreaterThan(40);
                gave.tap();
                assertThat(page.locator(".slip.done")).hasCount(i + 1);
            }
            Assertions.assertThat(watered()).isEqualTo(5);
            page.locator(".onward .press").last().tap();
            assertThat(page.locator(".lead-line")).containsText("Nothing is left");
            window.fitsItsWidth();
            window.quiet();
        }
    }

    @Test
    void aLineIsCompletedAndWrittenFromAnywhere() {
        try (Browser.Window window = window(1280, 800, false)) {
            Page page = window.page;
            page.keyboard().press("/");
            page.keyboard().type("lim");
            assertThat(page.locator("#quick-shown li")).hasText(new String[] {"Limpet: "});
            page.keyboard().press("Tab");
            assertThat(page.locator("#quick-line")).hasValue("Limpet: ");
            page.keyboard().type("watered 240 rain, tips brown");
            assertThat(page.locator("#quick-shown .understood")).containsText("watered 240 mL rain water");
            window.accessible();
            page.keyboard().press("Enter");
            assertThat(page.locator("#quick-shown [role=status]")).containsText("saved");
            assertThat(page.locator("#quick-line")).hasValue("");
            Assertions.assertThat(logBook.entries(grower.plant())).hasSize(2);
            window.quiet();
        }
    }

    @Test
    void aPotIsDraggedOnThePlan_shiftedByKeys_andMovedWithAWarning() {
        growers.plant(collection, grower.stop(), "Gull");
        stops.store(new Stop(StopId.fresh(), collection, 2, "Porch").climate(Brightness.DIRECT, 60.0, 9.0, 3.0));
        try (Browser.Window window = window(1280, 800, false)) {
            Page page = window.page;
            window.open("/stops/" + grower.stop().id() + "/plan");
            Locator pot = page.locator(".pot[aria-label=Limpet]");
            double before = x(pot);
            BoundingBox box = pot.locator("circle").boundingBox();
            page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
            page.mouse().down();
            page.mouse().move(box.x + box.width / 2 + 120, box.y + box.height / 2, new Mouse.MoveOptions().setSteps(6));
            page.mouse().up();
            assertThat(page.locator(".chosen h2")).containsText("Limpet");
            // What is shown comes before what is stored.
            page.waitForCondition(() -> plant().planX() != null && plant().planX() > before + 10);
            double dragged = plant().planX();
            window.accessible();

            pot.focus();
            for (int i = 0; i < 3; i++) {
                page.keyboard().press("ArrowLeft");
            }
            page.keyboard().press("Shift+ArrowLeft");
            page.waitForCondition(() -> Math.abs(plant().planX() - (dragged - 8)) < 0.6);

            assertThat(page.locator(".targets")).containsText("Colder by 12 °C at once");
            page.locator(".targets .press").click();
            assertThat(page.locator("h1")).containsText("Porch");
            Assertions.assertThat(logBook.entries(grower.plant())
                            .get(0)
                            .as(LogEntry.Moved.class)
                            .orElseThrow()
                            .temperatureStep())
                    .hasValue(-12);
            window.quiet();
        }
    }

    private static double x(Locator pot) {
        return Double.parseDouble(pot.getAttribute("data-x"));
    }

    private Plant plant() {
        return plants.plant(collection, grower.plant().id());
    }

    @Test
    void aTableWithThreeBadRowsIsMended_andThenComesInWhole() {
        try (Browser.Window window = window(1280, 800, false)) {
            Page page = window.page;
            page.locator(".tools a", new Page.LocatorOptions().setHasText("Collection"))
                    .click();
            page.getByText("import and export").click();
            window.accessible();
            send(page, "name,kind,stop\nGull,moth orchid,Sill\nTern,triffid,Sill\nAuk,pothos,Cellar\n,pothos,Sill\n");
            assertThat(page.locator(".mends")).containsText("what does “triffid” mean?");
            assertThat(page.locator(".mends")).containsText("It needs a name");
            assertThat(page.getByText(Pattern.compile("import all"))).hasCount(0);
            window.accessible();
            Assertions.assertThat(plants.plants(collection)).hasSize(1);
            page.getByLabel("triffid").selectOption("pothos");
            page.getByLabel("Cellar").selectOption("+");
            page.getByLabel("Row 5, name").fill("Whelk");
            page.locator(".mends .press").click();
            page.getByText("import all 4 rows").click();
            assertThat(page.locator(".notice")).containsText("All 4 rows came in.");
            Assertions.assertThat(plants.plants(collection)).hasSize(5);
            page.getByText("undo").click();
            assertThat(page.locator(".notice")).containsText("4 entries were taken back");
            Assertions.assertThat(plants.plants(collection)).hasSize(1);
            window.quiet();
        }
    }

    private static void send(Page page, String table) {
        page.setInputFiles("#table", new FilePayload("plants.csv", "text/csv", table.getBytes(StandardCharsets.UTF_8)));
        page.getByText("preview").click();
    }

    @Test
    void twoPhotosAreComparedWithASlider() throws Exception {
        try (Browser.Window window = window(1280, 800, false)) {
            Page page = window.page;
            for (Color colour : List.of(Color.RED, Color.BLUE)) {
                window.open("/plants/" + grower.plant().id());
                page.setInputFiles("#file", new FilePayload("leaf.png", "image/png", picture(colour)));
                page.fill("#caption", colour == Color.RED ? "limp" : "firm again");
                Browser.follow(page, page.getByText("save the photo")::click);
            }
            page.getByText("compare two").click();
            assertThat(page.locator("#compare img")).hasCount(2);
            page.waitForLoadState(LoadState.LOAD);
            page.locator("#divide").focus();
            page.keyboard().press("Home");
            Assertions.assertThat(page.evaluate(
                            "getComputedStyle(document.getElementById('compare')).getPropertyValue('--divide')"))
                    .isEqualTo("0%");
            page.keyboard().press("End");
            Assertions.assertThat(page.evaluate(
                            "getComputedStyle(document.getElementById('compare')).getPropertyValue('--divide')"))
                    .isEqualTo("100%");
            window.accessible();
            window.quiet();
        }
    }

    private static byte[] picture(Color colour) throws Exception {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(colour);
        pen.fillRect(0, 0, 400, 300);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    @Test
    void theStripIsZoomedAndAPlantIsChangedDividedAndLost() {
        log.write(
                collection,
                grower.plant().id(),
                FormKey.fresh(),
                LocalDate.now(clock).minusDays(20),
                List.of(RecordWriter.Line.of(LogEntry.Watered.through())));
        try (Browser.Window window = window(1280, 800, false)) {
            Page page = window.page;
            window.open("/plants/" + grower.plant().id());
            assertThat(page.locator(".strip .water-line").first()).isVisible();
            page.getByText("6 weeks").click();
            assertThat(page.locator(".zooms [aria-current]")).hasText("6 weeks");
            page.keyboard().press("[");
            assertThat(page.getByText("later")).isVisible();
            window.accessible();
            page.locator(".deeds .press").first().click();
            page.fill("#cultivar", "Evening Tide");
            page.fill("#accession", "T-9");
            page.fill("#diameter", "wide");
            page.getByText("Save").click();
            assertThat(page.locator(".wrong").first()).containsText("Write it for example as 15 cm or 6 in.");
            assertThat(page.locator("#cultivar")).hasValue("Evening Tide");
            page.fill("#diameter", "14.5");
            page.getByText("Save").click();
            assertThat(page.locator(".head")).containsText("‘Evening Tide’");
            page.locator(".deeds .press").first().click();
            window.accessible();
            page.getByText("how, when, and with which steps").click();
            window.accessible();
            page.selectOption(".columns select[name=way]", "DIVISION");
            page.fill("#many", "2");
            page.getByText("record it", new Page.GetByTextOptions().setExact(true))
                    .click();
            assertThat(page.locator("main")).containsText("Limpet 3");
            window.open("/plants/" + grower.plant().id());
            assertThat(page.locator(".below")).containsText("Limpet 2");
            assertThat(page.locator(".below")).containsText("Limpet 3");
            page.locator(".deeds .press").first().click();
            page.fill("#cause", "rot in old bark");
            page.locator("button[value=lost]").click();
            assertThat(page.locator(".notice")).containsText("rot in old bark");
            Assertions.assertThat(plants.plants(collection))
                    .extracting(Plant::name)
                    .containsExactlyInAnyOrder("Limpet 2", "Limpet 3");
            window.open("/labels");
            assertThat(page.locator(".label")).hasCount(2);
            window.quiet();
        }
    }

    @Test
    void besideEachDateFieldStandsTheDayAsTheReaderWritesIt() {
        try (Browser.Window window = window(1280, 800, false)) {
            window.open("/plants/new");
            Locator acquired = window.page.locator("input[type=date]").first();
            assertThat(acquired.locator("+ .day-words")).isEmpty();
            acquired.fill("2026-03-12");
            assertThat(acquired.locator("+ .day-words")).hasText("Thu, 12 Mar 2026");
            window.quiet();
        }
    }

    @Test
    void aReadingAtAStopIsKept_andABadOneIsTold() {
        try (Browser.Window window = window(1280, 800, false)) {
            Page page = window.page;
            window.open("/stops/" + grower.stop().id());
            window.accessible();
            page.fill("#humidity", "140");
            page.locator("form[action$='/readings'] button").click();
            assertThat(page.locator(".wrong")).hasText("0 to 100 %.");
            assertThat(page.locator("#humidity")).hasValue("140");
            page.fill("#humidity", "38");
            page.locator("form[action$='/readings'] button").click();
            assertThat(page.locator("table")).containsText("38 %");
            Assertions.assertThat(stops.stop(collection, grower.stop().id()).humidityPercent())
                    .isEqualTo(38);
            window.quiet();
        }
    }
}

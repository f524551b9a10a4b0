package mildlantern.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import mildlantern.place.StopId;
import mildlantern.plant.Brightness;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Mites found on a shelf, from the case to the adjusted care; the mixing bench; the pest clock. */
@LanternTest
class TreatmentInTheBrowserTest {
    @Autowired
    private Stops stops;

    @Autowired
    private Growers growers;

    @Autowired
    private RecordWriter recordWriter;

    @Autowired
    private Plants plants;

    @Autowired
    private CareSheets careSheets;

    @Autowired
    private MovableClock clock;

    @LocalServerPort
    private int port;

    private Growers.Grower grower;
    private CollectionId collection;

    @BeforeEach
    void aShelfWithALocker() {
        grower = growers.grower();
        collection = grower.member().collection();
        stops.store(new Stop(StopId.fresh(), collection, 2, "Locker")
                .climate(Brightness.MEDIUM, 50.0, 20.0, 17.0)
                .isolating());
        growers.plant(collection, grower.stop(), "Barnacle");
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private Browser.Window window(int width, int height) {
        return new Browser.Window(port, width, height).signIn(grower.signIn(), Growers.PASSWORD);
    }

    private static Locator step(Page page, String words) {
        return page.locator(".steps-list > li", new Page.LocatorOptions().setHasText(words))
                .first();
    }

    /** Presses on the card of the step that is due. */
    private static void press(Page page, String words) {
        Locator named = page.locator(".deed-card")
                .getByText(words, new Locator.GetByTextOptions().setExact(true))
                .first();
        Browser.follow(page, named::click);
    }

    /** Opens a case for the plant, finds mites, starts the trial, and goes on to the treatment plan. */
    private void decideOnMites(Browser.Window window) {
        Page page = window.page;
        window.open("/plants/" + grower.plant().id());
        page.keyboard().press("o");
        page.waitForURL("**/cases/**");
        String caseAddress = page.url();
        page.navigate(caseAddress + "?q=moving+dots");
        page.locator("#panel .row-answer", new Page.LocatorOptions().setHasText("dots"))
                .first()
                .getByText("seen")
                .first()
                .click();
        assertThat(page.locator(".rung:not(.branch) h3").first()).containsText("Spider mites");
        page.navigate(caseAddress);
        page.keyboard().press("d");
        page.locator(".causes a", new Page.LocatorOptions().setHasText("Spider mites"))
                .click();
        page.getByText("start this trial").click();
        page.waitForURL(caseAddress + "*");
        page.keyboard().press("q");
    }

    /** Does what is due on its day, and finds none at each look. */
    private void toTheRelease(Page page) {
        for (int i = 0; i < 60 && page.locator(".steps-list .PLANNED").count() > 0; i++) {
            if (page.locator(".deed-card").isVisible()) {
                Browser.follow(page, page.locator(".deed-card .press.do").first()::click);
            } else {
                laterBy(page, 7);
            }
        }
        assertThat(page.locator(".head")).containsText("released");
    }

    private void laterBy(Page page, int days) {
        clock.moveDays(days);
        page.navigate(page.url());
    }

    /** Does what is due, day by day, until somebody must count. */
    private void toTheNextLook(Page page) {
        for (int i = 0; i < 60 && page.locator(".deed-card input[name=number]").count() == 0; i++) {
            if (page.locator(".deed-card").isVisible()) {
                Browser.follow(page, page.locator(".deed-card .press.do").first()::click);
            } else {
                laterBy(page, 1);
            }
        }
    }

    private static void count(Page page, String number) {
        page.locator(".deed-card input[name=number]").fill(number);
        Browser.follow(page, () -> page.keyboard().press("Enter"));
    }

    @Test
    void aMiscount_aLateStep_aWorseCountAndAFind_endInARelease() {
        try (Browser.Window window = window(1280, 800)) {
            Page page = window.page;
            decideOnMites(window);
            page.locator("#counted").fill("40");
            page.keyboard().press("Enter");
            assertThat(page.locator("#counted")).hasValue("40");
            page.keyboard().press("Escape");
            page.locator("[data-key=d]").click();
            page.waitForURL("**/courses/**");
            press(page, "it is isolated");
            press(page, "done");
            press(page, "done");
            laterBy(page, 4);
            assertThat(page.locator(".deed-card .tag")).containsText("late");
            press(page, "done");

            toTheNextLook(page);
            count(page, "lots");
            assertThat(page.locator("[role=alert]")).containsText("lots");
            count(page, "90");
            assertThat(page.locator(".notice").first()).containsText("90");

            toTheNextLook(page);
            for (int i = 0;
                    i < 9 && !page.locator(".deed-card .deed").innerText().contains("should be none");
                    i++) {
                count(page, "3");
                toTheNextLook(page);
            }
            int before = page.locator(".steps-list .PLANNED").count();
            count(page, "3");
            Assertions.assertThat(page.locator(".steps-list .PLANNED").count()).isGreaterThan(before);
            assertThat(page.locator(".expected .count").first()).isVisible();
            window.accessible();
            toTheRelease(page);
            window.open("/care/worked");
            assertThat(page.locator("main")).containsText("Spider mites: treated with");
            window.accessible();
            window.quiet();
        }
    }

    @Test
    void mitesFromTheFirstLookToTheAdjustedCare() {
        try (Browser.Window window = window(1280, 800)) {
            Page page = window.page;
            decideOnMites(window);
            assertThat(page.locator(".styles:not(.aims) [aria-current]")).containsText("wash and soap first");
            window.accessible();
            for (String style :
                    new String[] {"living controls first", "systemic where justified", "wash and soap first"}) {
                page.locator(".styles:not(.aims) a", new Page.LocatorOptions().setHasText(style))
                        .click();
                assertThat(page.locator(".styles:not(.aims) [aria-current]")).containsText(style);
                assertThat(page.locator(".weighed .taken").first()).isVisible();
            }
            page.keyboard().press("d");
            page.waitForURL("**/courses/**");
            String course = page.url();

            press(page, "it is isolated");
            assertThat(page.locator(".stop.here")).containsText("Locker");
            assertThat(page.locator("#contacts")).containsText("Barnacle");
            page.keyboard().press("l");
            assertThat(page.locator("[role=status]")).containsText("One look was put on the round");
            window.accessible();
            press(page, "done");
            press(page, "done");
            clock.moveDays(1);
            page.navigate(course);
            press(page, "done");
            clock.moveDays(9);
            page.navigate(course);
            press(page, "missed");
            assertThat(page.locator(".cost")).containsText("later");
            assertThat(step(page, "missed")).isVisible();
            window.open("/");
            page.locator(".stop", new Page.LocatorOptions().setHasText("Locker"))
                    .click();
            assertThat(page.locator(".slip").first()).containsText("treatment · step due");
            page.locator(".slip").first().getByText("do the step").click();
            page.waitForURL("**/courses/**");
            assertThat(page.locator(".deed-card")).containsText("soap");
            clock.moveDays(200);
            page.navigate(course);
            toTheRelease(page);
            assertThat(page.locator(".head")).containsText("released");
            page.getByText("adjust the care").click();
            assertThat(page.locator("[role=status]")).containsText("lines were added");
            Plant plant = plants.plant(collection, grower.plant().id());
            Assertions.assertThat(careSheets.careSheet(plant)).isNotEmpty();
            window.quiet();
        }
    }

    @Test
    void theBenchAnswersWhileOneTypes_andItsAddressKeepsTheInputs() {
        try (Browser.Window window = window(1280, 800)) {
            Page page = window.page;
            window.open("/");
            page.keyboard().press("v");
            assertThat(page.locator(".main-figure b")).hasText("15");
            page.locator("#volume").fill("1500");
            assertThat(page.locator(".main-figure b")).hasText("30");
            Assertions.assertThat(page.url()).contains("volume=1500");
            page.locator("#amount").fill("lots");
            assertThat(page.locator(".mixture .wrong")).containsText("'lots' is not a number");
            page.locator("#amount").fill("10");
            page.reload();
            page.locator(".jars a", new Page.LocatorOptions().setHasText("Alcohol"))
                    .click();
            assertThat(page.locator(".bottle-label")).containsText("flammable");
            window.accessible();
            window.quiet();
        }
    }

    @Test
    void thePestClockFollowsItsDials() {
        try (Browser.Window window = window(1280, 800)) {
            Page page = window.page;
            window.open("/");
            page.keyboard().press("y");
            assertThat(page.locator(".clock .band").first()).isVisible();
            String before = page.locator(".clock .none").getAttribute("d");
            page.locator("#celsius").focus();
            for (int i = 0; i < 4; i++) {
                page.keyboard().press("ArrowRight");
            }
            assertThat(page.locator("output[for=celsius]")).hasText("25 °C");
            assertThat(page).hasURL(Pattern.compile(".*celsius=25.*"));
            assertThat(page.locator(".clock .none")).not().hasAttribute("d", before);
            page.locator("#pest").selectOption("aphids");
            assertThat(page.locator(".clock-words")).containsText("From birth to adult");
            window.accessible();
            window.quiet();
        }
    }

    @Test
    void aDialTurnedBeforeItsScriptCameIsFollowed() {
        try (Browser.Window window = window(1280, 800)) {
            Page page = window.page;
            List<Route> held = new ArrayList<>();
            page.route(Pattern.compile(".*/clock[^/]*\\.js"), held::add);
            window.open("/");
            page.keyboard().press("y");
            page.locator("#celsius").focus();
            page.keyboard().press("ArrowRight");
            page.waitForCondition(() -> !held.isEmpty());
            assertThat(page.locator("output[for=celsius]")).hasText("21 °C");
            held.forEach(Route::resume);
            assertThat(page.locator("output[for=celsius]")).hasText("22 °C");
            assertThat(page).hasURL(Pattern.compile(".*celsius=22.*"));
        }
    }

    @Test
    void aLabelIsKeptFromAPhone() {
        try (Browser.Window window = window(390, 844)) {
            Page page = window.page;
            window.open("/products");
            page.getByText("save this label").click();
            assertThat(page.locator("#p-name")).containsText("Fill this in");
            Map.of("name", "Quay soap", "ingredient", "potassium salts, 10 %", "most", "15")
                    .forEach((field, value) -> page.locator("#" + field).fill(value));
            page.getByText("save this label").click();
            assertThat(page.locator(".product h3")).hasText("Quay soap");
            page.getByText("yes, it is").click();
            assertThat(page.locator(".product")).containsText("Registered where you live? yes");
            window.fitsItsWidth();
        }
    }
}

package mildlantern.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import com.microsoft.playwright.options.SelectOption;
import java.nio.file.Path;
import java.time.LocalDate;
import mildlantern.web.LanternTest;
import mildlantern.web.demo.LoadedDemo;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Takes the pictures of the main views from the demo, by driving the interface as a grower would. */
@LanternTest
@Tag("screenshots")
class ScreenshotsTest {
    private final Path folder = Path.of(System.getProperty("lantern.screenshots", "target/screenshots"));

    @Autowired
    private LoadedDemo demo;

    @LocalServerPort
    private int port;

    @Test
    void theMainViews() {
        demo.load();
        try (Browser.Window window = new Browser.Window(port, 1280, 800).signIn("keeper", "lamplight")) {
            Page page = window.page;
            page.locator(".stop", new Page.LocatorOptions().setHasText("Chart room shelf"))
                    .click();
            take(page, "round");
            page.getByText("bench plan").click();
            page.locator(".pot[aria-label='Big Anna']").focus();
            page.keyboard().press("Enter");
            assertThat(page.locator(".chosen h2")).containsText("Big Anna");
            take(page, "plan");
            page.goBack();
            page.locator(".also a, .slip h2 a", new Page.LocatorOptions().setHasText("Brass fern"))
                    .click();
            take(page, "plant");
            page.navigate("http://127.0.0.1:" + port + "/collection");
            take(page, "collection");
            page.navigate("http://127.0.0.1:" + port + "/");
            page.locator(".stop", new Page.LocatorOptions().setHasText("Fog cabinet"))
                    .click();
            page.getByText("settings and readings").click();
            take(page, "stop");
            // Which stop has a pot to water depends on the day.
            page.locator(".stop", new Page.LocatorOptions().setHasText("to water"))
                    .first()
                    .click();
            assertThat(page.locator(".slip [data-key=g]").first()).isVisible();
            page.waitForLoadState(LoadState.NETWORKIDLE);
            page.keyboard().press("g");
            assertThat(page.locator(".slip .did").first()).containsText("watered");
            page.keyboard().press(",");
            assertThat(page.locator("h1")).hasText("Today's summary");
            page.locator(".stop", new Page.LocatorOptions().setHasText("Chart room shelf"))
                    .click();
            page.locator(".slip h2 a", new Page.LocatorOptions().setHasText("Tidewaiter"))
                    .click();
            page.locator(".head").getByText("open the case").click();
            take(page, "case");
            page.locator("a.part[data-part=leaf] path").nth(1).click();
            assertThat(page.locator("#panel")).isVisible();
            take(page, "signs");
            page.locator(".panel-head .press").click();
            assertThat(page.locator(".look")).hasCount(3);
            page.getByText("decide on a cause").click();
            take(page, "decide");
            page.locator(".stop", new Page.LocatorOptions().setHasText("Stove landing"))
                    .click();
            page.locator(".slip", new Page.LocatorOptions().setHasText("Parchment"))
                    .locator("[data-key=o]")
                    .click();
            page.locator(".head .press.do").click();
            answer(page, "leaf edges", "not there");
            answer(page, "curled", "not there");
            answer(page, "newest growth", "normal");
            treatment(page);
            hands(page);
        }
        try (Browser.Window phone = new Browser.Window(port, 390, 844).signIn("keeper", "lamplight")) {
            phone.page
                    .locator(".stop", new Page.LocatorOptions().setHasText("Chart room shelf"))
                    .click();
            take(phone.page, "round-phone");
            phone.page.locator(".slip [data-key=o]").first().click();
            phone.page.locator("a.part[data-part=leaf] path").nth(1).click();
            assertThat(phone.page.locator("#panel")).isVisible();
            take(phone.page, "case-phone");
        }
    }

    /** A course against the mites on the shelf, begun and missed once; the bench and the clock. */
    private void treatment(Page page) {
        page.locator(".stop", new Page.LocatorOptions().setHasText("Chart room shelf"))
                .click();
        page.locator(".also a, .slip h2 a", new Page.LocatorOptions().setHasText("Big Anna"))
                .click();
        page.locator("a[href*='/cases/']").first().click();
        page.locator("[data-key=q]").click();
        assertThat(page.locator(".styles:not(.aims)")).isVisible();
        page.locator("[data-key=d]").click();
        page.waitForURL("**/courses/**");
        page.getByText("it is isolated").click();
        assertThat(page.locator(".steps-list > .DONE")).hasCount(1);
        page.locator("[data-key=l]").click();
        assertThat(page.locator("[role=status]")).isVisible();
        page.navigate(page.url().replaceAll("#.*", ""));
        take(page, "course");
        page.navigate("http://127.0.0.1:" + port + "/mixing/drench");
        take(page, "mixing");
        page.navigate("http://127.0.0.1:" + port + "/year");
        page.locator(".year-name a", new Page.LocatorOptions().setHasText("Ratline"))
                .click();
        assertThat(page.locator(".year-line .nights")).hasCount(1);
        take(page, "year");
        page.navigate("http://127.0.0.1:" + port + "/away");
        LocalDate leaves = LocalDate.now().plusDays(2);
        page.locator("#leaves").fill(leaves.toString());
        page.locator("#back").fill(leaves.plusDays(14).toString());
        page.getByText("Make the plan").click();
        assertThat(page.locator(".away-sum")).isVisible();
        take(page, "away");
        page.getByText("I stay at home").click();
        page.navigate("http://127.0.0.1:" + port + "/pest-clock");
        take(page, "pest-clock");
        page.navigate("http://127.0.0.1:" + port + "/care/plan");
        take(page, "house-plan");
        page.navigate("http://127.0.0.1:" + port + "/care");
        page.locator(".care-all a", new Page.LocatorOptions().setHasText("Nettle"))
                .click();
        assertThat(page.locator(".needs")).isVisible();
        take(page, "care");
        page.navigate("http://127.0.0.1:" + port + "/feeding");
        take(page, "feeding");
    }

    /** The potting bench of the week. */
    private void hands(Page page) {
        page.navigate("http://127.0.0.1:" + port + "/potting");
        for (String name : new String[] {"Yardarm", "Topsail"}) {
            page.selectOption("#add", new SelectOption().setLabel(name));
            page.locator(".bench-desk .press.do").click();
            assertThat(page.locator(".bench-lines")).containsText(name);
        }
        take(page, "potting");
    }

    private static void answer(Page page, String row, String words) {
        page.locator(".again-row", new Page.LocatorOptions().setHasText(row))
                .getByText(words, new Locator.GetByTextOptions().setExact(true))
                .click();
    }

    private void take(Page page, String name) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.evaluate("document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}

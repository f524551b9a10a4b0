package mildlantern.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import mildlantern.web.LanternTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Takes the pictures of the main views from the demo, by driving the interface as a grower would. */
@LanternTest
@Tag("screenshots")
class ScreenshotsTest {
    private final Path folder = Path.of(System.getProperty("lantern.screenshots", "target/screenshots"));

    @LocalServerPort
    private int port;

    @Test
    void theMainViews() {
        try (Browser.Window window = new Browser.Window(port, 1280, 800).signIn("keeper", "lamplight")) {
            Page page = window.page;
            page.locator(".stop", new Page.LocatorOptions().setHasText("Chart room shelf"))
                    .click();
            take(page, "round");
            page.locator(".slip h2 a", new Page.LocatorOptions().setHasText("Tidewaiter"))
                    .click();
            take(page, "plant");
            page.getByText("open the case").click();
            take(page, "case");
            page.locator("a.part[data-part=leaf] path").nth(1).click();
            assertThat(page.locator("#panel")).isVisible();
            take(page, "case-touched");
            page.locator(".panel .press").click();
            assertThat(page.locator(".look")).hasCount(3);
            page.getByText("how opinion moved").click();
            take(page, "opinion");
            page.goBack();
            page.getByText("what changed lately").click();
            assertThat(page.locator("#panel")).isVisible();
            take(page, "recall");
            page.locator(".panel .press").click();
            assertThat(page.locator(".look")).hasCount(3);
            page.getByText("decide on a cause").click();
            take(page, "decide");
            page.navigate("http://127.0.0.1:" + port + "/kinds/new?nearest=boston-fern");
            take(page, "own-kind");
            page.locator(".stop", new Page.LocatorOptions().setHasText("Stove landing"))
                    .click();
            page.locator(".slip", new Page.LocatorOptions().setHasText("Parchment"))
                    .locator(".press.do")
                    .click();
            page.locator(".head .press.do").click();
            answer(page, "leaf edges", "not there");
            answer(page, "curled", "not there");
            answer(page, "newest growth", "normal");
            take(page, "look-again");
            page.getByText("compare").click();
            take(page, "close");
        }
        try (Browser.Window phone = new Browser.Window(port, 390, 844).signIn("keeper", "lamplight")) {
            phone.page
                    .locator(".stop", new Page.LocatorOptions().setHasText("Chart room shelf"))
                    .click();
            take(phone.page, "round-phone");
            phone.page.locator(".slip .press.do").first().click();
            phone.page.locator("a.part[data-part=leaf] path").nth(1).click();
            assertThat(phone.page.locator("#panel")).isVisible();
            take(phone.page, "case-phone");
        }
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

package mildlantern.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import mildlantern.web.LanternTest;
import mildlantern.web.account.AccountService;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.Houses;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A new collection: what an empty page says, and how the first stop and plant come in. */
@LanternTest
class FirstDaysInTheBrowserTest {
    private static final String PASSWORD = "a lantern in the window";

    @Autowired
    private Houses collections;

    @Autowired
    private AccountService accounts;

    @LocalServerPort
    private int port;

    @Test
    void fromNothingToTheFirstPlant() {
        CollectionId collection = CollectionId.fresh();
        collections.make(collection, "New house", "south");
        accounts.open(collection, "new-" + collection, "Newcomer", PASSWORD);
        try (Browser.Window window = new Browser.Window(port, 1280, 800)) {
            window.open("/sign-in");
            window.accessible();
            window.page.fill("#username", "new-" + collection);
            window.page.fill("#password", "not this one");
            window.page.keyboard().press("Enter");
            assertThat(window.page.locator(".notice")).containsText("User name or password is wrong");
            window.accessible();
            window.signIn("new-" + collection, PASSWORD);
            Page page = window.page;
            assertThat(page.locator("h1")).hasText("Nothing on the walk yet");
            window.accessible();

            page.locator("a.press.do").click();
            assertThat(page.locator(".notice")).containsText("Step 1 of 3");
            window.accessible();
            page.locator(".notice .press").click();
            assertThat(page.locator("h1")).hasText("Step 2 of 3: first places");
            window.accessible();
            page.locator(".card-form a.press").click();
            assertThat(page.locator("h1")).hasText("Step 3 of 3: first plants");
            window.accessible();
            window.open("/stops/new");
            page.fill("#name", "Kitchen sill");
            page.fill("#humidity", "140");
            page.locator(".card-form .press").click();
            assertThat(page.locator(".wrong")).hasText("0 to 100 %.");
            assertThat(page.locator("#name")).hasValue("Kitchen sill");
            window.accessible();
            page.fill("#humidity", "48");
            page.locator(".card-form .press").click();
            assertThat(page.locator("h1")).hasText("Kitchen sill");

            page.getByText("add one").click();
            window.accessible();
            page.fill("#name", "Bosun");
            page.locator(".card-form .press").click();
            assertThat(page.locator(".wrong").first()).hasText("Choose what kind of plant it is.");
            page.selectOption("#profile", "peace-lily");
            page.locator(".card-form .press").click();
            assertThat(page.locator(".slip h2")).containsText("Bosun");
            assertThat(page.locator(".slip")).containsText("No watering noted yet");
            page.locator(".slip .press", new Page.LocatorOptions().setHasText("gave"))
                    .click();
            assertThat(page.locator(".slip .did")).containsText("watered");
            window.accessible();

            page.locator(".slip h2 a").click();
            page.fill("#quick-line", "watered a lot");
            page.keyboard().press("Enter");
            assertThat(page.locator("#quick-shown")).containsText("is not understood");
            assertThat(page.locator("#quick-line")).hasValue("watered a lot");
            page.fill("#quick-line", "watered 350, tips brown");
            page.keyboard().press("Enter");
            assertThat(page.locator(".record")).containsText("350 mL");
            assertThat(page.locator(".record")).containsText("tips brown");
            window.accessible();
            window.page.navigate("http://127.0.0.1:" + port + "/no/such/page");
            assertThat(page.locator("h1")).hasText("No such page");
            window.accessible();
            window.quiet();
        }
    }
}

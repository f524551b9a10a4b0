package mildlantern.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.TwoSills;
import mildlantern.web.plant.Plants;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** The plan of a house, from its dials to the answer whether it helped, by keys where there are keys. */
@LanternTest
class HousePlanInTheBrowserTest {
    @Autowired
    private TwoSills twoSills;

    @Autowired
    private Plants plants;

    @Autowired
    private MovableClock clock;

    @LocalServerPort
    private int port;

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    @Test
    void aPlanIsDialledAcceptedCarriedOutAndLookedAtAgain() {
        TwoSills.Sills sills = twoSills.dark(0.8);
        try (Browser.Window window =
                new Browser.Window(port, 1280, 800).signIn(sills.grower().signIn(), Growers.PASSWORD)) {
            Page page = window.page;
            window.open("/care/plan");
            page.getByLabel("buy nothing").check();
            Browser.follow(page, page.getByText("plan again")::click);
            assertThat(page.locator(".lead-line")).containsText("1 plant to move, nothing to set up.");
            assertThat(page.locator(".walk-drawing .way")).hasCount(1);
            window.accessible();
            window.fitsItsWidth();

            Browser.follow(page, () -> page.keyboard().press("a"));
            assertThat(page.locator(".told")).containsText("The steps of 1 plant are on the round.");
            assertThat(page.locator(".lead-line")).containsText("No plant to move");
            carryIt(window, sills);

            clock.moveDays(14);
            twoSills.light(sills.dark(), 0.8);
            twoSills.light(sills.bright(), 6);
            window.open("/?stop=" + sills.bright().id());
            assertThat(page.locator("#slip-" + sills.orchid())).containsText("did it help?");
            Browser.follow(page, () -> page.keyboard().press("h"));
            assertThat(page.locator("#worked")).containsText("without it");
            window.accessible();
            Browser.follow(page, () -> page.keyboard().press("b"));
            assertThat(page.locator("[role=status]").first()).containsText("Saved on the care sheet: better.");
            window.open("/care/worked");
            assertThat(page.locator("main")).containsText("What works here");
            window.accessible();
            window.quiet();
        }
    }

    private void carryIt(Browser.Window window, TwoSills.Sills sills) {
        for (int step = 0; step < 12; step++) {
            window.open(
                    "/?stop=" + plants.plant(sills.collection(), sills.orchid()).stop());
            Locator moved = window.page.locator("#slip-" + sills.orchid()).getByText("moved it");
            if (moved.count() > 0) {
                window.page.waitForResponse(
                        answer -> "POST".equals(answer.request().method()), moved::click);
            }
            clock.moveDays(4);
        }
    }
}

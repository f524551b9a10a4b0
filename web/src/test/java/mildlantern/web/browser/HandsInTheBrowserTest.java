package mildlantern.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import mildlantern.log.LogKind;
import mildlantern.plant.PotKind;
import mildlantern.plant.Stage;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.routine.RecordWriter;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Work by hand, whole: from the sign on the plant to the look again. */
@LanternTest
class HandsInTheBrowserTest {
    @Autowired
    private Growers growers;

    @Autowired
    private RecordWriter recordWriter;

    @Autowired
    private Plants plants;

    @Autowired
    private LogBook logBook;

    @Autowired
    private MovableClock clock;

    @LocalServerPort
    private int port;

    private Growers.Grower grower;
    private Browser.Window window;
    private Page page;

    @BeforeEach
    void signedIn() {
        grower = growers.grower();
        window = new Browser.Window(port, 1280, 800).signIn(grower.signIn(), Growers.PASSWORD);
        page = window.page;
    }

    @AfterEach
    void closed() {
        window.close();
        clock.reset();
    }

    private Plant plant(String name, String profile, String medium) {
        return recordWriter.store(growers.plant(grower.member().collection(), grower.stop(), name)
                .ofKind(profile, null)
                .counted(4, 0, 0, 0, 0)
                .potted(PotKind.PLASTIC, 14.0, medium, LocalDate.now(clock).minusMonths(10)));
    }

    private Locator byHand(String words) {
        return page.locator(".by-hand li", new Page.LocatorOptions().setHasText(words))
                .first();
    }

    private void onTheRound() {
        window.open("/?stop=" + grower.stop().id());
    }

    @Test
    void aBareShrubByKeyboard_fromTheTwigTestToTheCutToTheLookAgain() {
        Plant fig = plant("Bare fig", "weeping-fig", "peat-mix");
        window.open("/plants/" + fig.id());
        page.locator(".hand-links").getByText("Cut back").click();
        page.selectOption("#aim", "TWIGS");
        page.keyboard().press("d");
        assertThat(page.locator(".answer-card h2")).hasText("Test the twig.");
        assertThat(page.locator(".answer-card")).containsText("at the tip");
        window.accessible();
        for (String height : List.of("75 %", "50 %")) {
            page.waitForLoadState();
            page.keyboard().press("b");
            assertThat(page.locator(".answer-card")).containsText(height);
        }
        page.waitForLoadState();
        page.keyboard().press("g");
        assertThat(page.locator(".answer-card h2")).hasText("Cut it back.");
        assertThat(page.locator(".cut-drawn path.cut")).hasCount(1);
        window.accessible();
        window.fitsItsHeight();
        page.getByText("done: record it").click();
        assertThat(page.locator(".hand-plan")).containsText("Look at the cut");

        clock.moveDays(14);
        onTheRound();
        window.accessible();
        Browser.follow(page, byHand("Look at the cut").getByText("done")::click);
        assertThat(byHand("Look at the cut")).hasCount(0);
        Assertions.assertThat(logBook.entries(fig))
                .extracting(row -> row.kind())
                .contains(LogKind.PRUNED);
        window.quiet();
    }

    @Test
    void anOrchidFromLimpToFreshMedium_withItsRecordAndWhatFollows() {
        Plant orchid = grower.plant();
        window.open("/plants/" + orchid.id());
        page.keyboard().press("o");
        page.waitForURL("**/cases/**");
        String address = page.url();
        for (String[] seen : new String[][] {{"limp", "leaves limp"}, {"leathery", "leathery"}}) {
            page.navigate(address + "?q=" + seen[0]);
            page.locator("#panel .row-answer", new Page.LocatorOptions().setHasText(seen[1]))
                    .first()
                    .getByText("seen", new Locator.GetByTextOptions().setExact(true))
                    .first()
                    .click();
            assertThat(page.locator(".rung").first()).isVisible();
        }
        page.navigate(address);
        page.keyboard().press("d");
        page.locator(".trial-card", new Page.LocatorOptions().setHasText("Fresh medium"))
                .first()
                .click();
        page.getByText("start this trial").click();
        page.waitForURL(address + "*");
        page.locator(".trial-step input[name=diameter]").fill("11");
        page.locator(".trial-step button").click();
        assertThat(page.locator("p.trial-step")).isVisible();

        window.open("/plants/" + orchid.id());
        assertThat(page.locator(".record").first()).containsText("repotted");
        assertThat(page.locator(".hand-plan")).containsText("Water it for the first time");
        assertThat(page.locator(".hand-plan")).containsText("Feed it again");
        window.open("/plants/" + orchid.id() + "/pot");
        assertThat(page.locator(".answer-card h2")).hasText("Leave it in its pot.");
        window.accessible();
        clock.moveDays(3);
        onTheRound();
        Browser.follow(page, byHand("Water it for the first time").getByText("done")::click);
        Assertions.assertThat(logBook.entries(orchid))
                .extracting(row -> row.kind())
                .contains(LogKind.REPOTTED, LogKind.WATERED);
        window.quiet();
    }

    @Test
    void aSucculentIsBeheaded_callused_rooted_andPotted() {
        Plant rose = plant("Stone rose", "succulent-rosette", "mineral");
        window.open("/plants/" + rose.id() + "/new-plants");
        page.fill("#stem", "2.5");
        page.keyboard().press("Enter");
        assertThat(page.locator(".answer-card")).containsText("The cut is dry");
        window.accessible();
        page.getByText("done: one new plant").click();
        assertThat(page.locator("table")).containsText("Stone rose 2");
        Plant top = plants.offspring(rose).get(0);

        clock.moveDays(12);
        onTheRound();
        Browser.follow(page, byHand("set it on the medium").getByText("done")::click);
        clock.moveDays(7);
        onTheRound();
        Browser.follow(page, byHand("Water the cutting").getByText("done")::click);
        clock.moveDays(7);
        onTheRound();
        byHand("does it hold").getByText("open").click();
        page.getByText("it holds").click();
        assertThat(page.locator("main")).containsText("What grew on");
        window.accessible();
        clock.moveDays(28);
        onTheRound();
        byHand("a pot of its own").getByText("open").click();
        assertThat(page.locator(".answer-card h2")).hasText("One pot size up.");
        page.locator(".answer-card").getByText("done: record it").click();
        Plant potted = plants.plant(grower.member().collection(), top.id());
        Assertions.assertThat(potted.stage()).isEqualTo(Stage.ADULT);
        Assertions.assertThat(potted.mother()).isEqualTo(rose.id());
        window.open("/new-plants");
        assertThat(page.locator("main")).not().containsText("Stone rose 2");
        window.quiet();
    }

    @Test
    void aStormOverTwelvePlantsIsOneEntry_andTakenBackWithOnePress() {
        List<Plant> twelve = new ArrayList<>();
        for (int i = 0; i < 11; i++) {
            twelve.add(growers.plant(grower.member().collection(), grower.stop(), "Pot " + i));
        }
        twelve.add(grower.plant());
        window.open("/collection");
        page.locator("[data-tick-all]").check();
        page.selectOption("select[name=happening]", "STORM");
        page.fill("input[name=on]", LocalDate.now(clock).minusDays(1).toString());
        page.locator("button[value=HAPPENED]").click();
        assertThat(page.locator(".notice").first()).containsText("12");
        Assertions.assertThat(twelve)
                .allSatisfy(
                        plant -> Assertions.assertThat(logBook.entries(plant)).hasSize(1));
        window.accessible();
        Browser.follow(page, page.locator(".notice button")::click);
        Assertions.assertThat(twelve)
                .allSatisfy(
                        plant -> Assertions.assertThat(logBook.entries(plant)).isEmpty());
        window.quiet();
    }

    @Test
    void atTheBenchWithAPhone_everyPageFits() {
        Plant rose = plant("Stone rose", "succulent-rosette", "mineral");
        try (Browser.Window phone = new Browser.Window(port, 390, 780).signIn(grower.signIn(), Growers.PASSWORD)) {
            for (String path : List.of(
                    "/hands",
                    "/potting",
                    "/new-plants",
                    "/own-trials?kind=phalaenopsis",
                    "/plants/" + rose.id() + "/trim",
                    "/plants/" + rose.id() + "/cut",
                    "/plants/" + rose.id() + "/pot?said=true&roots=ROTTEN",
                    "/plants/" + rose.id() + "/new-plants",
                    "/plants/" + rose.id() + "/arrival")) {
                phone.open(path);
                phone.fitsItsWidth();
                phone.accessible();
            }
        }
    }
}

package mildlantern.web.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.casework.CaseService;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.RecordWriter;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A grower with a limp orchid, in a real browser: from the round to the changed care sheet. */
@LanternTest
class CaseInTheBrowserTest {
    @Autowired
    private Growers growers;

    @Autowired
    private CaseService cases;

    @Autowired
    private RecordWriter recordWriter;

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

    private Locator firstCause() {
        return page.locator(".rung:not(.branch) h3").first();
    }

    private void touch(String part) {
        page.locator("a.part[data-part=" + part + "] path").nth(1).click();
        assertThat(page.locator("#panel")).isVisible();
    }

    private Locator row(String finding) {
        if (page.locator(".more-signs:not([open]) [data-row='" + finding + "']").count() > 0) {
            page.locator(".more-signs > summary").click();
        }
        return page.locator("[data-row='" + finding + "']");
    }

    private Locator rowAt(int place) {
        return page.locator("#panel [data-row]").nth(place);
    }

    @Test
    void byHand_fromTheRoundToTheChangedCareSheet() {
        assertThat(page.locator("h1")).hasText("Sill");
        window.accessible();
        page.locator(".slip").getByText("found something").click();
        assertThat(page.locator(".ladder .rung").first()).isVisible();
        window.accessible();

        touch("leaf");
        window.accessible();
        row("leaf.limp")
                .getByText("seen", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".found li").first()).containsText("leaves limp");
        row("leaf.leathery")
                .getByText("seen", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".found li")).hasCount(2);
        page.locator("a.part[data-part=medium]").focus();
        page.keyboard().press("Enter");
        row("soil.deep").getByText("wet").click();
        assertThat(firstCause()).hasText("Too few working roots");
        page.locator(".panel-head .press").click();
        assertThat(page.locator(".look")).hasCount(3);
        assertThat(page.locator(".found li")).hasCount(3);
        assertThat(page.locator(".pins text")).hasCount(3);
        window.fitsItsHeight();

        page.getByText("decide on a cause").click();
        window.accessible();
        page.locator(".trial-card").first().click();
        page.getByText("start this trial").click();
        assertThat(page.locator(".trial-box")).containsText("Fresh medium");
        window.accessible();
        page.locator("h1 a").click();
        assertThat(page.locator(".notice")).containsText("no feed");
        window.accessible();

        clock.moveDays(28);
        window.open("/");
        assertThat(page.locator(".slip")).containsText("look again");
        page.locator(".slip .press.do").click();
        page.locator(".head .press.do").click();
        assertThat(page.locator(".again-row").first()).isVisible();
        window.accessible();
        page.locator(".again-row", new Page.LocatorOptions().setHasText("firmness"))
                .getByText("not there")
                .click();
        page.locator(".again-row", new Page.LocatorOptions().setHasText("newest growth"))
                .getByText("normal")
                .click();
        page.getByText("compare").click();
        assertThat(page.locator(".compared h2").first()).hasText("It is better");
        window.accessible();
        page.locator("#lesson").fill("Look at the roots in the second year.");
        page.locator(".close-form .press.do").click();
        assertThat(page.locator(".care")).containsText("Fresh medium before the old one is spent.");
        assertThat(page.locator(".care")).containsText("Too few working roots");
        window.quiet();
    }

    @Test
    void byKeyboardAlone() {
        CaseId limp = cases.open(grower.member().collection(), grower.plant().id());
        window.open("/cases/" + limp);
        tabTo("a.part[data-part=leaf]");
        page.keyboard().press("Enter");
        assertThat(page.locator("#panel")).isVisible();
        assertThat(page.locator(".rows .answer:focus")).hasCount(1);
        assertThat(rowAt(0).locator(":focus")).hasCount(1);
        page.keyboard().press("n");
        assertThat(page.locator(".found .absent")).hasCount(1);
        assertThat(rowAt(1).locator(":focus")).hasCount(1);
        page.keyboard().press("k");
        assertThat(rowAt(2).locator(":focus")).hasCount(1);
        page.keyboard().press("v");
        assertThat(page.locator("#enlarged[open] h2").first())
                .hasText(rowAt(2).locator(".label").innerText());
        window.accessible();
        page.keyboard().press("Escape");
        assertThat(page.locator("#enlarged[open]")).hasCount(0);
        page.keyboard().press("m");
        assertThat(page.locator(".more-signs [data-row]").first()).isVisible();
        window.accessible();
        page.keyboard().press("x");
        assertThat(page.locator("#panel")).hasCount(0);
        page.keyboard().press("w");
        assertThat(page.locator("#panel-title")).containsText("the whole plant");
        assertThat(rowAt(0).locator(":focus")).hasCount(1);
        for (int i = 0; i < 40 && row("affected-leaves").locator(":focus").count() == 0; i++) {
            page.keyboard().press("Tab");
        }
        page.keyboard().press("2");
        assertThat(page.locator(".found")).containsText("rising from the lowest leaves");
        page.keyboard().press("x");
        assertThat(page.locator("#panel")).hasCount(0);
        page.keyboard().press("d");
        assertThat(page.locator(".trial-card").first()).isVisible();
        tabTo("button.press.do:has-text('start this trial')");
        page.keyboard().press("Enter");
        assertThat(page.locator(".trial-box")).isVisible();
        page.waitForLoadState();
        page.keyboard().press("?");
        assertThat(page.locator("#key-list")).containsText("look again");
        window.accessible();
        page.locator("#keys-on").press("Space");
        page.keyboard().press("Escape");
        page.keyboard().press("a");
        assertThat(page.locator(".trial-box")).isVisible();
        page.waitForLoadState();
        window.quiet();
    }

    /** Somebody who does not know the words finds his sign by its drawing, and looks at it beside those that it is confused with. */
    @Test
    void byDrawingsAloneWithTheMouse() {
        CaseId limp = cases.open(grower.member().collection(), grower.plant().id());
        window.open("/cases/" + limp);
        touch("leaf");
        assertThat(page.locator("#panel .sign").first()).isVisible();
        row("leaf.stippling").locator(".enlarge").click();
        Locator larger = page.locator("#enlarged[open]");
        assertThat(larger.locator("h2").first()).hasText("pin-prick pale stippling");
        assertThat(larger.locator(".sign-large .sign")).hasCount(2);
        assertThat(larger).containsText("silver or bronze scars");
        assertThat(larger).containsText("tiny black droppings");
        window.accessible();
        larger.locator("[data-close]").click();
        assertThat(page.locator("#enlarged[open]")).hasCount(0);
        row("leaf.stippling")
                .getByText("seen", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".found")).containsText("stippling");
        assertThat(row("leaf.stippling")).isVisible();
        page.locator("#panel .panel-head .press").click();
        page.locator(".rung h3 a").first().click();
        assertThat(page.locator("main")).containsText("Easily confused with");
        assertThat(page.locator(".sign-table .sign").first()).isVisible();
        window.accessible();
        window.quiet();
    }

    @Test
    void quickHands_everyAnswerIsKeptInTheOrderOfThePresses() {
        CaseId limp = cases.open(grower.member().collection(), grower.plant().id());
        window.open("/cases/" + limp);
        touch("leaf");
        // Four presses in one breath: the first answer has not come back when the last is pressed.
        page.evaluate("""
                () => {
                  document.querySelector("[data-row='leaf.limp'] [value=present]").click();
                  document.querySelector("[data-row='leaf.leathery'] [value=present]").click();
                  document.querySelector("[data-row='leaf.yellow'] [value=absent]").click();
                  document.querySelector('.panel .press').click();
                }""");
        assertThat(page.locator("#panel")).hasCount(0);
        assertThat(page.locator(".found li")).hasCount(3);
        assertThat(page.locator(".notice")).hasCount(0);
        window.quiet();
    }

    private void tabTo(String selector) {
        for (int i = 0; i < 60; i++) {
            page.keyboard().press("Tab");
            if (page.locator(selector + ":focus").count() == 1) {
                return;
            }
        }
        Assertions.fail("the keyboard never reaches " + selector);
    }

    /** Opens a case of a plant of its own kind and answers by keys alone: each answer is a key on the row found by its words. */
    private void caseOn(String profile, String medium, int monthsInPot) {
        Plant plant = recordWriter.store(new Plant(
                        PlantId.fresh(),
                        grower.member().collection(),
                        grower.stop().id(),
                        1,
                        "Petrel",
                        profile)
                .potted(PotKind.PLASTIC, 14.0, medium, LocalDate.now(clock).minusMonths(monthsInPot)));
        window.open("/plants/" + plant.id());
        page.keyboard().press("o");
        assertThat(page.locator(".ladder .rung").first()).isVisible();
        // A page can be seen before its scripts are there, and keys are theirs.
        page.waitForLoadState();
    }

    /** Says it in words and answers the finding that is meant, by keyboard. */
    private void say(String words, String finding, String key) {
        page.keyboard().press("i");
        page.keyboard().type(words);
        page.keyboard().press("Enter");
        assertThat(page.locator("#panel-title")).containsText("Do you mean");
        assertThat(page.locator(".rows .answer:focus")).hasCount(1);
        for (int i = 0; i < 40 && row(finding).locator(":focus").count() == 0; i++) {
            page.keyboard().press("Tab");
        }
        page.keyboard().press(key);
        assertThat(row(finding).locator("[aria-pressed=true]")).hasCount(1);
        page.keyboard().press("x");
        assertThat(page.locator("#panel")).hasCount(0);
        assertThat(page.locator(".search")).isVisible();
    }

    private void decideByKeyboard() {
        page.keyboard().press("d");
        assertThat(page.locator(".trial-card").first()).isVisible();
        window.accessible();
        tabTo("button.press.do:has-text('start this trial')");
        page.keyboard().press("Enter");
        assertThat(page.locator(".trial-box").first()).isVisible();
    }

    @Test
    void aHarmlessCaseByKeyboard_isSaidToBeHarmless_andGetsNoTreatment() {
        caseOn("pothos", "peat-mix", 10);
        say("yellow", "leaf.yellow", "s");
        say("bottom leaves", "affected-leaves", "1");
        say("new growth", "new-growth", "1");
        say("soil moist", "soil.deep", "2");
        say("droopy", "leaf.limp", "n");
        assertThat(page.locator(".verdict.well")).containsText("No treatment");
        assertThat(page.locator(".verdict.well")).containsText("Warning signs");
        decideByKeyboard();
        assertThat(page.locator(".trial-box")).containsText("Change nothing and watch");
        window.quiet();
    }

    @Test
    void anUrgentCaseByKeyboard_saysToActToday_andHoldsTheRest() {
        caseOn("croton", "peat-mix", 10);
        say("pin pricks", "leaf.stippling", "s");
        say("cobwebs", "leaf.webbing", "s");
        assertThat(page.locator(".verdict.act")).containsText("Act today");
        assertThat(page.locator(".rung .tag.bright").first()).containsText("act today");
        window.accessible();
        decideByKeyboard();
        assertThat(page.locator(".trial-box")).containsText("no feed");
        window.open("/");
        assertThat(page.locator("aside")).containsText("Petrel");
        assertThat(page.locator("aside")).containsText("no repotting");
        window.quiet();
    }

    @Test
    void twoCausesByKeyboard_areTreatedSideBySideWhereTheyAreToldApart() {
        caseOn("calathea", "peat-mix", 22);
        say("crispy edges", "leaf.edge-crisp", "s");
        say("brown tips", "leaf.tip-brown", "s");
        say("white crust", "soil.crust", "s");
        say("curled", "leaf.curled", "s");
        say("soil moist", "soil.deep", "2");
        page.keyboard().press("d");
        tabTo(".beside a:has-text('treat it beside')");
        page.keyboard().press("Enter");
        assertThat(page.locator(".goes.apart").first()).containsText("can run together");
        window.accessible();
        tabTo("button.press.do:has-text('start this trial')");
        page.keyboard().press("Enter");
        assertThat(page.locator(".trial-box")).hasCount(2);
        window.quiet();
    }

    @Test
    void anOverruledCaseByKeyboard_wantsAReason_andKeepsIt() {
        caseOn("pothos", "peat-mix", 10);
        say("droopy", "leaf.limp", "s");
        say("soil wet", "soil.deep", "3");
        page.keyboard().press("d");
        tabTo(".causes li:nth-child(2) a");
        page.keyboard().press("Enter");
        assertThat(page.locator("label[for=note]")).containsText("You overrule the ranking");
        tabTo("button.press.do:has-text('start this trial')");
        page.keyboard().press("Enter");
        assertThat(page.locator("#note-problem")).containsText("Say in a few words why");
        tabTo("#note");
        page.keyboard().type("It stood in the sink all night.");
        tabTo("button.press.do:has-text('start this trial')");
        page.keyboard().press("Enter");
        assertThat(page.locator(".trial-box")).isVisible();
        page.waitForLoadState();
        page.keyboard().press("h");
        assertThat(page.locator(".story-steps")).containsText("wet at the bottom");
        window.accessible();
        window.quiet();
    }

    @Test
    void withEightFindingsEverythingStillStandsOnOneScreen() {
        CollectionId collection = grower.member().collection();
        CaseId limp = cases.open(collection, grower.plant().id());
        Map<String, String> seen = new LinkedHashMap<>();
        seen.put("leaf.limp", "present");
        seen.put("leaf.leathery", "present");
        seen.put("leaf.yellow", "present");
        seen.put("affected-leaves", "rising-from-bottom");
        seen.put("leaf.stippling", "absent");
        seen.put("soil.deep", "wet");
        seen.put("soil.sour", "present");
        seen.put("pot.weight", "heavy");
        for (Map.Entry<String, String> one : seen.entrySet()) {
            window.open("/cases/" + limp + "?part=whole");
            long version = Long.parseLong(page.locator("#board").getAttribute("data-version"));
            cases.answer(collection, limp, version, new FindingId(one.getKey()), one.getValue(), Part.LEAF);
        }
        window.open("/cases/" + limp);
        assertThat(page.locator(".found li b")).hasCount(8);
        assertThat(page.locator(".look")).hasCount(3);
        window.fitsItsHeight();
        page.getByText("decide on a cause").click();
        page.getByText("start this trial").click();
        assertThat(page.locator(".trial-box")).isVisible();
        page.waitForLoadState();
        window.fitsItsHeight();
    }

    @Test
    void whatChangedLatelyIsRecalled_andTheCaseIsPausedAndTakenUpAgain() {
        CaseId limp = cases.open(grower.member().collection(), grower.plant().id());
        window.open("/cases/" + limp);
        page.keyboard().press("l");
        assertThat(row("MOVED")).isVisible();
        window.accessible();
        row("MOVED").getByText("this week").click();
        assertThat(row("MOVED")).containsText("your records say: 4 days ago");
        page.keyboard().press("x");
        assertThat(page.locator("#panel")).hasCount(0);
        page.keyboard().press("c");
        assertThat(page.locator(".pause")).isVisible();
        window.accessible();
        page.locator(".pause button").click();
        assertThat(page.locator(".notice")).containsText("Paused until");
        window.accessible();
        page.keyboard().press("u");
        assertThat(page.locator(".look")).hasCount(3);
        window.quiet();
    }

    @Test
    void anAnswerAfterTheSessionEndedGoesToTheSignIn_andNothingIsLost() {
        CaseId limp = cases.open(grower.member().collection(), grower.plant().id());
        window.open("/cases/" + limp);
        touch("leaf");
        row("leaf.limp")
                .getByText("seen", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".found li").first()).containsText("leaves limp");
        window.forgetSession();
        row("leaf.leathery")
                .getByText("seen", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".notice")).containsText("Your session has ended");
        window.accessible();
        window.signIn(grower.signIn(), Growers.PASSWORD);
        window.open("/cases/" + limp);
        assertThat(page.locator(".found li").first()).containsText("leaves limp");
    }

    @Test
    void twoTabsOnOneCase_theLaterAnswerIsOfferedAgain() {
        CaseId limp = cases.open(grower.member().collection(), grower.plant().id());
        window.open("/cases/" + limp);
        touch("leaf");
        Page other = window.otherTab();
        other.navigate(page.url());
        other.locator("[data-look] .answer").first().click();
        assertThat(other.locator(".found li b")).hasCount(1);
        row("leaf.limp")
                .getByText("seen", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".notice.bright")).containsText("Your answer is not saved yet: leaves limp");
        window.accessible();
        page.getByText("save it now").click();
        assertThat(page.locator(".found")).containsText("leaves limp");
        assertThat(page.locator(".found li")).hasCount(2);
        window.quiet();
    }

    @Test
    void withoutScriptTheSameCanBeDoneByPlainForms() {
        CaseId limp = cases.open(grower.member().collection(), grower.plant().id());
        window.open("/cases/" + limp);
        page.route("**/*.js", route -> route.abort());
        window.open("/cases/" + limp + "?part=leaf");
        row("leaf.limp")
                .getByText("seen", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator(".found li").first()).containsText("leaves limp");
        assertThat(page.locator("#panel")).isVisible();
    }

    @Test
    void atTheBenchWithAPhone() {
        try (Browser.Window phone = new Browser.Window(port, 390, 844).signIn(grower.signIn(), Growers.PASSWORD)) {
            CaseId limp =
                    cases.open(grower.member().collection(), grower.plant().id());
            for (String address : new String[] {
                "/",
                "/plants/" + grower.plant().id(),
                "/cases/" + limp,
                "/cases/" + limp + "?part=leaf",
                "/cases/" + limp + "/decide",
                "/cases/" + limp + "/close",
                "/cases/" + limp + "/opinion",
                "/cases/" + limp + "?recall=true",
                "/kinds/new?nearest=pothos",
                "/plants/new",
                "/stops/new"
            }) {
                phone.open(address);
                phone.fitsItsWidth();
                phone.accessible();
            }
            phone.open("/cases/" + limp + "?part=leaf");
            double height = phone.page.locator(".rows .answer").first().boundingBox().height;
            assertThat(height).as("a button for a wet thumb").isGreaterThanOrEqualTo(40);
            phone.quiet();
        }
    }
}

package mildlantern.web.casework;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mildlantern.diagnosis.Part;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.log.LogKind;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import mildlantern.treatment.CareSetting;
import mildlantern.treatment.Hold;
import mildlantern.web.AtOnce;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.log.LogBook;
import mildlantern.web.plant.CareSheets;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.StaleVersion;
import mildlantern.web.routine.RecordWriter;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A case from its first finding to the changed care sheet, on the real database. */
@LanternTest
class CaseFlowTest {
    @Autowired
    private Growers growers;

    @Autowired
    private CaseService cases;

    @Autowired
    private CasePages pages;

    @Autowired
    private LookAgainPages lookAgain;

    @Autowired
    private CaseClosing closing;

    @Autowired
    private CaseTroubles troubles;

    @Autowired
    private CareSheets careSheets;

    @Autowired
    private LogBook logBook;

    @Autowired
    private RecordWriter recordWriter;

    @Autowired
    private CaseStory story;

    @Autowired
    private DecidePages deciding;

    @Autowired
    private CaseRepositories.CaseTrials trials;

    @Autowired
    private MovableClock clock;

    private Growers.Grower grower;
    private CollectionId collection;
    private CaseId limp;

    @BeforeEach
    void aCaseOnALimpOrchid() {
        grower = growers.grower();
        collection = grower.member().collection();
        limp = cases.open(collection, grower.plant().id());
    }

    @AfterEach
    void backToToday() {
        clock.reset();
    }

    private CaseViews.Board board() {
        return pages.board(collection, limp, Panels.Asked.NOTHING);
    }

    private void answer(String finding, String state, Part part) {
        cases.answer(collection, limp, board().version(), new FindingId(finding), state, part);
    }

    private void decide(String cause, String trial, int days) {
        cases.decide(
                collection,
                limp,
                new CaseService.DecisionForm(
                        FormKey.fresh(),
                        board().version(),
                        new DisorderId(cause),
                        trial,
                        LocalDate.now(clock).plusDays(days),
                        "because",
                        Optional.empty()));
    }

    @Test
    void answersMoveTheLadder_keepTheirPins_andSayWhy() {
        String before = board().ladder().get(0).percent();
        answer("leaf.leathery", "present", Part.LEAF);
        answer("soil.deep", "wet", Part.MEDIUM);
        answer("leaf.stippling", "absent", Part.LEAF);
        CaseViews.Board board = board();
        assertThat(board.found()).extracting(CaseViews.Found::pin).containsExactly(1, 2, 3);
        assertThat(rungs().get(0).name()).isEqualTo("Too few working roots");
        assertThat(rungs().get(0).percent()).isNotEqualTo(before);
        assertThat(rungs().get(0).speaksFor())
                .anySatisfy(
                        said -> assertThat(said).isEqualTo(new LadderViews.Said("leaves leathery and wrinkled", 1)));
        assertThat(board.looks()).hasSize(3).noneMatch(look -> look.finding().equals(new FindingId("soil.deep")));
        answer("soil.deep", "dry", Part.MEDIUM);
        assertThat(board().found())
                .extracting(CaseViews.Found::words)
                .contains("dry at the bottom")
                .hasSize(3);
        assertThat(rungs()).anyMatch(rung -> rung.name().equals("Too dry") && rung.bar() > 40);
    }

    @Test
    void aLookThatWasSkippedIsNotAskedAgain_andIsNoEvidence() {
        FindingId first = board().looks().get(0).finding();
        var before = board().ladder();
        cases.answer(collection, limp, board().version(), first, "skipped", Part.WHOLE);
        assertThat(board().looks()).noneMatch(look -> look.finding().equals(first));
        assertThat(board().ladder()).isEqualTo(before);
    }

    @Test
    void aTrialIsMade_foundAgainOnItsDay_compared_andChangesTheCareSheetWithItsReason() {
        answer("leaf.limp", "present", Part.LEAF);
        answer("soil.deep", "wet", Part.MEDIUM);
        decide("overwatering", "drain-and-dry", 7);
        assertThat(troubles.holds(grower.plant())).contains(Hold.FEED, Hold.REPOT);
        assertThat(troubles.open(collection).troubles())
                .hasEntrySatisfying(
                        grower.plant().id(),
                        trouble -> assertThat(trouble.lookAgainOn())
                                .contains(LocalDate.now(clock).plusDays(7)));

        clock.moveDays(7);
        assertThat(pages.board(collection, limp, Panels.Asked.NOTHING)
                        .trials()
                        .get(0)
                        .due())
                .isTrue();
        CaseViews.LookAgainPage again = lookAgain.lookAgainPage(collection, limp);
        assertThat(again.rows())
                .extracting(CaseViews.AgainRow::finding)
                .contains(new FindingId("leaf.limp"), new FindingId("soil.deep"), new FindingId("pot.weight"));
        closing.lookAgain(
                collection,
                limp,
                FormKey.fresh(),
                again.version(),
                Map.of(new FindingId("leaf.limp"), "absent", new FindingId("soil.deep"), "moist"));

        CaseViews.ClosePage close = lookAgain.closePage(collection, limp);
        assertThat(close.compared().orElseThrow().verdict()).isEqualTo("better");
        assertThat(close.care()).extracting(CaseViews.CareOption::setting).containsExactly("WATERING");
        closing.close(
                collection,
                limp,
                new CaseClosing.ClosingForm(
                        FormKey.fresh(),
                        close.version(),
                        "RIGHT_GUESS",
                        "lift the pot sooner",
                        Map.of(
                                CareSetting.WATERING,
                                new CaseWriter.CareChange("When dry below.", "Kept too wet: better after draining"))));
        assertThat(careSheets.careSheet(grower.plant()).get(CareSetting.WATERING))
                .singleElement()
                .satisfies(line -> {
                    assertThat(line.text()).isEqualTo("When dry below.");
                    assertThat(line.reason()).startsWith("Kept too wet");
                    assertThat(line.troubleCase()).isEqualTo(limp);
                });
        assertThat(troubles.of(grower.plant()))
                .singleElement()
                .satisfies(trouble -> assertThat(trouble.open()).isFalse());
        assertThat(troubles.open(collection).troubles()).isEmpty();
    }

    @Test
    void whenItIsWorseTheCausesAreWeighedAgainWithAllThatWasSeen() {
        answer("leaf.limp", "present", Part.LEAF);
        decide("underwatering", "soak-and-water", 3);
        clock.moveDays(3);
        CaseViews.LookAgainPage again = lookAgain.lookAgainPage(collection, limp);
        closing.lookAgain(
                collection,
                limp,
                FormKey.fresh(),
                again.version(),
                Map.of(new FindingId("leaf.limp"), "present", new FindingId("wilt.after-water"), "no-change"));
        assertThat(closing.waitsForOutcome(collection, limp)).isTrue();
        closing.lookFurther(
                collection,
                limp,
                FormKey.fresh(),
                lookAgain.closePage(collection, limp).version());
        CaseViews.Board board = board();
        assertThat(board.looking()).isTrue();
        assertThat(board.found())
                .extracting(CaseViews.Found::words)
                .contains("leaves limp", "no firmer after watering");
        assertThat(rungs())
                .filteredOn(rung -> rung.id().equals(new DisorderId("underwatering")))
                .isEmpty();
    }

    @Test
    void aFormSentTwiceIsStoredOnce() {
        FormKey form = FormKey.fresh();
        var decision = new CaseService.DecisionForm(
                form,
                board().version(),
                new DisorderId("overwatering"),
                "drain-and-dry",
                LocalDate.now(clock).plusDays(7),
                "",
                Optional.empty());
        cases.decide(collection, limp, decision);
        cases.decide(collection, limp, decision);
        assertThat(lookAgain.lookAgainPage(collection, limp).trials().get(0).name())
                .isEqualTo("Let it drain and dry");
        assertThat(cases.open(collection, grower.plant().id())).isEqualTo(limp);
    }

    @Test
    void anAnswerFromAnOldPageIsRefusedWithItsWords_butTheSameAnswerTwiceIsFine() {
        long old = board().version();
        answer("leaf.limp", "present", Part.LEAF);
        assertThatThrownBy(() -> cases.answer(collection, limp, old, new FindingId("soil.deep"), "wet", Part.MEDIUM))
                .isInstanceOfSatisfying(
                        StaleVersion.class,
                        problem -> assertThat(problem.kept()).isEqualTo("wet at the bottom"));
        cases.answer(collection, limp, old, new FindingId("leaf.limp"), "present", Part.LEAF);
        assertThat(board().found()).hasSize(1);
    }

    @Test
    void everyLadderThatWasShownIsKept_soThatOneCanSeeHowOpinionMoved() {
        answer("leaf.limp", "present", Part.LEAF);
        answer("soil.deep", "wet", Part.MEDIUM);
        cases.answer(collection, limp, board().version(), new FindingId("leaf.cotton"), "skipped", Part.LEAF);
        CaseViews.StoryPage page = story.page(collection, limp);
        assertThat(page.steps())
                .extracting(CaseViews.StoryStep::answered)
                .containsExactly("before any look: from the records", "leaves limp", "wet at the bottom");
        assertThat(page.steps().get(2).leader()).isEqualTo(rungs().get(0).name());
        assertThat(page.steps().get(2).percent()).isEqualTo(rungs().get(0).percent());
        assertThat(page.lines())
                .isNotEmpty()
                .allSatisfy(line -> assertThat(line.path()).startsWith("M").contains("L"));
    }

    @Test
    void aCaseRestsUntilItsDay_andIsTakenUpAgainWithAllThatWasSeen() {
        answer("leaf.limp", "present", Part.LEAF);
        LocalDate day = LocalDate.now(clock).plusDays(10);
        cases.pause(collection, limp, FormKey.fresh(), board().version(), day);
        assertThat(troubles.open(collection).troubles())
                .hasEntrySatisfying(
                        grower.plant().id(),
                        trouble -> assertThat(trouble.pausedUntil()).contains(day));
        assertThat(board().looking()).isFalse();
        assertThat(board().turn().orElseThrow().press()).contains("take it up again");
        assertThat(cases.open(collection, grower.plant().id())).isEqualTo(limp);
        cases.reopen(collection, limp, FormKey.fresh(), board().version());
        assertThat(board().looking()).isTrue();
        assertThat(board().found()).extracting(CaseViews.Found::words).containsExactly("leaves limp");
    }

    private void close(String outcome) {
        closing.close(
                collection,
                limp,
                new CaseClosing.ClosingForm(FormKey.fresh(), board().version(), outcome, "", Map.of()));
    }

    @Test
    void aClosedCaseIsReopened() {
        answer("leaf.limp", "present", Part.LEAF);
        close("NEVER_KNOWN");
        assertThat(board().turn().orElseThrow().words()).contains("never known");
        long closed = board().version();
        assertThatThrownBy(() ->
                        cases.recall(collection, limp, FormKey.fresh(), closed, LogKind.MOVED, CaseRecall.Answer.WEEK))
                .isInstanceOf(StaleVersion.class);
        FormKey form = FormKey.fresh();
        assertThat(cases.reopen(collection, limp, form, board().version())).isEqualTo(limp);
        assertThat(cases.reopen(collection, limp, form, 0)).as("sent twice").isEqualTo(limp);
        assertThat(board().looking()).isTrue();
    }

    @Test
    void aClosedCaseGoesOverIntoTheOneThatIsOpen_whichKeepsItsOwnAnswers() {
        answer("leaf.limp", "present", Part.LEAF);
        answer("soil.deep", "wet", Part.MEDIUM);
        close("NEVER_KNOWN");
        CaseId ended = limp;
        limp = cases.open(collection, grower.plant().id());
        assertThat(limp).isNotEqualTo(ended);
        answer("soil.deep", "dry", Part.MEDIUM);
        long version = pages.board(collection, ended, Panels.Asked.NOTHING).version();
        assertThat(cases.reopen(collection, ended, FormKey.fresh(), version)).isEqualTo(limp);
        assertThat(board().found())
                .extracting(CaseViews.Found::words)
                .containsExactly("dry at the bottom", "leaves limp");
        CaseViews.Board merged = pages.board(collection, ended, Panels.Asked.NOTHING);
        assertThat(merged.turn().orElseThrow().other()).contains(limp);
        assertThat(troubles.of(grower.plant()))
                .filteredOn(trouble -> trouble.open())
                .hasSize(1);
    }

    @Test
    void whatIsRecalledGoesIntoTheRecord_andIsHeard() {
        answer("leaf.drop-mass", "present", Part.LEAF);
        double before = percent("Shock of a change");
        cases.recall(collection, limp, FormKey.fresh(), board().version(), LogKind.MOVED, CaseRecall.Answer.WEEK);
        cases.recall(collection, limp, FormKey.fresh(), board().version(), LogKind.FED, CaseRecall.Answer.NO);
        assertThat(percent("Shock of a change")).isGreaterThan(before);
        assertThat(logBook.entries(grower.plant()))
                .filteredOn(happening -> happening.kind() == LogKind.MOVED)
                .singleElement()
                .satisfies(moved -> assertThat(moved.words()).contains("as remembered"));
        CaseViews.Panel panel = pages.board(collection, limp, new Panels.Asked(Optional.empty(), "", true))
                .panel()
                .orElseThrow();
        assertThat(panel.recalls())
                .filteredOn(row -> row.kind().equals("MOVED"))
                .singleElement()
                .satisfies(row -> assertThat(row.known().orElseThrow()).contains("4 days ago"));
        assertThat(panel.recalls())
                .filteredOn(row -> row.kind().equals("FED"))
                .singleElement()
                .satisfies(row -> assertThat(row.choices())
                        .filteredOn(CaseViews.Choice::chosen)
                        .extracting(CaseViews.Choice::words)
                        .containsExactly("no"));
    }

    private List<LadderViews.Rung> rungs() {
        return board().ladder().stream()
                .flatMap(branch -> branch.rungs().stream())
                .toList();
    }

    private double percent(String name) {
        return rungs().stream()
                .filter(rung -> rung.name().equals(name))
                .mapToDouble(LadderViews.Rung::bar)
                .findFirst()
                .orElse(0);
    }

    @Test
    void plainWordsFindFindings_andTheirAnswersArePinnedWhereTheyAreDrawn() {
        CaseViews.Panel panel = pages.board(
                        collection, limp, new Panels.Asked(Optional.empty(), "droopy and wrinkled", false))
                .panel()
                .orElseThrow();
        assertThat(panel.rows())
                .extracting(CaseViews.Row::finding)
                .contains(new FindingId("leaf.limp"), new FindingId("leaf.leathery"));
        assertThat(panel.rows().get(0).part()).isEqualTo("leaf");
        assertThat(pages.board(collection, limp, new Panels.Asked(Optional.empty(), "qwertz", false))
                        .panel()
                        .orElseThrow()
                        .title())
                .contains("qwertz");
    }

    @Test
    void twoCausesAreTreatedSideBySide_ifTheirTrialsAreToldApart() {
        answer("leaf.tip-brown", "present", Part.LEAF);
        CaseService.DecisionForm blurred = beside("raise-humidity", "away-from-heat", "heat-source-scorch");
        assertThatThrownBy(() -> cases.decide(collection, limp, blurred)).isInstanceOf(IllegalArgumentException.class);
        assertThat(deciding.whyNotBeside("raise-humidity", "away-from-heat").orElseThrow())
                .contains("could not tell which");
        cases.decide(collection, limp, beside("raise-humidity", "flush-salts", "salt-buildup"));
        assertThat(board().trials())
                .extracting(CaseViews.TrialBox::cause)
                .containsExactly("Air too dry", "Salts gathered in the medium");
        assertThat(troubles.holds(grower.plant())).contains(Hold.FEED, Hold.REPOT, Hold.MOVE);
        CaseViews.LookAgainPage again = lookAgain.lookAgainPage(collection, limp);
        assertThat(again.rows())
                .extracting(CaseViews.AgainRow::finding)
                .contains(new FindingId("soil.crust"), new FindingId("leaf.edge-crisp"));
        closing.lookAgain(
                collection, limp, FormKey.fresh(), again.version(), Map.of(new FindingId("leaf.tip-brown"), "absent"));
        CaseViews.ClosePage close = lookAgain.closePage(collection, limp);
        assertThat(close.care()).extracting(CaseViews.CareOption::setting).contains("HUMIDITY", "WATER");
        closing.goOn(
                collection,
                limp,
                FormKey.fresh(),
                close.version(),
                LocalDate.now(clock).plusDays(10));
        assertThat(board().trials()).as("both go on").hasSize(2);
        assertThat(troubles.holds(grower.plant())).contains(Hold.MOVE);
    }

    private CaseService.DecisionForm beside(String trial, String otherTrial, String otherCause) {
        return new CaseService.DecisionForm(
                FormKey.fresh(),
                board().version(),
                new DisorderId("low-humidity"),
                trial,
                LocalDate.now(clock).plusDays(14),
                "",
                Optional.of(new CaseService.Second(new DisorderId(otherCause), otherTrial)));
    }

    @Test
    void aPestNextDoorIsKnownWithoutLooking() {
        Plant neighbour = growers.plant(collection, grower.stop(), "Neighbour");
        answer("leaf.stippling", "present", Part.LEAF);
        int before = board().found().size();
        CaseId theirs = cases.open(collection, neighbour.id());
        cases.decide(
                collection,
                theirs,
                new CaseService.DecisionForm(
                        FormKey.fresh(),
                        pages.board(collection, theirs, Panels.Asked.NOTHING).version(),
                        new DisorderId("spider-mites"),
                        "wash-and-soap-mites",
                        LocalDate.now(clock).plusDays(6),
                        "seen under the lens",
                        Optional.empty()));
        assertThat(board().fromRecord()).containsExactly("Neighbour, beside it, has spider mites");
        assertThat(board().found()).hasSize(before);
        assertThat(rungs())
                .anySatisfy(rung -> assertThat(rung.speaksFor())
                        .extracting(LadderViews.Said::sentence)
                        .contains("a plant within reach has a pest"));
        closing.close(
                collection,
                theirs,
                new CaseClosing.ClosingForm(
                        FormKey.fresh(),
                        pages.board(collection, theirs, Panels.Asked.NOTHING).version(),
                        "OTHER_CAUSE",
                        "dust, not mites",
                        Map.of()));
        assertThat(board().fromRecord()).as("the guess was wrong").isEmpty();
    }

    @Test
    void aHarmlessCauseIsSaidPlainly_withWhatWouldBeWorrying_andNoTreatment() {
        Plant pothos = recordWriter.store(new Plant(
                        PlantId.fresh(), collection, grower.stop().id(), 1, "Lucky", "pothos")
                .potted(PotKind.PLASTIC, 14.0, "peat-mix", LocalDate.now(clock).minusMonths(10)));
        limp = cases.open(collection, pothos.id());
        answer("leaf.yellow", "present", Part.LEAF);
        answer("affected-leaves", "oldest-few", Part.WHOLE);
        answer("new-growth", "normal", Part.NEW_LEAF);
        answer("soil.deep", "moist", Part.MEDIUM);
        answer("leaf.limp", "absent", Part.LEAF);
        CaseViews.Verdict verdict = board().verdict().orElseThrow();
        assertThat(verdict.standing()).isEqualTo("well");
        assertThat(verdict.words()).contains("Warning signs").endsWith("No treatment.");
        assertThat(deciding.page(collection, limp, Optional.empty(), Optional.empty())
                        .trials())
                .extracting(CaseViews.TrialOption::name)
                .containsExactly("Change nothing and watch");
    }

    @Test
    void ofSixWhoOpenACaseInTheSameMomentAllComeToTheSame_andOfSixWhoDecideOneTrialRuns() throws Exception {
        PlantId other = growers.plant(collection, grower.stop(), "Barnacle").id();
        List<CaseId> opened = AtOnce.each(6, i -> () -> cases.open(collection, other));
        assertThat(opened).containsOnly(opened.get(0));
        List<String> ended = AtOnce.each(6, i -> () -> {
            try {
                cases.decide(
                        collection,
                        opened.get(0),
                        new CaseService.DecisionForm(
                                FormKey.fresh(),
                                0,
                                new DisorderId("overwatering"),
                                "drain-and-dry",
                                LocalDate.now(clock).plusDays(7),
                                "as the pot feels",
                                Optional.empty()));
                return "decided";
            } catch (StaleVersion e) {
                return "moved on";
            }
        });
        assertThat(ended).filteredOn("decided"::equals).hasSize(1);
        assertThat(trials.running(collection))
                .filteredOn(trial -> trial.troubleCase().equals(opened.get(0)))
                .hasSize(1);
    }

    @Test
    void whatTrialsPromisedIsHeldAgainstWhatCameOfThem() {
        answer("leaf.limp", "present", Part.LEAF);
        answer("soil.deep", "wet", Part.MEDIUM);
        assertThat(counsel()).noneMatch(line -> line.startsWith("Trials here so far"));
        for (int trial = 0; trial < 5; trial++) {
            decide("overwatering", "drain-and-dry", 7);
            clock.moveDays(7);
            closing.lookAgain(
                    collection,
                    limp,
                    FormKey.fresh(),
                    lookAgain.lookAgainPage(collection, limp).version(),
                    Map.of(new FindingId("leaf.limp"), "present", new FindingId("soil.deep"), "wet"));
            closing.lookFurther(collection, limp, FormKey.fresh(), board().version());
        }
        assertThat(counsel())
                .anyMatch(line ->
                        line.startsWith("Trials here so far: 5. Expected to help: ") && line.contains("Helped: 0."));
    }

    private List<String> counsel() {
        return deciding.page(collection, limp, Optional.empty(), Optional.empty())
                .counsel();
    }

    @Test
    void beforeAChangeIsChosenOneIsToldWhatAWeekCosts_andWhichLookWouldPutAnotherFirst() {
        answer("leaf.limp", "present", Part.LEAF);
        assertThat(counsel())
                .anyMatch(line -> line.startsWith("To wait a week"))
                .anyMatch(line -> line.contains("One more look may change this"));
    }
}

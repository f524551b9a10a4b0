package mildlantern.web.casework;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import mildlantern.diagnosis.Part;
import mildlantern.treatment.CareSetting;
import mildlantern.web.Growers;
import mildlantern.web.LanternTest;
import mildlantern.web.MovableClock;
import mildlantern.web.collection.CollectionService;
import mildlantern.web.platform.MovedOn;
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
    private CaseTroubles troubles;

    @Autowired
    private CollectionService plants;

    @Autowired
    private MovableClock clock;

    private Growers.Grower grower;
    private UUID collection;
    private UUID limp;

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
        return pages.board(collection, limp, Optional.empty());
    }

    private void answer(String finding, String state, Part part) {
        cases.answer(collection, limp, board().version(), finding, state, part);
    }

    private void decide(String cause, String trial, int days) {
        cases.decide(
                collection,
                limp,
                new CaseService.DecisionForm(
                        UUID.randomUUID(),
                        board().version(),
                        cause,
                        trial,
                        LocalDate.now(clock).plusDays(days),
                        "because"));
    }

    @Test
    void answersMoveTheLadder_keepTheirPins_andSayWhy() {
        String before = board().ladder().get(0).percent();
        answer("leaf.leathery", "present", Part.LEAF);
        answer("soil.deep", "wet", Part.MEDIUM);
        answer("leaf.stippling", "absent", Part.LEAF);
        CaseViews.Board board = board();
        assertThat(board.found()).extracting(CaseViews.Found::pin).containsExactly(1, 2, 3);
        assertThat(board.ladder().get(0).name()).isEqualTo("Too few working roots");
        assertThat(board.ladder().get(0).percent()).isNotEqualTo(before);
        assertThat(board.ladder().get(0).speaksFor())
                .anySatisfy(said -> assertThat(said).isEqualTo(new CaseViews.Said("leaves leathery and wrinkled", 1)));
        assertThat(board.looks()).hasSize(3).noneMatch(look -> look.finding().equals("soil.deep"));
        answer("soil.deep", "dry", Part.MEDIUM);
        assertThat(board().found())
                .extracting(CaseViews.Found::words)
                .contains("dry at the bottom")
                .hasSize(3);
        assertThat(board().ladder().get(0).name()).isEqualTo("Too dry");
    }

    @Test
    void aLookThatWasSkippedIsNotAskedAgain_andIsNoEvidence() {
        String first = board().looks().get(0).finding();
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
        assertThat(troubles.holds(grower.plant())).contains("no feed", "no repotting");
        assertThat(troubles.openTroubles(collection))
                .hasEntrySatisfying(
                        grower.plant().id(),
                        trouble -> assertThat(trouble.lookAgainOn())
                                .contains(LocalDate.now(clock).plusDays(7)));

        clock.moveDays(7);
        assertThat(pages.board(collection, limp, Optional.empty())
                        .trial()
                        .orElseThrow()
                        .due())
                .isTrue();
        CaseViews.LookAgainPage again = pages.lookAgainPage(collection, limp);
        assertThat(again.rows())
                .extracting(CaseViews.AgainRow::finding)
                .contains("leaf.limp", "soil.deep", "pot.weight");
        cases.lookAgain(
                collection,
                limp,
                UUID.randomUUID(),
                again.version(),
                Map.of("leaf.limp", "absent", "soil.deep", "moist"));

        CaseViews.ClosePage close = pages.closePage(collection, limp);
        assertThat(close.compared().orElseThrow().verdict()).isEqualTo("better");
        assertThat(close.care()).extracting(CaseViews.CareOption::setting).containsExactly("WATERING");
        cases.close(
                collection,
                limp,
                new CaseService.ClosingForm(
                        UUID.randomUUID(),
                        close.version(),
                        "RIGHT_GUESS",
                        "lift the pot sooner",
                        Map.of(
                                CareSetting.WATERING,
                                new CaseWriter.CareChange("When dry below.", "Kept too wet: better after draining"))));
        assertThat(plants.careSheet(grower.plant()).get(CareSetting.WATERING))
                .singleElement()
                .satisfies(line -> {
                    assertThat(line.text()).isEqualTo("When dry below.");
                    assertThat(line.reason()).startsWith("Kept too wet");
                    assertThat(line.troubleCase()).isEqualTo(limp);
                });
        assertThat(troubles.of(grower.plant()))
                .singleElement()
                .satisfies(trouble -> assertThat(trouble.open()).isFalse());
        assertThat(troubles.openTroubles(collection)).isEmpty();
    }

    @Test
    void whenItIsWorseTheCausesAreWeighedAgainWithAllThatWasSeen() {
        answer("leaf.limp", "present", Part.LEAF);
        decide("underwatering", "soak-and-water", 3);
        clock.moveDays(3);
        CaseViews.LookAgainPage again = pages.lookAgainPage(collection, limp);
        cases.lookAgain(
                collection,
                limp,
                UUID.randomUUID(),
                again.version(),
                Map.of("leaf.limp", "present", "wilt.after-water", "no-change"));
        assertThat(cases.waitsForOutcome(collection, limp)).isTrue();
        cases.lookFurther(
                collection,
                limp,
                UUID.randomUUID(),
                pages.closePage(collection, limp).version());
        CaseViews.Board board = board();
        assertThat(board.looking()).isTrue();
        assertThat(board.found())
                .extracting(CaseViews.Found::words)
                .contains("leaves limp", "no firmer after watering");
        assertThat(board.ladder())
                .filteredOn(rung -> rung.id().equals("underwatering"))
                .isEmpty();
    }

    @Test
    void aFormSentTwiceIsStoredOnce() {
        UUID form = UUID.randomUUID();
        var decision = new CaseService.DecisionForm(
                form,
                board().version(),
                "overwatering",
                "drain-and-dry",
                LocalDate.now(clock).plusDays(7),
                "");
        cases.decide(collection, limp, decision);
        cases.decide(collection, limp, decision);
        assertThat(pages.lookAgainPage(collection, limp).trial().name()).isEqualTo("Let it drain and dry");
        assertThat(cases.open(collection, grower.plant().id())).isEqualTo(limp);
    }

    @Test
    void anAnswerFromAnOldPageIsRefusedWithItsWords_butTheSameAnswerTwiceIsFine() {
        long old = board().version();
        answer("leaf.limp", "present", Part.LEAF);
        assertThatThrownBy(() -> cases.answer(collection, limp, old, "soil.deep", "wet", Part.MEDIUM))
                .isInstanceOfSatisfying(
                        MovedOn.class, problem -> assertThat(problem.kept()).isEqualTo("wet at the bottom"));
        cases.answer(collection, limp, old, "leaf.limp", "present", Part.LEAF);
        assertThat(board().found()).hasSize(1);
    }
}

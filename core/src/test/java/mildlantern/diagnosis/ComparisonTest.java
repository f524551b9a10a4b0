package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import mildlantern.diagnosis.Comparison.Verdict;
import org.junit.jupiter.api.Test;

class ComparisonTest {
    @Test
    void firmAgainIsBetter() {
        assertThat(verdict(Known.seen("leaf.limp", "present"), Known.seen("leaf.limp", "absent")))
                .isEqualTo(Verdict.BETTER);
    }

    @Test
    void aGrownTroubleIsWorse_evenIfOneThingGotBetter() {
        assertThat(verdict(
                        Known.seen("leaf.limp", "present", "stem.soft-base", "absent"),
                        Known.seen("leaf.limp", "absent", "stem.soft-base", "present")))
                .isEqualTo(Verdict.WORSE);
    }

    @Test
    void statesHaveTheirOrder() {
        assertThat(verdict(Known.seen("new-growth", "dies-back"), Known.seen("new-growth", "small")))
                .isEqualTo(Verdict.BETTER);
        assertThat(verdict(Known.seen("new-growth", "normal"), Known.seen("new-growth", "distorted")))
                .isEqualTo(Verdict.WORSE);
    }

    @Test
    void wetterOrDrierMediumIsNeitherBetterNorWorseByItself() {
        assertThat(verdict(Known.seen("soil.deep", "wet"), Known.seen("soil.deep", "moist")))
                .isEqualTo(Verdict.SAME);
    }

    @Test
    void whatWasNotLookedAtBothTimesDoesNotCount() {
        Comparison comparison = Comparison.of(
                Known.KNOWLEDGE.findings(), Known.seen("leaf.limp", "present"), Known.seen("leaf.yellow", "present"));
        assertThat(comparison.changes()).isEmpty();
        assertThat(comparison.verdict()).isEqualTo(Verdict.SAME);
    }

    private static Verdict verdict(Evidence before, Evidence after) {
        return Comparison.of(Known.KNOWLEDGE.findings(), before, after).verdict();
    }
}

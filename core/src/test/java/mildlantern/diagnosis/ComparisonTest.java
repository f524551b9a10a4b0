package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import mildlantern.diagnosis.Comparison.Verdict;
import org.junit.jupiter.api.Test;

class ComparisonTest {
    @Test
    void firmAgainIsBetter() {
        assertThat(verdict(Map.of("leaf.limp", "present"), Map.of("leaf.limp", "absent")))
                .isEqualTo(Verdict.BETTER);
    }

    @Test
    void aGrownTroubleIsWorse_evenIfOneThingGotBetter() {
        assertThat(verdict(
                        Map.of("leaf.limp", "present", "stem.soft-base", "absent"),
                        Map.of("leaf.limp", "absent", "stem.soft-base", "present")))
                .isEqualTo(Verdict.WORSE);
    }

    @Test
    void statesHaveTheirOrder() {
        assertThat(verdict(Map.of("new-growth", "dies-back"), Map.of("new-growth", "small")))
                .isEqualTo(Verdict.BETTER);
        assertThat(verdict(Map.of("new-growth", "normal"), Map.of("new-growth", "distorted")))
                .isEqualTo(Verdict.WORSE);
    }

    @Test
    void wetterOrDrierMediumIsNeitherBetterNorWorseByItself() {
        assertThat(verdict(Map.of("soil.deep", "wet"), Map.of("soil.deep", "moist")))
                .isEqualTo(Verdict.SAME);
    }

    @Test
    void whatWasNotLookedAtBothTimesDoesNotCount() {
        Comparison comparison = Comparison.of(
                Known.KNOWLEDGE.findings(),
                Evidence.of(Map.of("leaf.limp", "present")),
                Evidence.of(Map.of("leaf.yellow", "present")));
        assertThat(comparison.changes()).isEmpty();
        assertThat(comparison.verdict()).isEqualTo(Verdict.SAME);
    }

    private static Verdict verdict(Map<String, String> before, Map<String, String> after) {
        return Comparison.of(Known.KNOWLEDGE.findings(), Evidence.of(before), Evidence.of(after))
                .verdict();
    }
}

package mildlantern.comparison;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Two plants cannot tell; four against four can. */
class ComparisonTest {
    @Test
    void twoPlantsCannotTell_howeverMuchTheyDiffer() {
        Comparison.Result result = Comparison.of(List.of(40.0), List.of(1.0));
        assertThat(result.verdict()).isEqualTo(Comparison.Verdict.TOO_FEW);
        assertThat(result.chance()).isEqualTo(1);
        assertThat(result.meanA()).isEqualTo(40);
    }

    @Test
    void fourAgainstFourThatDifferCleanly_isTwoArrangementsInSeventy() {
        Comparison.Result result = Comparison.of(List.of(5.0, 6.0, 7.0, 8.0), List.of(1.0, 2.0, 3.0, 4.0));
        assertThat(result.chance()).isCloseTo(2 / 70.0, within(1e-12));
        assertThat(result.verdict()).isEqualTo(Comparison.Verdict.DIFFERENT);
    }

    @Test
    void threeAgainstThreeCanHint() {
        Comparison.Result result = Comparison.of(List.of(5.0, 6.0, 7.0), List.of(1.0, 2.0, 3.0));
        assertThat(result.chance()).isCloseTo(2 / 20.0, within(1e-12));
        assertThat(result.verdict()).isEqualTo(Comparison.Verdict.HINT);
    }

    @Test
    void theTextbookExample_asCountedByHand() {
        // All 20 ways to choose three of 0, 1, 9 | 2, 3, 4: |sum − 9.5| at least |10 − 9.5| for every one of them.
        Comparison.Result result = Comparison.of(List.of(0.0, 1.0, 9.0), List.of(2.0, 3.0, 4.0));
        assertThat(result.chance()).isEqualTo(1);
        assertThat(result.verdict()).isEqualTo(Comparison.Verdict.NO_DIFFERENCE);
    }

    @Test
    void howManyPlantsItTakes() {
        assertThat(Comparison.plantsNeeded()).isEqualTo(4);
        assertThat(Comparison.leastChance(1, 1)).isEqualTo(1);
        assertThat(Comparison.leastChance(2, 2)).isCloseTo(2 / 6.0, within(1e-12));
        assertThat(Comparison.leastChance(2, 5)).isCloseTo(1 / 21.0, within(1e-12));
    }

    @Test
    void plantsAlikeAreSeldomCalledDifferent_andTheOrderOfGroupsPlaysNoPart() {
        Random random = new Random(7);
        int wrong = 0;
        for (int i = 0; i < 400; i++) {
            List<Double> a = Stream.generate(random::nextGaussian).limit(5).toList();
            List<Double> b = Stream.generate(random::nextGaussian).limit(5).toList();
            Comparison.Result result = Comparison.of(a, b);
            assertThat(Comparison.of(b, a).chance()).isCloseTo(result.chance(), within(1e-12));
            wrong += result.verdict() == Comparison.Verdict.DIFFERENT ? 1 : 0;
        }
        assertThat(wrong / 400.0).isLessThan(0.08);
    }

    @Test
    void emptyGroupsAndTooManyPlantsAreRefused() {
        assertThatThrownBy(() -> Comparison.of(List.of(), List.of(1.0))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Comparison.of(Collections.nCopies(11, 1.0), Collections.nCopies(11, 1.0)))
                .isInstanceOf(IllegalArgumentException.class);
    }
}

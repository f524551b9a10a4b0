package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import org.junit.jupiter.api.Test;

/** The two ways in which causes bring findings about, worked by hand from the numbers of the knowledge base. */
class LikelihoodsTest {
    private final List<Disorder> causes = List.of(
            cause("normal-ageing"), cause("overwatering"), cause("underwatering"), cause("root-loss"), cause("thrips"));
    private final Hypotheses sets = Hypotheses.over(causes);

    private static Disorder cause(String id) {
        return Known.KNOWLEDGE.disorder(new DisorderId(id)).orElseThrow();
    }

    private static Finding finding(String id) {
        return Known.KNOWLEDGE.finding(new FindingId(id)).orElseThrow();
    }

    private int set(int... members) {
        int n = causes.size();
        int a = members.length > 0 ? members[0] : n;
        int b = members.length > 1 ? members[1] : n;
        int c = members.length > 2 ? members[2] : n;
        return IntStream.range(0, sets.count)
                .filter(h -> sets.first[h] == a && sets.second[h] == b && sets.third[h] == c)
                .findFirst()
                .orElseThrow();
    }

    private static double chance(Disorder disorder, String finding) {
        return weights(disorder, finding).get(0);
    }

    private static List<Double> weights(Disorder disorder, String finding) {
        return Objects.requireNonNull(disorder.signs().get(new FindingId(finding)))
                .weights();
    }

    @Test
    void aSignStaysAwayOnlyIfEveryCauseFailsToBringIt_andItDoesNotComeAnyway() {
        Finding limp = finding("leaf.limp");
        Likelihoods likelihoods = new Likelihoods(limp, causes);
        double anyway = limp.states().get(0).usual();
        assertThat(likelihoods.of(sets, set())[0]).as("no cause").isCloseTo(anyway, within(1e-12));
        double wet = chance(causes.get(1), "leaf.limp");
        double roots = chance(causes.get(3), "leaf.limp");
        assertThat(likelihoods.of(sets, set(1))[0]).isCloseTo(1 - (1 - anyway) * (1 - wet), within(1e-12));
        assertThat(likelihoods.of(sets, set(1, 3))[0])
                .isCloseTo(1 - (1 - anyway) * (1 - wet) * (1 - roots), within(1e-12));
        assertThat(likelihoods.of(sets, set(1, 3, 4))[0])
                .as("thrips do not make leaves limp")
                .isEqualTo(likelihoods.of(sets, set(1, 3))[0]);
    }

    @Test
    void aFindingWithStatesMixesWhatEachCauseMakesLikely_andTheStatesAddUp() {
        Finding deep = finding("soil.deep");
        Likelihoods likelihoods = new Likelihoods(deep, causes);
        for (int h = 0; h < sets.count; h++) {
            double sum = 0;
            for (double share : likelihoods.of(sets, h)) {
                sum += share;
            }
            assertThat(sum).isCloseTo(1, within(1e-12));
        }
        List<Double> wet = weights(causes.get(1), "soil.deep");
        double[] byHand = new double[3];
        double all = 0;
        for (int s = 0; s < 3; s++) {
            byHand[s] = deep.states().get(s).usual() * wet.get(s);
            all += byHand[s];
        }
        for (int s = 0; s < 3; s++) {
            assertThat(likelihoods.of(sets, set(1))[s]).isCloseTo(byHand[s] / all, within(1e-12));
        }
    }

    @Test
    void weighingAllSetsIsTheSameAsAskingEach() {
        for (String id : List.of("leaf.limp", "soil.deep", "onset", "new-growth", "leaf.cotton")) {
            Likelihoods likelihoods = new Likelihoods(finding(id), causes);
            for (int state = 0; state < finding(id).states().size(); state++) {
                double[] weights = new double[sets.count];
                Arrays.fill(weights, 2);
                likelihoods.weigh(sets, state, weights);
                for (int h = 0; h < sets.count; h++) {
                    assertThat(weights[h]).isCloseTo(2 * likelihoods.of(sets, h)[state], within(1e-12));
                }
            }
        }
    }

    @Test
    void sumsByStateAddUpToTheSumsOfNow() {
        double[] weights = new double[sets.count];
        for (int h = 0; h < weights.length; h++) {
            weights[h] = 1.0 / (h + 1);
        }
        double[] now = sets.sumByCause(weights);
        for (String id : List.of("leaf.limp", "soil.deep", "affected-leaves")) {
            double[][] sums = new Likelihoods(finding(id), causes).sumsByState(sets, weights, now);
            for (int d = 0; d <= causes.size(); d++) {
                double all = 0;
                for (double[] ofState : sums) {
                    all += ofState[d];
                }
                assertThat(all).isCloseTo(now[d], within(1e-12));
            }
        }
    }

    @Test
    void aSignThatNoCauseOfASetBringsCameAnyway() {
        Likelihoods slime = new Likelihoods(finding("leaf.slime"), causes);
        double[] even = new double[sets.count];
        Arrays.fill(even, 1);
        assertThat(slime.cameAnyway(sets, even)).isCloseTo(1, within(1e-12));
        double[] onlyWet = new double[sets.count];
        onlyWet[set(1)] = 1;
        Finding yellow = finding("leaf.yellow");
        double anyway = yellow.states().get(0).usual();
        double fails = 1 - chance(causes.get(1), "leaf.yellow");
        assertThat(new Likelihoods(yellow, causes).cameAnyway(sets, onlyWet))
                .isCloseTo(anyway * fails / (1 - (1 - anyway) * fails), within(1e-12));
    }

    @Test
    void setsHoldUpToThreeCauses_andNoTwoThatExcludeEachOther() {
        // 5 causes: 1 + 5 + 10 + 10 sets, less those with both too wet and too dry: 1 pair and 3 triples.
        assertThat(sets.count).isEqualTo(22);
        assertThat(sets.size(set())).isZero();
        assertThat(sets.size(set(0, 1, 3))).isEqualTo(3);
        boolean[] kept = new boolean[sets.count];
        kept[set(1)] = true;
        kept[set(1, 3)] = true;
        Hypotheses few = sets.only(kept);
        assertThat(few.count).isEqualTo(2);
        double[] sums = few.sumByCause(new double[] {0.25, 0.5});
        assertThat(sums).containsExactly(0, 0.75, 0, 0.5, 0, 0.75);
        assertThat(few.runs).containsExactly(0, 1, 2);
    }
}

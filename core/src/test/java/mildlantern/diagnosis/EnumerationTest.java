package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantRecord;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The fast engine against a second one, written plainly from the description: all subsets, one finding after another. */
class EnumerationTest {
    private static final List<String> CUT_DOWN = List.of(
            "normal-ageing",
            "overwatering",
            "underwatering",
            "root-loss",
            "failing-medium",
            "low-humidity",
            "spider-mites",
            "crown-rot",
            "root-rot",
            "acclimation-shock");

    private static final List<Evidence> SEEN = List.of(
            Evidence.NONE,
            Known.seen("leaf.limp", "present"),
            Known.seen("leaf.limp", "present", "soil.deep", "wet", "wilt.after-water", "no-change"),
            Known.seen("leaf.yellow", "present", "affected-leaves", "oldest-few", "leaf.stippling", "absent"),
            Known.seen(
                    "leaf.stippling", "present", "pest.moving-dots", "present", "soil.deep", "dry", "onset", "days"));

    @ParameterizedTest
    @ValueSource(strings = {"phalaenopsis", "calathea", "tropical-bonsai"})
    void bothGiveTheSameProbabilities(String profile) {
        DiagnosisKnowledge few =
                Known.KNOWLEDGE.only(CUT_DOWN.stream().map(DisorderId::new).toList());
        PlantRecord record = Known.bare(profile);
        for (Evidence evidence : SEEN) {
            Differential fast = new Diagnosis(few).consider(record, evidence);
            Map<DisorderId, Double> slow = new Plain(few, record, evidence).marginals();
            slow.forEach((disorder, probability) -> assertThat(fast.probability(disorder))
                    .as("%s with %s", disorder, evidence.states())
                    .isCloseTo(probability, within(1e-9)));
        }
    }

    /** Counts every set of up to three causes, multiplying what the knowledge base says, without any table or shortcut. */
    private record Plain(DiagnosisKnowledge knowledge, PlantRecord record, Evidence evidence) {
        Map<DisorderId, Double> marginals() {
            List<Disorder> all = knowledge.befalling(record);
            Map<DisorderId, Double> sums = new HashMap<>();
            double total = 0;
            for (int bits = 0; bits < 1 << all.size(); bits++) {
                if (Integer.bitCount(bits) > 3) {
                    continue;
                }
                List<Disorder> present = new ArrayList<>();
                for (int i = 0; i < all.size(); i++) {
                    if ((bits >> i & 1) == 1) {
                        present.add(all.get(i));
                    }
                }
                double weight = prior(present, all);
                for (Map.Entry<FindingId, String> seen : evidence.states().entrySet()) {
                    weight *= likelihood(knowledge.finding(seen.getKey()).orElseThrow(), seen.getValue(), present);
                }
                total += weight;
                for (Disorder disorder : all) {
                    sums.merge(disorder.id(), present.contains(disorder) ? weight : 0, Double::sum);
                }
            }
            double sum = total;
            sums.replaceAll((id, weight) -> weight / sum);
            return sums;
        }

        private double prior(List<Disorder> present, List<Disorder> all) {
            double weight = Math.pow(knowledge.furtherCause(), Math.max(0, present.size() - 1));
            for (Disorder one : present) {
                for (Disorder other : present) {
                    if (one.excludes().contains(other.id())) {
                        return 0;
                    }
                }
            }
            for (Disorder disorder : all) {
                double odds = disorder.base() / (1 - disorder.base());
                for (Fact fact : knowledge.facts(record)) {
                    for (RecordRule rule : disorder.rules()) {
                        if (rule.fact().equals(fact.id())) {
                            odds *= Math.exp(rule.logFactor(fact));
                        }
                    }
                }
                double probability = odds / (1 + odds);
                weight *= present.contains(disorder) ? probability : 1 - probability;
            }
            return weight;
        }

        private static double likelihood(Finding finding, String state, List<Disorder> present) {
            if (finding.yesNo()) {
                double stays = finding.states().get(1).usual();
                for (Disorder disorder : present) {
                    stays *= 1 - sign(disorder, finding, 0, 0);
                }
                return state.equals(Finding.PRESENT) ? 1 - stays : stays;
            }
            double wanted = 0;
            double all = 0;
            for (int s = 0; s < finding.states().size(); s++) {
                double share = finding.states().get(s).usual();
                for (Disorder disorder : present) {
                    share *= sign(disorder, finding, s, 1);
                }
                all += share;
                wanted = finding.states().get(s).id().equals(state) ? share : wanted;
            }
            return wanted / all;
        }

        private static double sign(Disorder disorder, Finding finding, int state, double silent) {
            return Optional.ofNullable(disorder.signs().get(finding.id()))
                    .map(sign -> sign.weights().get(state))
                    .orElse(silent);
        }
    }
}

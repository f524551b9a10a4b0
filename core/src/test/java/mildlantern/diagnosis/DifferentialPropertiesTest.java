package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import mildlantern.Tries;
import mildlantern.knowledge.FindingId;

/** What must hold for any plant and whatever was seen. */
class DifferentialPropertiesTest {
    /** A plant and what was seen on it. */
    record Plight(String profile, Map<FindingId, String> seen) {
        Differential differential() {
            return Known.DIAGNOSIS.consider(Known.bare(profile), Evidence.of(seen));
        }
    }

    private static Plight plight(Random chance) {
        List<Finding> findings = List.copyOf(Known.KNOWLEDGE.findings());
        List<String> profiles =
                Known.PLANTS.profiles().stream().map(p -> p.id()).toList();
        String profile = profiles.get(chance.nextInt(profiles.size()));
        Map<FindingId, String> seen = new LinkedHashMap<>();
        for (int i = chance.nextInt(10); i > 0; i--) {
            Finding finding = findings.get(chance.nextInt(findings.size()));
            seen.put(
                    finding.id(),
                    finding.states()
                            .get(chance.nextInt(finding.states().size()))
                            .id());
        }
        return new Plight(profile, seen);
    }

    @Tries(60)
    void probabilitiesAreProbabilities(Random chance) {
        Plight plight = plight(chance);
        Differential differential = plight.differential();
        assertThat(differential.ladder())
                .allSatisfy(cause -> assertThat(cause.probability()).isBetween(0.0, 1.0));
        assertThat(differential.allWell()).isBetween(0.0, 1.0);
    }

    @Tries(60)
    void theOrderOfAnswersChangesNothingToTheLastDigit(Random chance) {
        Plight plight = plight(chance);
        List<Map.Entry<FindingId, String>> answers =
                new ArrayList<>(plight.seen().entrySet());
        Collections.reverse(answers);
        Evidence reversed = Evidence.NONE;
        for (Map.Entry<FindingId, String> answer : answers) {
            reversed = reversed.with(answer.getKey(), answer.getValue());
        }
        assertThat(Known.DIAGNOSIS
                        .consider(Known.bare(plight.profile()), reversed)
                        .ladder())
                .isEqualTo(plight.differential().ladder());
    }

    @Tries(30)
    void reasonsAddUpToTheLogOddsTheyExplain(Random chance) {
        Plight plight = plight(chance);
        Differential differential = plight.differential();
        for (Cause cause : differential.ladder().subList(0, 3)) {
            Explanation explanation = differential.explain(cause.disorder().id());
            double sum =
                    explanation.reasons().stream().mapToDouble(Reason::weight).sum();
            assertThat(explanation.start() + sum).isCloseTo(explanation.end(), within(1e-9));
            double odds = cause.probability() / (1 - cause.probability());
            assertThat(explanation.end()).isCloseTo(Math.log(odds), within(1e-9));
        }
    }

    @Tries(30)
    void chancesOfTheAnswersToALookAddUp_andAverageToWhatIsBelievedNow(Random chance) {
        Plight plight = plight(chance);
        for (NextLook look : plight.differential().nextLooks(3, Set.of())) {
            assertThat(plight.seen()).doesNotContainKey(look.finding().id());
            assertThat(look.answers().stream()
                            .mapToDouble(NextLook.Answer::chance)
                            .sum())
                    .isCloseTo(1, within(1e-9));
            for (int i = 0; i < 3; i++) {
                int cause = i;
                double mean = look.answers().stream()
                        .mapToDouble(answer ->
                                answer.chance() * answer.shifts().get(cause).after())
                        .sum();
                assertThat(mean)
                        .isCloseTo(look.answers().get(0).shifts().get(cause).before(), within(1e-9));
            }
        }
    }

    @Tries(40)
    void aFindingThatACauseCannotBringNeverRaisesIt(Random chance) {
        Plight plight = plight(chance);
        List<Finding> yesNo = Known.KNOWLEDGE.findings().stream()
                .filter(Finding::yesNo)
                .filter(finding -> !plight.seen().containsKey(finding.id()))
                .toList();
        Finding finding = yesNo.get(chance.nextInt(yesNo.size()));
        Evidence more = Evidence.of(plight.seen()).with(finding.id(), Finding.PRESENT);
        Map<FindingId, String> only = Map.of(finding.id(), Finding.PRESENT);
        Differential before = Known.DIAGNOSIS.consider(Known.bare(plight.profile()), Evidence.NONE);
        Differential after = Known.DIAGNOSIS.consider(Known.bare(plight.profile()), Evidence.of(only));
        assertThat(more.state(finding.id())).contains(Finding.PRESENT);
        for (Cause cause : before.ladder()) {
            if (!cause.disorder().signs().containsKey(finding.id())
                    && cause.disorder().excludes().isEmpty()) {
                assertThat(after.probability(cause.disorder().id()))
                        .as("%s by %s", cause.disorder().id(), finding.id())
                        .isLessThanOrEqualTo(cause.probability() + 0.02);
            }
        }
    }
}

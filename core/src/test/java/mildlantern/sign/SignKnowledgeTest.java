package mildlantern.sign;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import mildlantern.diagnosis.DiagnosisKnowledge;
import mildlantern.diagnosis.Finding;
import mildlantern.knowledge.FindingId;
import mildlantern.season.Years;
import mildlantern.treatment.Trials;
import org.junit.jupiter.api.Test;

class SignKnowledgeTest {
    private static final DiagnosisKnowledge DIAGNOSIS = DiagnosisKnowledge.load(Years.PLANTS, Trials.load());
    private static final SignKnowledge SIGNS = SignKnowledge.load(DIAGNOSIS);

    @Test
    void everyStateOfEveryFindingIsShown_andNoTwoOfOneFindingAlike() {
        for (Finding finding : DIAGNOSIS.findings()) {
            List<Sign> signs = SIGNS.of(finding);
            assertThat(signs)
                    .extracting(Sign::state)
                    .containsExactlyElementsOf(
                            finding.states().stream().map(Finding.State::id).toList());
            assertThat(signs).extracting(Sign::marks).as(finding.id().value()).doesNotHaveDuplicates();
        }
    }

    @Test
    void whatIsNotThereIsSound() {
        DIAGNOSIS.findings().stream()
                .filter(Finding::yesNo)
                .flatMap(finding -> SIGNS.of(finding).stream())
                .forEach(sign -> assertThat(sign.marks().isEmpty())
                        .as("%s %s", sign.finding(), sign.state())
                        .isEqualTo(sign.state().equals(Finding.ABSENT)));
    }

    @Test
    void twoSignsAreToldApartOnce_andNoSignFromItself() {
        Set<Set<FindingId>> pairs = new HashSet<>();
        for (Finding finding : DIAGNOSIS.findings()) {
            for (SignKnowledge.Alike pair : SIGNS.alike(finding.id())) {
                assertThat(pair.one()).isNotEqualTo(pair.other());
                assertThat(pair.than(pair.one())).isEqualTo(pair.other());
                assertThat(pair.than(pair.other())).isEqualTo(pair.one());
                if (pair.one().equals(finding.id())) {
                    assertThat(pairs.add(Set.of(pair.one(), pair.other())))
                            .as("%s and %s", pair.one(), pair.other())
                            .isTrue();
                }
            }
        }
        assertThat(pairs).hasSizeGreaterThan(50);
    }

    /** The signs that specialists say are confused most. */
    @Test
    void whatIsConfusedMostIsToldApart() {
        assertThat(confusedWith("leaf.stippling")).contains("leaf.silvering");
        assertThat(confusedWith("leaf.white-powder")).contains("leaf.white-bloom", "leaf.cotton");
        assertThat(confusedWith("spots.regular-rows")).contains("leaf.scale-bumps");
        assertThat(confusedWith("stem.soft-base")).contains("stem.corky-base");
        assertThat(confusedWith("leaf.cotton")).contains("bark.wool");
    }

    private static List<String> confusedWith(String finding) {
        FindingId id = new FindingId(finding);
        return SIGNS.alike(id).stream().map(pair -> pair.than(id).value()).toList();
    }
}

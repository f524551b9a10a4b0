package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Objects;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.season.Years;
import mildlantern.treatment.Trials;
import org.junit.jupiter.api.Test;

class ConfusablesTest {
    private static final DiagnosisKnowledge KNOWLEDGE = DiagnosisKnowledge.load(Years.PLANTS, Trials.load());
    private static final Confusables CONFUSABLES = new Confusables(KNOWLEDGE);

    private static Disorder cause(String id) {
        return KNOWLEDGE.disorder(new DisorderId(id)).orElseThrow();
    }

    private static List<String> rivals(String id) {
        return CONFUSABLES.of(cause(id), 5).stream()
                .map(rival -> rival.cause().id().value())
                .toList();
    }

    @Test
    void theTwoKindsOfMitesAreConfused_andTheTwoKindsOfThrips() {
        assertThat(rivals("spider-mites")).contains("flat-mites");
        assertThat(rivals("thrips")).contains("leaf-thrips");
    }

    @Test
    void aCauseIsNoRivalOfItself_andTheMostAlikeComesFirst() {
        for (Disorder cause : KNOWLEDGE.disorders()) {
            assertThat(rivals(cause.id().value()))
                    .doesNotContain(cause.id().value())
                    .doesNotHaveDuplicates();
        }
    }

    @Test
    void theSignThatTellsIsOneThatOneOfTheTwoShows() {
        for (Disorder cause : KNOWLEDGE.disorders()) {
            for (Confusables.Rival rival : CONFUSABLES.of(cause, 5)) {
                assertThat(rival.tells().yesNo()).isTrue();
                assertThat(rival.here()).isNotCloseTo(rival.there(), within(0.02));
            }
        }
    }

    /** Too wet leans to wet at the bottom; to a state that it makes no likelier it does not lean. */
    @Test
    void aCauseLeansToTheStateThatItMakesMuchLikelier() {
        Finding deep = KNOWLEDGE.finding(new FindingId("soil.deep")).orElseThrow();
        assertThat(Confusables.leaning(cause("overwatering"), deep)
                        .orElseThrow()
                        .id())
                .isEqualTo("wet");
        assertThat(Confusables.leaning(cause("underwatering"), deep)
                        .orElseThrow()
                        .id())
                .isEqualTo("dry");
        assertThat(Confusables.leaning(cause("root-loss"), deep)).isEmpty();
    }

    /** What it brings and what is there anyway, as two chances that do not know of one another. */
    @Test
    void aSignComesByTheCauseOrAnyway() {
        Finding yellow = KNOWLEDGE.finding(new FindingId("leaf.yellow")).orElseThrow();
        Disorder wet = cause("overwatering");
        double brings =
                Objects.requireNonNull(wet.signs().get(yellow.id())).weights().get(0);
        double anyway = yellow.states().get(0).usual();
        assertThat(Confusables.chance(wet, yellow)).isCloseTo(brings + anyway - brings * anyway, within(1e-12));
    }
}

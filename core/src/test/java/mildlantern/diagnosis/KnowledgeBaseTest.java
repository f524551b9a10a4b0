package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashSet;
import java.util.Set;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.Family;
import mildlantern.plant.Profile;
import mildlantern.treatment.Trial;
import org.junit.jupiter.api.Test;

/** What a horticulturist may rely on when reading or changing the knowledge base. */
class KnowledgeBaseTest {
    @Test
    void theWholeVocabularyIsKnown() {
        assertThat(Known.KNOWLEDGE.disorders()).hasSize(91);
        assertThat(Known.KNOWLEDGE.findings()).hasSize(126);
        assertThat(Known.PLANTS.profiles()).hasSize(107);
        assertThat(Known.PLANTS.profiles()).extracting(Profile::family).contains(Family.values());
    }

    @Test
    void everyFindingSpeaksForSomeCause() {
        Set<FindingId> speaking = new LinkedHashSet<>();
        Known.KNOWLEDGE
                .disorders()
                .forEach(disorder -> speaking.addAll(disorder.signs().keySet()));
        assertThat(Known.KNOWLEDGE.findings())
                .extracting(Finding::id)
                .allSatisfy(id -> assertThat(speaking).contains(id));
    }

    @Test
    void everyCauseCanBeTried_andEveryTrialIsOffered() {
        Set<String> offered = new LinkedHashSet<>();
        assertThat(Known.KNOWLEDGE.disorders()).allSatisfy(disorder -> {
            assertThat(disorder.trials()).isNotEmpty();
            offered.addAll(disorder.trials());
        });
        assertThat(Known.TRIALS.all()).extracting(Trial::id).containsExactlyInAnyOrderElementsOf(offered);
    }

    @Test
    void aHarmlessCauseIsNeverTreatedWithMoreThanWatchingOrTidying() {
        assertThat(Known.KNOWLEDGE.disorders().stream().filter(d -> d.nature().harmless()))
                .allSatisfy(disorder -> {
                    assertThat(disorder.nature().urgency()).isEqualTo(Disorder.Urgency.CALM);
                    assertThat(disorder.trials())
                            .isSubsetOf("watch-only", "trim-crisp-only", "detach-offset", "winter-cool");
                });
    }

    @Test
    void whatMustBeTreatedTodaySaysWhatToMind() {
        assertThat(Known.KNOWLEDGE.disorders().stream().filter(d -> d.nature().actNow()))
                .allSatisfy(disorder -> assertThat(disorder.trials())
                        .allSatisfy(id -> assertThat(Known.TRIALS
                                                .find(id)
                                                .orElseThrow()
                                                .caution()
                                                .isPresent()
                                        || disorder.caution().isPresent()
                                        || Set.of("wash-off", "dry-and-air-seedlings")
                                                .contains(id))
                                .as("%s by %s", disorder.id(), id)
                                .isTrue()));
    }

    @Test
    void noFigureIsWorthlessForEveryPlant() {
        for (Profile profile : Known.PLANTS.profiles()) {
            assertThat(Known.KNOWLEDGE.befalling(Known.bare(profile.id())))
                    .as(profile.id())
                    .hasSizeBetween(35, 82);
        }
    }
}

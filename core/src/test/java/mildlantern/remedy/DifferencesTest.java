package mildlantern.remedy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import mildlantern.pest.Pests;
import mildlantern.treatment.TreatmentKnowledge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whoever is answered otherwise than elsewhere reads why. */
class DifferencesTest {
    private static final Set<String> PAGES = Set.of("first-look", "trap-feeding", "contacts", "arrivals", "repotting");

    private final Differences differences = Differences.load();

    @Test
    void eachIsAboutMeansThatExist_orAboutAPage() {
        TreatmentKnowledge knowledge = TreatmentKnowledge.load(Pests.load());
        assertThat(differences.all())
                .allSatisfy(one -> assertThat(one.topics())
                        .as(one.id())
                        .isNotEmpty()
                        .allMatch(topic ->
                                PAGES.contains(topic) || knowledge.find(topic).isPresent()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "nematodes",
                "miticide",
                "alcohol-swab",
                "contact-fungicide",
                "cinnamon",
                "first-look",
                "trap-feeding",
                "contacts",
                "arrivals",
                "repotting"
            })
    void whatGrowersAskAboutIsAnswered(String topic) {
        assertThat(differences.about(topic)).isNotEmpty();
    }
}

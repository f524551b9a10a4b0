package mildlantern.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Rate;
import mildlantern.pest.Pests;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What growers write of a treatment is known for what it is: by name, by ingredient, by their own product. */
class RecognitionTest {
    private static final TreatmentKnowledge KNOWLEDGE = TreatmentKnowledge.load(Pests.load());
    private static final Recognition WORDS = new Recognition(KNOWLEDGE, List.of());

    @ParameterizedTest
    @CsvSource(
            nullValues = "none",
            value = {
                "abamectin 0.5 mL/L, miticide, I-6",
                "the miticide from the shed, miticide, I-6",
                "bifenazate, bifenazate, I-20D",
                "Bti drench, bti, I-11A",
                "BT for caterpillars, bt-caterpillars, I-11A",
                "sulfur dust, sulphur, F-M02",
                "a systemic fungicide, systemic-fungicide, F-11",
                "Propiconazole 10 %, systemic-fungicide, F-3",
                "fungicide, contact-fungicide, F-M05",
                "mancozeb, contact-fungicide, F-M03",
                "imidacloprid granules, systemic-insecticide, I-4A",
                "systemic, systemic-insecticide, I-4A",
                "neem oil, oil, none",
                "dish soap, household-detergent, none",
                "soap again, soap, none",
                "phytoseiulus (2 sachets), predatory-mites, none",
                "Steinernema, nematodes, none",
                "Beauveria, beauveria, none"
            })
    void whatIsWrittenIsRecognised(String written, String means, String group) {
        assertThat(WORDS.find(written)).hasValueSatisfying(used -> {
            assertThat(used.means().id()).isEqualTo(means);
            assertThat(used.group()).isEqualTo(Optional.ofNullable(group));
        });
    }

    @Test
    void everyMeansIsRecognisedByItsNameAndItsId() {
        assertThat(KNOWLEDGE.all()).allSatisfy(means -> {
            assertThat(WORDS.find(means.name()).map(Recognition.Used::means))
                    .as(means.name())
                    .contains(means);
            assertThat(WORDS.find(means.id()).map(Recognition.Used::means))
                    .as(means.id())
                    .contains(means);
            assertThat(means.known().words())
                    .allSatisfy(word -> assertThat(WORDS.find(word).map(Recognition.Used::means))
                            .as(word)
                            .contains(means));
        });
    }

    @Test
    void oneOfTheGrowersOwnIsKnownByItsName_andItsLabelTellsTheGroup() {
        Label own = new Label(
                "Dockside Mite Stop",
                "miticide",
                "bifenazate 240 g/L",
                Optional.empty(),
                Optional.empty(),
                Optional.of(new Rate(1, Measure.MILLILITRE, Carrier.LITRE)),
                OptionalInt.empty(),
                OptionalInt.empty(),
                Set.of(),
                Optional.of(true));
        assertThat(new Recognition(KNOWLEDGE, List.of(own)).find("dockside mite stop, all sides"))
                .hasValueSatisfying(used -> {
                    assertThat(used.means().id()).isEqualTo("miticide");
                    assertThat(used.product()).contains("Dockside Mite Stop");
                    assertThat(used.group()).contains("I-20D");
                });
    }

    @Test
    void whatIsNotKnownIsNotTakenForSomethingElse() {
        assertThat(WORDS.find("grandfather's secret")).isEmpty();
        assertThat(WORDS.find("soapstone")).isEmpty();
        assertThat(WORDS.find("")).isEmpty();
    }
}

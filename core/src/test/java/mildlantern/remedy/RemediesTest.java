package mildlantern.remedy;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.pest.Pests;
import mildlantern.treatment.Recognition;
import mildlantern.treatment.TreatmentKnowledge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever a grower has at hand is found by what he writes, with an answer and its reason. */
class RemediesTest {
    private static final Remedies REMEDIES = Remedies.load();

    @ParameterizedTest
    @CsvSource({
        "coffee, LEAVE",
        "used coffee grounds, LEAVE",
        "Egg-shells, LEAVE",
        "banana water, LEAVE",
        "compost, ONLY_SO",
        "worm castings, ONLY_SO",
        "horse manure, LEAVE",
        "cinnamon, ONLY_SO",
        "peroxide, LEAVE",
        "window cleaner, LEAVE",
        "beer, ONLY_SO",
        "neem, ONLY_SO",
        "epsom salts, ONLY_SO",
        "ice cubes, LEAVE",
        "leaf shine, LEAVE"
    })
    void eachIsAnswered(String written, Remedy.Answer answer) {
        assertThat(REMEDIES.find(written)).map(Remedy::answer).hasValue(answer);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "moon dust", "steam", "teapot"})
    void whatIsNotKnownIsNotTakenForSomethingElse(String written) {
        assertThat(REMEDIES.find(written)).isEmpty();
    }

    @Test
    void eachIsFoundByEachOfItsNames_theLongestFirst() {
        for (Remedy remedy : REMEDIES.all()) {
            for (String name : remedy.called()) {
                assertThat(REMEDIES.find("some " + name)).as(name).contains(remedy);
                assertThat(REMEDIES.search(name.substring(0, 3))).as(name).contains(remedy);
            }
        }
    }

    @Test
    void whatIsAMeansTooNamesIt_soThatItsTermsAreAskedOnce() {
        TreatmentKnowledge knowledge = TreatmentKnowledge.load(Pests.load());
        Recognition recognition = new Recognition(knowledge, List.of());
        assertThat(REMEDIES.all().stream()
                        .flatMap(remedy -> remedy.called().stream()
                                .filter(name -> recognition.find(name).isPresent())
                                .filter(name -> !remedy.means()
                                        .equals(recognition
                                                .find(name)
                                                .map(used -> used.means().id())))))
                .isEmpty();
    }

    @Test
    void whatServesInsteadIsAMeansThatIsKnown_andNoNeverNamesItself() {
        TreatmentKnowledge knowledge = TreatmentKnowledge.load(Pests.load());
        assertThat(REMEDIES.all().stream()
                        .flatMap(remedy -> Stream.of(remedy.means(), remedy.instead()))
                        .flatMap(Optional::stream))
                .allSatisfy(id -> assertThat(knowledge.find(id)).as(id).isPresent());
        assertThat(REMEDIES.all())
                .filteredOn(remedy -> remedy.answer() == Remedy.Answer.LEAVE)
                .allSatisfy(remedy -> assertThat(remedy.means()).isEmpty());
    }
}

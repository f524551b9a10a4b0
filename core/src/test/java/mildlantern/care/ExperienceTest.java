package mildlantern.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import mildlantern.care.Experience.Case;
import mildlantern.place.StopId;
import mildlantern.treatment.Trials;
import org.junit.jupiter.api.Test;

/** What changes did here counts, but little while there were few. */
class ExperienceTest {
    private static final StopId PORCH = new StopId(new UUID(0, 1));
    private static final StopId SHELF = new StopId(new UUID(0, 2));

    private static Case moved(StopId stop, int helped) {
        return new Case("boston-fern", Change.Kind.MOVE, stop, helped);
    }

    private static double factor(List<Case> cases, StopId stop) {
        return new Experience(cases, 0.7, 4).factor("boston-fern", Change.Kind.MOVE, Optional.of(stop));
    }

    @Test
    void withoutAnyCaseTheBookHolds() {
        assertThat(Experience.none().factor("boston-fern", Change.Kind.MOVE, Optional.of(PORCH)))
                .isEqualTo(1);
        assertThat(new Experience(List.of(moved(PORCH, -1)), 0.7, 4)
                        .factor("boston-fern", Change.Kind.LAMP, Optional.of(PORCH)))
                .isCloseTo(1, within(1e-9));
    }

    /** One that came to nothing: of the kind (0 + 4 * 0.7) / 5 = 0.56, at that stop (0 + 4 * 0.56) / 5 = 0.448; the book says 0.7. */
    @Test
    void oneCaseMovesAProposalALittle_mostWhereItWas() {
        List<Case> cases = List.of(moved(PORCH, 0));

        assertThat(factor(cases, PORCH)).isCloseTo(0.448 / 0.7, within(1e-9));
        assertThat(factor(cases, SHELF)).isCloseTo(0.56 / 0.7, within(1e-9));
    }

    @Test
    void manyCasesOutweighTheBook() {
        List<Case> cases = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            cases.add(moved(PORCH, -1));
            cases.add(moved(SHELF, 1));
        }
        assertThat(factor(cases, PORCH)).isZero();
        assertThat(factor(cases, SHELF)).isCloseTo((200 + 4 * 2.8 / 404) / 204 / 0.7, within(1e-9));
    }

    @Test
    void theTrialsThatCountAsChangesAreTrials() {
        Trials trials = Trials.load();
        assertThat(CareKnowledge.load().trials()).isNotEmpty();
        assertThat(CareKnowledge.load().trials().keySet())
                .allSatisfy(trial -> assertThat(trials.find(trial)).isPresent());
    }
}

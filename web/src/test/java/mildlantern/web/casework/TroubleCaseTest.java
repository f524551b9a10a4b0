package mildlantern.web.casework;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import mildlantern.knowledge.DisorderId;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.StaleVersion;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** A case takes each of its turns from where that turn makes sense, and from nowhere else. */
class TroubleCaseTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);

    private static TroubleCase fresh() {
        return new TroubleCase(CaseId.fresh(), CollectionId.fresh(), PlantId.fresh(), TODAY);
    }

    private static final Map<TroubleCase.State, Consumer<TroubleCase>> WAYS = Map.of(
            TroubleCase.State.LOOKING,
            fresh -> {},
            TroubleCase.State.TRIAL,
            fresh -> fresh.decide(new DisorderId("overwatering"), 0.6, "", false),
            TroubleCase.State.PAUSED,
            fresh -> fresh.pause(TODAY.plusDays(7)),
            TroubleCase.State.CLOSED,
            fresh -> fresh.close(TODAY, TroubleCase.Outcome.values()[0], "learned"),
            TroubleCase.State.MERGED,
            fresh -> {
                fresh.pause(TODAY.plusDays(7));
                fresh.mergeInto(fresh());
            });

    /** A turn by its name, and from where it can be taken. */
    private record Turn(String name, Set<TroubleCase.State> from, Consumer<TroubleCase> taken) {}

    private static Stream<Turn> turns() {
        return Stream.of(
                new Turn(
                        "decide",
                        Set.of(TroubleCase.State.LOOKING),
                        it -> it.decide(new DisorderId("spider-mites"), 0.3, "I saw webs", true)),
                new Turn(
                        "decide beside",
                        Set.of(TroubleCase.State.TRIAL),
                        it -> it.decideBeside(new DisorderId("thirst"))),
                new Turn("pause", Set.of(TroubleCase.State.LOOKING), it -> it.pause(TODAY.plusDays(3))),
                new Turn("reopen", Set.of(TroubleCase.State.PAUSED, TroubleCase.State.CLOSED), TroubleCase::reopen),
                new Turn(
                        "merge",
                        Set.of(TroubleCase.State.PAUSED, TroubleCase.State.CLOSED),
                        it -> it.mergeInto(fresh())),
                new Turn("look again", Set.of(TroubleCase.State.TRIAL), TroubleCase::nextVisit),
                new Turn("look further", Set.of(TroubleCase.State.TRIAL), TroubleCase::lookFurther),
                new Turn(
                        "close",
                        Set.of(TroubleCase.State.LOOKING, TroubleCase.State.TRIAL, TroubleCase.State.PAUSED),
                        it -> it.close(TODAY, TroubleCase.Outcome.values()[0], "all is well")));
    }

    static Stream<Arguments> everyTurnFromEverywhere() {
        return turns().flatMap(turn -> Arrays.stream(TroubleCase.State.values())
                .map(state -> Arguments.of(turn.name(), state, turn.from().contains(state))));
    }

    @ParameterizedTest(name = "{0} from {1}: {2}")
    @MethodSource
    void everyTurnFromEverywhere(String name, TroubleCase.State state, boolean allowed) {
        Turn turn = turns().filter(one -> one.name().equals(name)).findFirst().orElseThrow();
        TroubleCase troubleCase = fresh();
        WAYS.getOrDefault(state, it -> {}).accept(troubleCase);
        assertThat(troubleCase.state()).isEqualTo(state);
        int visit = troubleCase.visit();
        if (allowed) {
            turn.taken().accept(troubleCase);
        } else {
            assertThatThrownBy(() -> turn.taken().accept(troubleCase)).isInstanceOf(StaleVersion.class);
            assertThat(troubleCase.state()).isEqualTo(state);
            assertThat(troubleCase.visit()).isEqualTo(visit);
        }
    }

    @Test
    void whatWasTypedIsGivenBackWhereATurnIsRefused() {
        TroubleCase closed = fresh();
        closed.close(TODAY, TroubleCase.Outcome.values()[0], "learned");
        assertThatThrownBy(() -> closed.decide(new DisorderId("thirst"), 0.2, "it was limp", true))
                .isInstanceOfSatisfying(
                        StaleVersion.class,
                        problem -> assertThat(problem.kept()).isEqualTo("it was limp"));
        assertThatThrownBy(() -> closed.shownAs(7, "typed"))
                .isInstanceOfSatisfying(
                        StaleVersion.class,
                        problem -> assertThat(problem.kept()).isEqualTo("typed"));
    }
}

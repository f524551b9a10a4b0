package mildlantern.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class RoundPlannerTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private final RoundPlanner planner = new RoundPlanner(7, 14);

    @Test
    void aPlantLookedAtThisWeekNeedsNothing() {
        assertThat(planner.due(plant(3), TODAY)).isEmpty();
    }

    @Test
    void afterAWeekItIsLookedAtAgain() {
        assertThat(planner.due(plant(7), TODAY)).hasValueSatisfying(due -> {
            assertThat(due.kind()).isEqualTo(Due.Kind.ROUTINE_LOOK);
            assertThat(due.why()).startsWith("Last looked at 7 days ago");
        });
    }

    @Test
    void onItsOwnAPlantIsLookedAtDaily_andItsDaysAreCounted() {
        PlantToday arrived = new PlantToday(
                UUID.randomUUID(), Optional.of(TODAY.minusDays(1)), Optional.of(TODAY.minusDays(5)), Optional.empty());
        assertThat(planner.due(arrived, TODAY))
                .hasValueSatisfying(due -> assertThat(due.why()).startsWith("Day 6 of 14"));
        PlantToday over = new PlantToday(
                UUID.randomUUID(), Optional.of(TODAY.minusDays(1)), Optional.of(TODAY.minusDays(14)), Optional.empty());
        assertThat(planner.due(over, TODAY))
                .hasValueSatisfying(due -> assertThat(due.why()).contains("are over"));
    }

    @Test
    void aTrialIsLeftInPeaceUntilItsDay() {
        assertThat(planner.due(trial(1), TODAY)).isEmpty();
        assertThat(planner.due(trial(0), TODAY)).hasValueSatisfying(due -> {
            assertThat(due.kind()).isEqualTo(Due.Kind.LOOK_AGAIN);
            assertThat(due.why()).contains("today");
        });
        assertThat(planner.due(trial(-1), TODAY))
                .hasValueSatisfying(due -> assertThat(due.why()).contains("yesterday"));
    }

    @Test
    void aPausedCaseLeavesThePlantToTheUsualLooks_untilItsDay() {
        PlantToday resting = paused(3, 2);
        assertThat(planner.due(resting, TODAY)).isEmpty();
        assertThat(planner.due(paused(3, 9), TODAY))
                .hasValueSatisfying(due -> assertThat(due.kind()).isEqualTo(Due.Kind.ROUTINE_LOOK));
        assertThat(planner.due(paused(0, 2), TODAY)).hasValueSatisfying(due -> {
            assertThat(due.kind()).isEqualTo(Due.Kind.OPEN_CASE);
            assertThat(due.why()).contains("rested");
        });
    }

    private static PlantToday paused(int daysAhead, int lookedDaysAgo) {
        return new PlantToday(
                UUID.randomUUID(),
                Optional.of(TODAY.minusDays(lookedDaysAgo)),
                Optional.empty(),
                Optional.of(new PlantToday.Trouble(
                        TODAY.minusDays(10), Optional.empty(), Optional.of(TODAY.plusDays(daysAhead)))));
    }

    @Test
    void theLampBurnsAsBrightAsTheMostPressingThing() {
        Due look = new Due(UUID.randomUUID(), Due.Kind.ROUTINE_LOOK, "");
        Due open = new Due(UUID.randomUUID(), Due.Kind.OPEN_CASE, "");
        assertThat(RoundPlanner.lamp(List.of())).isEqualTo(Lamp.OUT);
        assertThat(RoundPlanner.lamp(List.of(look))).isEqualTo(Lamp.LOW);
        assertThat(RoundPlanner.lamp(List.of(look, open, look))).isEqualTo(Lamp.BRIGHT);
    }

    private static PlantToday plant(int lookedDaysAgo) {
        return new PlantToday(
                UUID.randomUUID(), Optional.of(TODAY.minusDays(lookedDaysAgo)), Optional.empty(), Optional.empty());
    }

    private static PlantToday trial(int daysAhead) {
        return new PlantToday(
                UUID.randomUUID(),
                Optional.of(TODAY.minusDays(30)),
                Optional.empty(),
                Optional.of(new PlantToday.Trouble(
                        TODAY.minusDays(10), Optional.of(TODAY.plusDays(daysAhead)), Optional.empty())));
    }
}

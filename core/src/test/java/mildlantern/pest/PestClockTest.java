package mildlantern.pest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mildlantern.Tries;
import mildlantern.knowledge.DisorderId;
import mildlantern.quantity.Range;
import org.junit.jupiter.api.Test;

/** One spray never ends it, and the interval must be shorter than the time from hatching to laying. */
class PestClockTest {
    private static final Pests PESTS = Pests.load();
    private static final LifeTable MITES =
            PESTS.find(new DisorderId("spider-mites")).orElseThrow();

    /** Kills what it meets of all that moves, and hardly any eggs, as a contact spray does. */
    private static Effect contact(LifeTable table, double moving, double eggs) {
        List<Range> atOnce = table.stages().stream()
                .map(stage -> stage.kind() == StageKind.EGG ? new Range(eggs, eggs) : new Range(moving, moving))
                .toList();
        return new Effect(
                atOnce, table.stages().stream().map(stage -> new Range(0, 0)).toList(), 0, 0);
    }

    private static PestClock clock(LifeTable table, double celsius) {
        return new PestClock(table, new Conditions(celsius, 0.9, 40));
    }

    @Test
    void oneSprayNeverEndsIt() {
        for (LifeTable table : PESTS.all()) {
            assertThat(clock(table, 22).riskAfter(Map.of(0, contact(table, 0.95, 0.2))))
                    .as(table.id().value())
                    .isGreaterThan(0.5);
        }
    }

    @Test
    void tenDaysApartFailsWhereFourDaysApartWorks() {
        PestClock clock = clock(MITES, 20);
        Search search = clock.search(contact(MITES, 0.95, 0.3), 4, 10, 10, 0.05);
        assertThat(search.byInterval().get(0).ends()).as("every four days").isTrue();
        assertThat(search.byInterval().get(6).ends()).as("every ten days").isFalse();
        assertThat(search.best().orElseThrow().intervalDays()).isLessThan(7);
    }

    @Test
    void warmthAsksForMore() {
        Schedule everyFour = new Schedule(List.of(contact(MITES, 0.95, 0.3)), 0, 4);
        int cool = clock(MITES, 18).fewest(Map.of(), everyFour, 20, 0.05).applications();
        int warm = clock(MITES, 25).fewest(Map.of(), everyFour, 20, 0.05).applications();
        assertThat(warm).isGreaterThan(cool);
    }

    @Test
    void aMissedSprayCostsAnother() {
        Effect spray = contact(MITES, 0.95, 0.3);
        PestClock clock = clock(MITES, 21);
        Plan planned = clock.fewest(Map.of(), new Schedule(List.of(spray), 0, 4), 20, 0.05);
        Plan late = clock.fewest(Map.of(0, spray, 4, spray), new Schedule(List.of(spray), 16, 4), 20, 0.05);
        assertThat(2 + late.applications()).isGreaterThan(planned.applications());
        assertThat(late.lastDay()).isGreaterThan(planned.lastDay());
    }

    @Test
    void whatWasDoneMayBeEnough() {
        Effect spray = contact(MITES, 0.95, 0.3);
        PestClock clock = clock(MITES, 20);
        Plan planned = clock.fewest(Map.of(), new Schedule(List.of(spray), 0, 4), 20, 0.05);
        Map<Integer, Effect> done = new LinkedHashMap<>();
        for (int i = 0; i < planned.applications(); i++) {
            done.put(4 * i, spray);
        }
        assertThat(clock.riskAfter(done)).isCloseTo(planned.risk(), within(1e-9));
        assertThat(clock.fewest(done, new Schedule(List.of(spray), 60, 4), 20, 0.05)
                        .applications())
                .isZero();
    }

    @Test
    void whatLastsGoesOnWorking() {
        List<Range> none = MITES.stages().stream().map(stage -> new Range(0, 0)).toList();
        List<Range> daily =
                MITES.stages().stream().map(stage -> new Range(0.3, 0.3)).toList();
        Effect lasting = new Effect(none, daily, 20, 2);
        PestClock clock = clock(MITES, 22);
        List<PestDay> run = clock.run(Map.of(0, lasting), 30);
        List<PestDay> alone = clock.run(Map.of(), 30);
        assertThat(run.get(2).total()).as("not yet").isCloseTo(alone.get(2).total(), within(1e-9));
        assertThat(run.get(20).total()).isLessThan(0.05 * alone.get(20).total());
        assertThat(run.get(30).total()).as("over").isGreaterThan(run.get(23).total());
    }

    @Tries(40)
    void moreCoverageIsNeverWorse(
            @Tries.Between(min = 0.3, max = 0.9) double some, @Tries.Between(min = 1, max = 5) int times) {
        Effect spray = contact(MITES, 0.95, 0.3);
        Map<Integer, Effect> course = new LinkedHashMap<>();
        for (int i = 0; i < times; i++) {
            course.put(4 * i, spray);
        }
        double little = new PestClock(MITES, new Conditions(22, some, 40)).riskAfter(course);
        double much = new PestClock(MITES, new Conditions(22, some + 0.1, 40)).riskAfter(course);
        assertThat(much).isLessThanOrEqualTo(little);
    }

    @Test
    void theSameQuestionHasTheSameAnswer() {
        Effect spray = contact(MITES, 0.95, 0.3);
        assertThat(clock(MITES, 23).search(spray, 3, 7, 10, 0.05))
                .isEqualTo(clock(MITES, 23).search(spray, 3, 7, 10, 0.05));
    }

    @Test
    void fewSamplesSayWhatManyWouldSay() {
        Effect spray = contact(MITES, 0.95, 0.3);
        Map<Integer, Effect> course = Map.of(0, spray, 4, spray, 8, spray, 12, spray, 16, spray);
        PestClock usual = clock(MITES, 22);
        PestClock many = new PestClock(MITES, new Conditions(22, 0.9, 40), 4 * PestClock.SAMPLES);
        assertThat(usual.riskAfter(course)).isCloseTo(many.riskAfter(course), within(0.02));
    }

    @Test
    void itWasThereLongBeforeItWasSeen() {
        Range warm = clock(MITES, 25).firstNoticed().orElseThrow();
        Range cool = clock(MITES, 18).firstNoticed().orElseThrow();
        assertThat(warm.low()).isGreaterThan(7);
        assertThat(cool.low()).isGreaterThan(warm.high());
        assertThat(clock(MITES, 25).thereSince(MITES.seenFrom() * 10).low())
                .as("more have been there longer")
                .isGreaterThan(warm.low());
    }
}

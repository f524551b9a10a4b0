package mildlantern.pest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
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
            assertThat(clock(table, 22).riskAfter(List.of(Application.of(0, contact(table, 0.95, 0.2)))))
                    .as(table.id().value())
                    .isGreaterThan(0.5);
        }
    }

    private static List<Application> every(int days, int times, Effect... effects) {
        return IntStream.range(0, times)
                .mapToObj(i -> Application.of(i * days, effects))
                .toList();
    }

    @Test
    void tenDaysApartFailsWhereFourDaysApartWorks() {
        PestClock clock = clock(MITES, 20);
        Search search = clock.search(List.of(contact(MITES, 0.95, 0.3)), 4, 10, 10, Aim.ERADICATE);
        assertThat(search.byInterval().get(0).plan().reached())
                .as("every four days")
                .isTrue();
        assertThat(search.byInterval().get(6).plan().reached())
                .as("every ten days")
                .isFalse();
        assertThat(search.best().orElseThrow().interval()).isLessThan(7);
    }

    @Test
    void controlAsksForFewerUsesThanTheLastAnimal() {
        PestClock clock = clock(MITES, 21);
        List<Application> many = every(4, 20, contact(MITES, 0.95, 0.05));
        Plan control = clock.fewest(List.of(), many, List.of(), Aim.CONTROL);
        Plan eradicate = clock.fewest(List.of(), many, List.of(), Aim.ERADICATE);
        assertThat(control.moving()).isLessThan(Aim.MOVING);
        assertThat(eradicate.risk()).isLessThan(Aim.RISK);
        assertThat(control.applications()).isLessThan(eradicate.applications());
    }

    @Test
    void theLastUseComesAfterEveryEggOfTheFirstDayHasHatched() {
        Effect all = contact(MITES, 0.999, 0);
        Plan plan = clock(MITES, 21).fewest(List.of(), every(4, 10, all), List.of(), Aim.CONTROL);
        double hatched = MITES.daysOf(MITES.stages().get(0), 21).orElseThrow();
        assertThat((double) plan.lastDay()).isGreaterThanOrEqualTo(hatched);
    }

    @Test
    void aWashBeforeEachUseSavesUses() {
        Effect soap = contact(MITES, 0.9, 0.05);
        Effect wash = contact(MITES, 0.55, 0.2);
        PestClock clock = clock(MITES, 21);
        int alone = clock.fewest(List.of(), every(4, 15, soap), List.of(), Aim.CONTROL)
                .applications();
        int washed = clock.fewest(List.of(), every(4, 15, wash, soap), List.of(), Aim.CONTROL)
                .applications();
        assertThat(washed).isLessThan(alone);
    }

    @Test
    void aSpotThatIsAlwaysMissedKeepsThePestAlive() {
        List<Application> many = every(4, 12, contact(MITES, 0.95, 0.3));
        PestClock clock = clock(MITES, 21);
        assertThat(clock.withRefuge(0.03).riskAfter(many)).isGreaterThan(clock.riskAfter(many));
        assertThat(clock.withRefuge(0.1).movingAfter(many))
                .isGreaterThan(clock.withRefuge(0.03).movingAfter(many));
    }

    @Test
    void moistAirSlowsMites_andHeatStopsAphids() {
        PestClock dry = new PestClock(MITES, new Conditions(25, OptionalDouble.of(40), 0.9, 40, 0));
        PestClock moist = new PestClock(MITES, new Conditions(25, OptionalDouble.of(90), 0.9, 40, 0));
        assertThat(moist.doublingDays().orElseThrow())
                .isGreaterThan(dry.doublingDays().orElseThrow());
        LifeTable aphids = PESTS.find(new DisorderId("aphids")).orElseThrow();
        assertThat(aphids.growthPerDay(30).orElseThrow())
                .isLessThan(aphids.growthPerDay(25).orElseThrow());
        assertThat(aphids.growthPerDay(34)).isEmpty();
    }

    @Test
    void aCrowdedPlantFeedsNoMore() {
        List<PestDay> run = clock(MITES, 28).run(List.of(), 120);
        assertThat(run.get(120).total()).isLessThan(2 * MITES.most());
    }

    @Test
    void aCountFarAboveTheOutlookIsUnlikely() {
        PestClock clock = new PestClock(MITES, new Conditions(21, 0.9, PestClock.startFor(MITES, 21, 40)));
        List<Application> uses = every(4, 3, contact(MITES, 0.95, 0.1));
        Outlook outlook = clock.outlook(uses, 12);
        assertThat(outlook.middle(0)).isBetween(25.0, 60.0);
        assertThat(outlook.middle(12)).isLessThan(0.5 * outlook.middle(0));
        assertThat(outlook.chanceOf(12, 60)).isLessThan(0.1);
        assertThat(outlook.chanceOf(12, 0)).isEqualTo(1);
    }

    @Test
    void aMissedEggShowsItselfLaterInTheCool() {
        int warm = clock(MITES, 25).rebound().orElseThrow();
        int cool = clock(MITES, 18).rebound().orElseThrow();
        assertThat(warm).isGreaterThan((int) MITES.daysToAdult(25).orElseThrow());
        assertThat(cool).isGreaterThan(warm);
        assertThat(clock(MITES, 12.5).rebound()).as("too cold to show").isEmpty();
    }

    @Test
    void warmthAsksForMore() {
        List<Application> everyFour = every(4, 20, contact(MITES, 0.95, 0.3));
        int cool = clock(MITES, 18)
                .fewest(List.of(), everyFour, List.of(), Aim.ERADICATE)
                .applications();
        int warm = clock(MITES, 25)
                .fewest(List.of(), everyFour, List.of(), Aim.ERADICATE)
                .applications();
        assertThat(warm).isGreaterThan(cool);
    }

    @Test
    void aMissedSprayCostsAnother() {
        Effect spray = contact(MITES, 0.95, 0.3);
        PestClock clock = clock(MITES, 21);
        Plan planned = clock.fewest(List.of(), every(4, 20, spray), List.of(), Aim.ERADICATE);
        List<Application> late = IntStream.range(0, 18)
                .mapToObj(i -> Application.of(16 + 4 * i, spray))
                .toList();
        Plan after = clock.fewest(
                List.of(Application.of(0, spray), Application.of(4, spray)), late, List.of(), Aim.ERADICATE);
        assertThat(2 + after.applications()).isGreaterThan(planned.applications());
        assertThat(after.lastDay()).isGreaterThan(planned.lastDay());
    }

    @Test
    void whatWasDoneMayBeEnough() {
        Effect spray = contact(MITES, 0.95, 0.3);
        PestClock clock = clock(MITES, 20);
        Plan planned = clock.fewest(List.of(), every(4, 20, spray), List.of(), Aim.ERADICATE);
        List<Application> done = every(4, planned.applications(), spray);
        assertThat(clock.riskAfter(done)).isCloseTo(planned.risk(), within(1e-9));
        assertThat(clock.fewest(done, List.of(Application.of(60, spray)), List.of(), Aim.ERADICATE)
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
        List<PestDay> run = clock.run(List.of(Application.of(0, lasting)), 30);
        List<PestDay> alone = clock.run(List.of(), 30);
        assertThat(run.get(2).total()).as("not yet").isCloseTo(alone.get(2).total(), within(1e-9));
        assertThat(run.get(20).total()).isLessThan(0.05 * alone.get(20).total());
        assertThat(run.get(30).total()).as("over").isGreaterThan(run.get(23).total());
    }

    @Tries(40)
    void moreCoverageIsNeverWorse(
            @Tries.Between(min = 0.3, max = 0.9) double some, @Tries.Between(min = 1, max = 5) int times) {
        Effect spray = contact(MITES, 0.95, 0.3);
        List<Application> course = every(4, times, spray);
        double little = new PestClock(MITES, new Conditions(22, some, 40)).riskAfter(course);
        double much = new PestClock(MITES, new Conditions(22, some + 0.1, 40)).riskAfter(course);
        assertThat(much).isLessThanOrEqualTo(little);
    }

    @Test
    void theSameQuestionHasTheSameAnswer() {
        Effect spray = contact(MITES, 0.95, 0.3);
        assertThat(clock(MITES, 23).search(List.of(spray), 3, 7, 10, Aim.CONTROL))
                .isEqualTo(clock(MITES, 23).search(List.of(spray), 3, 7, 10, Aim.CONTROL));
    }

    @Test
    void fewSamplesSayWhatManyWouldSay() {
        Effect spray = contact(MITES, 0.95, 0.3);
        List<Application> course = every(4, 5, spray);
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

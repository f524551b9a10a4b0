package mildlantern.outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import mildlantern.care.CareOrigin;
import mildlantern.care.Figure;
import mildlantern.care.Need;
import mildlantern.quantity.Range;
import org.junit.jupiter.api.Test;

/** A change is judged by what it brought itself: the season is taken off, and what cannot be told is not told. */
class OutcomeJudgeTest {
    private static final OutcomeJudge JUDGE = new OutcomeJudge(OutcomeKnowledge.load());
    private static final OptionalDouble UNKNOWN = OptionalDouble.empty();

    private static Figure read(double mean, double swing, int days) {
        return new Figure(mean, new Range(mean - swing, mean + swing), days, CareOrigin.WITH_A_LAMP.with());
    }

    private static Promised light(double before, double promised, OptionalDouble elsewhere) {
        return new Promised(Need.Kind.LIGHT, before, promised, elsewhere);
    }

    @Test
    void aPlantThatGetsWhatItWasMovedForIsBetter() {
        Compared light = JUDGE.compare(
                light(2, 6, UNKNOWN), new Seen(read(5.8, 1, 14), Optional.of(read(1.9, 0.3, 14)), UNKNOWN));

        assertThat(light.verdict()).isEqualTo(Verdict.BETTER);
        assertThat(light.without()).isEqualTo(1.9);
        // By the logarithm: ln(5.8/1.9) of ln(6/2).
        assertThat(light.share()).isCloseTo(1.0157, within(0.001));
        assertThat(light.sure()).isGreaterThan(0.95);
    }

    @Test
    void lightThatSpringBroughtEverywhereIsNoMeritOfTheChange() {
        Compared light = JUDGE.compare(
                light(2, 4, OptionalDouble.of(3)),
                new Seen(read(4.1, 0.6, 14), Optional.empty(), OptionalDouble.of(6)));

        assertThat(light.without()).isCloseTo(4, within(0.001));
        assertThat(light.verdict()).isEqualTo(Verdict.SAME);
    }

    @Test
    void lightThatHeldWhileAllElseGrewDarkIsAMeritOfTheLamp() {
        Compared light = JUDGE.compare(
                light(4, 6, OptionalDouble.of(6)),
                new Seen(read(5, 0.6, 14), Optional.empty(), OptionalDouble.of(3.5)));

        assertThat(light.verdict()).isEqualTo(Verdict.BETTER);
    }

    @Test
    void airThatGotDrierThanItWouldHaveIsWorse() {
        Compared air = JUDGE.compare(
                new Promised(Need.Kind.HUMIDITY, 40, 60, UNKNOWN),
                new Seen(read(31, 4, 14), Optional.of(read(44, 4, 14)), UNKNOWN));

        assertThat(air.verdict()).isEqualTo(Verdict.WORSE);
        assertThat(air.share()).isCloseTo(-0.65, within(0.001));
    }

    @Test
    void whatWasReckonedAndNotReadCannotTellASmallChange() {
        Compared light = JUDGE.compare(
                light(4, 5, UNKNOWN),
                new Seen(
                        Figure.of(5, CareOrigin.WITH_A_LAMP),
                        Optional.of(Figure.of(4, CareOrigin.WITH_A_LAMP)),
                        UNKNOWN));

        assertThat(light.verdict()).isEqualTo(Verdict.CANNOT_TELL);
        assertThat(light.sure()).isLessThan(0.8);
    }

    /** Of changes that do nothing at all, few are called better or worse. */
    @Test
    void aChangeThatDoesNothingIsSeldomPraisedOrBlamed() {
        Random chance = new Random(7);
        long wrong = IntStream.range(0, 2000)
                .mapToObj(i -> {
                    double truth = 30 + chance.nextInt(40);
                    double now = truth + 2 * chance.nextGaussian();
                    double left = truth + 2 * chance.nextGaussian();
                    return JUDGE.compare(
                            new Promised(Need.Kind.HUMIDITY, truth, truth + 15, UNKNOWN),
                            new Seen(read(now, 3, 14), Optional.of(read(left, 3, 14)), UNKNOWN));
                })
                .filter(it -> it.verdict() == Verdict.BETTER || it.verdict() == Verdict.WORSE)
                .count();

        assertThat(wrong).isLessThan(40);
    }

    @Test
    void longerLeavesAreMeasuredAgainstNeighboursOfTheKind() {
        Leaves own = new Leaves(List.of(10.0, 10.5, 9.5), List.of(13.0, 13.5));
        Leaves asEver = new Leaves(List.of(12.0, 11.0), List.of(11.5, 11.8));
        Leaves allGrew = new Leaves(List.of(10.0, 10.2, 9.9), List.of(13.2, 13.4, 13.1));

        assertThat(JUDGE.byLeaves(own, asEver)).contains(Verdict.BETTER);
        assertThat(JUDGE.byLeaves(own, allGrew)).contains(Verdict.SAME);
        assertThat(JUDGE.byLeaves(new Leaves(own.since(), own.before()), asEver))
                .contains(Verdict.WORSE);
        assertThat(JUDGE.byLeaves(new Leaves(List.of(10.0), List.of()), asEver)).isEmpty();
    }

    @Test
    void whatDidNotReachThePlantDidNotHelpIt() {
        Compared same =
                JUDGE.compare(light(2, 6, UNKNOWN), new Seen(read(2, 0.3, 14), Optional.of(read(2, 0.3, 14)), UNKNOWN));
        Compared better =
                JUDGE.compare(light(2, 6, UNKNOWN), new Seen(read(6, 1, 14), Optional.of(read(2, 0.3, 14)), UNKNOWN));

        assertThat(OutcomeJudge.overall(new Effects(List.of(better), 0), Optional.of(Verdict.BETTER)))
                .isEqualTo(Verdict.BETTER);
        assertThat(OutcomeJudge.overall(new Effects(List.of(same), 0), Optional.of(Verdict.BETTER)))
                .isEqualTo(Verdict.CANNOT_TELL);
        assertThat(OutcomeJudge.overall(new Effects(List.of(better), 0), Optional.of(Verdict.WORSE)))
                .isEqualTo(Verdict.WORSE);
        assertThat(OutcomeJudge.overall(new Effects(List.of(better), 0), Optional.empty()))
                .isEqualTo(Verdict.BETTER);
        assertThat(OutcomeJudge.overall(Effects.NONE, Optional.empty())).isEqualTo(Verdict.CANNOT_TELL);
        assertThat(OutcomeJudge.overall(Effects.NONE, Optional.of(Verdict.BETTER)))
                .isEqualTo(Verdict.BETTER);
    }

    /** 24 and none: ln(24.5/0.5) is 3.89 and its error 1.59, so that 0.993 are on one side. */
    @Test
    void countsSayOfACourseWhatTheyCan() {
        assertThat(JUDGE.byCounts(24, 0)).isEqualTo(Verdict.BETTER);
        assertThat(JUDGE.byCounts(24, 60)).isEqualTo(Verdict.WORSE);
        assertThat(JUDGE.byCounts(24, 19)).isEqualTo(Verdict.CANNOT_TELL);
        assertThat(JUDGE.byCounts(1, 0)).isEqualTo(Verdict.CANNOT_TELL);
        assertThat(JUDGE.byCounts(0, 12)).isEqualTo(Verdict.WORSE);
    }

    private static Need air(double value, double miss) {
        return new Need(
                Need.Kind.HUMIDITY,
                new Range(55, 75),
                read(value, 3, 14),
                miss > 0 ? Need.Standing.SHORT : Need.Standing.FITS,
                miss,
                Optional.empty());
    }

    @Test
    void whatAMoveTakesIsHeldAgainstWhatItBrings() {
        Compared better =
                JUDGE.compare(light(2, 6, UNKNOWN), new Seen(read(6, 1, 14), Optional.of(read(2, 0.3, 14)), UNKNOWN));
        List<Compared> drier = JUDGE.worsened(List.of(air(56, 0)), List.of(air(34, 1.05)), Set.of(Need.Kind.LIGHT));

        assertThat(drier).singleElement().satisfies(air -> {
            assertThat(air.promised().isNothing()).isTrue();
            assertThat(air.verdict()).isEqualTo(Verdict.WORSE);
            assertThat(air.without()).isEqualTo(56);
        });
        // The light outweighs the dry air, makes up for it, or does not.
        List<Compared> both = List.of(better, drier.get(0));
        assertThat(OutcomeJudge.overall(new Effects(both, 0.4), Optional.empty()))
                .isEqualTo(Verdict.BETTER);
        assertThat(OutcomeJudge.overall(new Effects(both, 0.01), Optional.empty()))
                .isEqualTo(Verdict.SAME);
        assertThat(OutcomeJudge.overall(new Effects(both, -0.3), Optional.empty()))
                .isEqualTo(Verdict.WORSE);
        assertThat(OutcomeJudge.overall(new Effects(both, -0.3), Optional.of(Verdict.BETTER)))
                .isEqualTo(Verdict.CANNOT_TELL);
        Need night =
                new Need(Need.Kind.NIGHT, new Range(14, 18), read(10, 1, 14), Need.Standing.SHORT, 2, Optional.empty());
        assertThat(Effects.of(both, List.of(air(56, 0)), List.of(air(34, 1.05), night))
                        .eased())
                .as("what is known at one stop only is left out")
                .isEqualTo(-1.05);
        // What was promised, what did no harm, and what meters cannot tell apart are no side effects.
        assertThat(JUDGE.worsened(List.of(air(56, 0)), List.of(air(34, 1.05)), Set.of(Need.Kind.HUMIDITY)))
                .isEmpty();
        assertThat(JUDGE.worsened(List.of(air(70, 0)), List.of(air(56, 0)), Set.of()))
                .isEmpty();
        assertThat(JUDGE.worsened(List.of(air(55.5, 0)), List.of(air(53.9, 0.06)), Set.of()))
                .isEmpty();
    }

    @Test
    void aMovePromisesWhatTheOtherStopGives_aLampTheNearEndOfWhatIsWanted() {
        Need dark = new Need(
                Need.Kind.LIGHT, new Range(5, 9), read(2, 0.5, 14), Need.Standing.SHORT, 1.2, Optional.empty());
        Need bright =
                new Need(Need.Kind.LIGHT, new Range(5, 9), read(6, 0.5, 14), Need.Standing.FITS, 0, Optional.empty());
        Need air = new Need(
                Need.Kind.HUMIDITY, new Range(40, 60), read(50, 3, 14), Need.Standing.FITS, 0, Optional.empty());

        assertThat(Promised.ofMove(List.of(dark, air), List.of(bright, air), kind -> OptionalDouble.of(3)))
                .containsExactly(light(2, 6, OptionalDouble.of(3)));
        assertThat(Promised.of(List.of(dark, air), Set.of(Need.Kind.LIGHT), kind -> UNKNOWN))
                .containsExactly(light(2, 5, UNKNOWN));
    }
}

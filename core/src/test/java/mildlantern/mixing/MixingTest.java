package mildlantern.mixing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mildlantern.Tries;
import mildlantern.nutrition.Blend;
import mildlantern.nutrition.Feed;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Worked figures of the mixing bench, right to half a percent before rounding. */
class MixingTest {
    private static org.assertj.core.data.Offset<Double> half(double value) {
        return within(Math.abs(value) * 0.005);
    }

    @Test
    void twoPercentSoapForThreeQuartersOfALitre() {
        assertThat(new Rate(2, Measure.MILLILITRE, Carrier.PERCENT).product(750))
                .isCloseTo(15, half(15));
        assertThat(new Rate(20, Measure.MILLILITRE, Carrier.LITRE).product(750)).isCloseTo(15, half(15));
    }

    /** Ounces of powder in 25 US gallons over 100 square feet, for pots of three sizes: water and powder a pot. */
    @ParameterizedTest
    @CsvSource({
        "1.5, 12, 115.2, 0.0518", "1.5, 15, 180.0, 0.0809", "1.5, 20, 320.0, 0.1438",
        "3,   12, 115.2, 0.1036", "3,   15, 180.0, 0.1618", "3,   20, 320.0, 0.2876"
    })
    void powderByGroundDownToOnePot(double ounces, double pot, double millilitres, double grams) {
        AreaRate drench = new AreaRate(
                Measure.OUNCE.inBase(ounces),
                Measure.Kind.MASS,
                25 * Carrier.US_GALLON.millilitres() / 1000,
                Area.SQUARE_FOOT.squareMetres(100));
        assertThat(drench.millilitresFor(pot)).isCloseTo(millilitres, half(millilitres));
        assertThat(drench.productFor(pot)).isCloseTo(grams, half(grams));
        assertThat(drench.perLitre() * drench.millilitresFor(pot) / 1000)
                .isCloseTo(drench.productFor(pot), within(1e-9));
    }

    @Test
    void anOunceAndAHalfIsFortyFiveGramsInNinetyFiveLitres() {
        AreaRate drench = new AreaRate(45, Measure.Kind.MASS, 95, 9.3);
        assertThat(drench.perLitre()).isCloseTo(0.474, half(0.474));
        assertThat(drench.litresPerSquareMetre()).isCloseTo(10.215, half(10.2));
        assertThat(drench.millilitresFor(15)).isCloseTo(180.5, half(180.5));
    }

    @ParameterizedTest
    @CsvSource({"91, 500, 384.6", "96, 500, 364.6", "99, 500, 353.5", "91, 100, 76.92"})
    void seventyPercentFromStrongerAlcohol(double bottle, double wanted, double alcohol) {
        Alcohol.Parts parts = Alcohol.dilute(bottle, 70, wanted);
        assertThat(parts.alcohol()).isCloseTo(alcohol, half(alcohol));
        assertThat(parts.alcohol() + parts.water()).isCloseTo(wanted, within(1e-9));
    }

    @Test
    void alcoholIsNeverMadeStrongerThanSeventy() {
        assertThatThrownBy(() -> Alcohol.dilute(96, 80, 100)).hasMessageContaining("allowed is 1 to 70");
        assertThatThrownBy(() -> Alcohol.dilute(50, 70, 100)).hasMessageContaining("cannot be made from it");
    }

    @Test
    void aQuarterPoundOfGranulesOnFiftySquareFeetForOnePot() {
        double rate = Measure.POUND.inBase(0.25) / Area.SQUARE_FOOT.squareMetres(50);
        assertThat(rate).isCloseTo(24.41, half(24.41));
        assertThat(Pot.granules(rate, 20)).isCloseTo(0.767, half(0.767));
    }

    @Test
    void theSameNitrogenFromALiquidAndAPowder() {
        assertThat(Feed.elements(93, 0, 0).gramsPerLitreFor(100)).isCloseTo(1.0753, half(1.0753));
        assertThat(Feed.oxides(20, 20, 20).gramsPerLitreFor(100)).isCloseTo(0.5, half(0.5));
        assertThat(Feed.ratio(6, 1, 3, 10).gramsPerLitreFor(100)).isCloseTo(1.6667, half(1.6667));
    }

    @Test
    void oxidesHoldLessOfTheElement() {
        Feed feed = Feed.oxides(20, 20, 20);
        assertThat(feed.phosphorus()).isCloseTo(8.73, half(8.73));
        assertThat(feed.potassium()).isCloseTo(16.60, half(16.60));
        assertThatThrownBy(() -> Feed.oxides(0, 10, 10).gramsPerLitreFor(100)).hasMessageContaining("no nitrogen");
    }

    @Test
    void tapBlendedWithPureWater() {
        assertThat(Blend.shareOfTap(0.65, 0, 0.15)).isCloseTo(0.2308, half(0.2308));
        assertThat(Blend.shareOfTap(0.65, 0.02, 0.15)).isCloseTo(0.2063, half(0.2063));
        assertThatThrownBy(() -> Blend.shareOfTap(0.3, 0, 0.5)).hasMessageContaining("only what lies between");
    }

    /** By definition of the units. */
    @ParameterizedTest
    @CsvSource({
        "TEASPOON, 4.92892159",
        "TABLESPOON, 14.78676478",
        "US_FLUID_OUNCE, 29.57352956",
        "IMPERIAL_FLUID_OUNCE, 28.4130625",
        "OUNCE, 28.349523125",
        "POUND, 453.59237"
    })
    void unitsOfLabels(Measure measure, double base) {
        assertThat(measure.inBase(1)).isCloseTo(base, within(1e-7));
    }

    @Tries
    void thereAndBackAgain(Measure measure, @Tries.Between(min = 0.01, max = 1e5) double amount) {
        assertThat(measure.fromBase(measure.inBase(amount))).isCloseTo(amount, within(amount * 1e-12));
    }

    @Tries
    void aBlendHoldsWhatWasWanted(
            @Tries.Between(min = 0.1, max = 3) double tap,
            @Tries.Between(min = 0, max = 0.05) double pure,
            @Tries.Between(min = 0, max = 1) double where) {
        double target = pure + where * (tap - pure);
        double share = Blend.shareOfTap(tap, pure, target);
        assertThat(share * tap + (1 - share) * pure).isCloseTo(target, within(1e-9));
    }

    @Test
    void ratesOfDifferentKindsAreNotCompared() {
        Rate powder = new Rate(1, Measure.GRAM, Carrier.LITRE);
        Rate liquid = new Rate(1, Measure.MILLILITRE, Carrier.LITRE);
        assertThatThrownBy(() -> powder.strongerThan(liquid)).hasMessageContaining("density");
        assertThat(new Rate(2, Measure.TEASPOON, Carrier.US_GALLON)
                        .strongerThan(new Rate(3, Measure.MILLILITRE, Carrier.LITRE)))
                .isFalse();
        assertThatThrownBy(() -> new Rate(3, Measure.LITRE, Carrier.LITRE)).hasMessageContaining("strength");
    }

    @Test
    void theCoarsestToolThatComesNearEnough() {
        assertThat(Tools.USUAL.measure(15, Measure.Kind.VOLUME).orElseThrow().tool())
                .isEqualTo(Tool.SPOON);
        assertThat(Tools.USUAL.measure(0.73, Measure.Kind.VOLUME).orElseThrow().amount())
                .isCloseTo(0.75, within(1e-9));
        Tools.Measured little = Tools.USUAL.measure(0.0809, Measure.Kind.MASS).orElseThrow();
        assertThat(little.nearEnough()).isFalse();
        assertThat(little.error()).isCloseTo(0.236, within(0.01));
    }

    @Test
    void tooLittleToMeasureAsksForABiggerBatch() {
        int times = Tools.USUAL.timesUntilMeasurable(0.0809, Measure.Kind.MASS).orElseThrow();
        assertThat(times).isGreaterThan(1);
        assertThat(Tools.USUAL
                        .measure(0.0809 * times, Measure.Kind.MASS)
                        .orElseThrow()
                        .nearEnough())
                .isTrue();
        assertThat(Tools.USUAL.timesUntilMeasurable(1.0, Measure.Kind.MASS)).contains(1);
    }

    @Tries
    void theErrorIsWhatItSays(@Tries.Between(min = 0.05, max = 400) double amount) {
        Tools.Measured measured = Tools.USUAL.measure(amount, Measure.Kind.MASS).orElseThrow();
        assertThat(measured.amount()).isCloseTo(amount * (1 + measured.error()), within(1e-9));
    }

    @Test
    void aBatchHasATenthToSpare() {
        assertThat(Batch.of(List.of(100.0, 180.0, 320.0)).millilitres()).isEqualTo(660);
        assertThat(Batch.of(List.of(101.0)).millilitres()).isEqualTo(120);
        assertThat(Batch.of(List.of()).millilitres()).isZero();
        assertThat(Batch.spray(500)).isCloseTo(50, half(50));
    }
}

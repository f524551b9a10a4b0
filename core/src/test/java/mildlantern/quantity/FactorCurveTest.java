package mildlantern.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import mildlantern.Tries;
import org.junit.jupiter.api.Test;

class FactorCurveTest {
    private final FactorCurve curve = new FactorCurve(Map.of(0.0, 1.0, 10.0, 4.0));

    @Test
    void halfwayBetweenOneAndFourLiesTwo() {
        assertThat(Math.exp(curve.logAt(5))).isCloseTo(2, within(1e-12));
    }

    @Test
    void beyondTheOutermostPointsItIsLevel() {
        assertThat(Math.exp(curve.logAt(-100))).isCloseTo(1, within(1e-12));
        assertThat(Math.exp(curve.logAt(1000))).isCloseTo(4, within(1e-12));
    }

    @Tries
    void itNeverLeavesTheSpanOfItsPoints(@Tries.Between(min = -1e6, max = 1e6) double x) {
        assertThat(Math.exp(curve.logAt(x))).isBetween(1 - 1e-9, 4 + 1e-9);
    }

    @Test
    void aFactorOfZeroIsRefused() {
        assertThatThrownBy(() -> new FactorCurve(Map.of(1.0, 0.0))).hasMessageContaining("above 0");
        assertThatThrownBy(() -> new FactorCurve(Map.of())).hasMessageContaining("at least one point");
    }

    @Test
    void impossibleWeatherIsRefusedWithWhatIsAllowed() {
        assertThatThrownBy(() -> new RelativeHumidity(130)).hasMessageContaining("allowed is 0 to 100");
        assertThatThrownBy(() -> new Temperature(Double.NaN)).hasMessageContaining("-60 to 70");
        assertThatThrownBy(() -> new Range(3, 2)).hasMessageContaining("from low to high");
    }
}

package mildlantern.round;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import mildlantern.air.AirKnowledge;
import mildlantern.message.Message;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the air of the last nights asks of a stop. */
class StopNoticesTest {
    private static final StopNotices NOTICES = StopNotices.load(AirKnowledge.load());

    private static StopNotices.StopAir air(double moistHours, double day, double night) {
        return new StopNotices.StopAir(OptionalDouble.of(moistHours), OptionalDouble.of(day), OptionalDouble.of(night));
    }

    @ParameterizedTest(name = "{0} h moist, {1} by day, {2} at night, watering {3}: {4}")
    @CsvSource({
        // Ten wet hours at 18 °C are over half of what a leaf spot needs (Magarey and others 2005).
        "11, 23, 15, false, LEAF_SPOT",
        "11, 23, 15, true, LEAF_SPOT WATER_EARLY_MOIST",
        // The same wetness in the cold infects nothing, and dries badly.
        "11, 11, 5, true, WATER_EARLY_COLD",
        "1, 24, 18, true, ''",
        "2, 16, 8, true, WATER_EARLY_COLD",
        "2, 16, 8, false, ''"
    })
    void warmWetEveningsWarnAndColdOnesWantWaterEarly(
            double moist, double day, double night, boolean waters, String said) {
        assertThat(NOTICES.of(air(moist, day, night), waters).stream()
                        .map(Message::what)
                        .map(Object::toString)
                        .reduce((one, other) -> one + " " + other)
                        .orElse(""))
                .isEqualTo(said);
    }

    @Test
    void whereNothingIsReadNothingIsSaid() {
        assertThat(NOTICES.of(
                        new StopNotices.StopAir(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty()),
                        true))
                .isEmpty();
    }
}

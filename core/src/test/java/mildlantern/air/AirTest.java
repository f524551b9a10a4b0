package mildlantern.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AirTest {
    /** FAO Irrigation and Drainage Paper 56, annex 2, table 2.3. */
    @ParameterizedTest
    @CsvSource({"1, 0.657", "10, 1.228", "15, 1.705", "20, 2.338", "25, 3.168", "30, 4.243", "40, 7.376"})
    void saturationAgreesWithPublishedTable(double celsius, double kpa) {
        assertThat(Air.saturationKpa(new Temperature(celsius))).isCloseTo(kpa, within(0.002));
    }

    @ParameterizedTest
    @CsvSource({"20, 50, 1.169", "25, 40, 1.901", "21, 100, 0"})
    void deficitIsWhatIsMissingToSaturation(double celsius, double humidity, double kpa) {
        assertThat(Air.deficit(new Temperature(celsius), new RelativeHumidity(humidity))
                        .kilopascal())
                .isCloseTo(kpa, within(0.002));
    }
}

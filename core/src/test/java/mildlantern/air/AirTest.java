package mildlantern.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import mildlantern.Tries;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import org.junit.jupiter.api.Test;
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

    private static Temperature at(double celsius) {
        return new Temperature(celsius);
    }

    private static RelativeHumidity rh(double percent) {
        return new RelativeHumidity(percent);
    }

    /** Saturated air, as psychrometric tables have it: temperature, saturation pressure in kPa, water in g/m³. */
    @ParameterizedTest
    @CsvSource({
        "0, 0.6112, 4.85",
        "5, 0.8725, 6.80",
        "10, 1.2281, 9.40",
        "15, 1.7055, 12.83",
        "20, 2.3388, 17.30",
        "25, 3.1692, 23.05",
        "30, 4.2460, 30.38",
        "35, 5.6278, 39.63",
        "40, 7.3835, 51.19",
        "45, 9.5932, 65.50"
    })
    void saturatedAirAgreesWithTablesFromZeroToFortyFive(double celsius, double kpa, double grams) {
        assertThat(Air.saturationKpa(at(celsius))).isCloseTo(kpa, within(kpa * 0.01));
        assertThat(Air.gramsPerCubicMetre(at(celsius), rh(100))).isCloseTo(grams, within(grams * 0.01));
    }

    /** Dew points as tables have them, °C. */
    @ParameterizedTest
    @CsvSource({"20, 50, 9.3", "25, 60, 16.7", "30, 40, 14.9", "21, 22, -1.3", "15, 100, 15"})
    void dewPointAgreesWithTables(double celsius, double humidity, double dew) {
        assertThat(Air.dewPoint(at(celsius), rh(humidity)).celsius()).isCloseTo(dew, within(0.25));
    }

    @Test
    void heatedWinterAirIsDry() {
        assertThat(Air.broughtTo(at(0), rh(90), at(21)).percent()).isCloseTo(22, within(0.3));
        assertThat(Air.broughtTo(at(30), rh(80), at(18)).percent())
                .as("some would condense")
                .isEqualTo(100);
    }

    @Test
    void aHumidifierMakesUpForWhatTheAirOutsideLacks() {
        double grams = Air.humidifierGramsPerHour(50, 0.5, at(21), rh(50), at(0), rh(90));
        // 50 m³ · 0.5 · (9.17 − 4.05) g/m³, by hand from the tables above.
        assertThat(grams).isCloseTo(128, within(3.0));
        assertThat(Air.humidifierGramsPerHour(50, 0.5, at(21), rh(50), at(25), rh(80)))
                .isZero();
        assertThatThrownBy(() -> Air.humidifierGramsPerHour(50, 30, at(21), rh(50), at(0), rh(90)))
                .hasMessageContaining("air changes");
    }

    @Test
    void aLeafOnWinterGlassIsColderByDegrees() {
        AirKnowledge knowledge = AirKnowledge.load();
        double single = knowledge.leafAtPane(at(20), at(-5), Glazing.SINGLE, 0).celsius();
        double twofold = knowledge.leafAtPane(at(20), at(-5), Glazing.DOUBLE, 0).celsius();
        assertThat(20 - twofold).as("about eight degrees").isBetween(6.5, 9.5);
        assertThat(single).isLessThan(twofold).isLessThan(10);
        assertThat(knowledge.leafAtPane(at(20), at(-5), Glazing.TRIPLE, 0).celsius())
                .isGreaterThan(17);
        assertThat(knowledge.leafAtPane(at(20), at(-5), Glazing.SINGLE, 30).celsius())
                .isGreaterThan(17);
        assertThat(knowledge.leafAtPane(at(20), at(20), Glazing.SINGLE, 0).celsius())
                .isEqualTo(20);
    }

    @Test
    void leafSpotsNeedWarmWetHours() {
        AirKnowledge knowledge = AirKnowledge.load();
        assertThat(knowledge.leafSpotRisk(at(26), 10)).isCloseTo(1, within(1e-9));
        assertThat(knowledge.leafSpotRisk(at(26), 5)).isCloseTo(0.5, within(1e-9));
        assertThat(knowledge.leafSpotRisk(at(16), 5)).isLessThan(knowledge.leafSpotRisk(at(22), 5));
        assertThat(knowledge.leafSpotRisk(at(8), 24)).isZero();
        assertThat(knowledge.leafSpotRisk(at(26), 0)).isZero();
    }

    @Tries
    void dewPointIsWhereTheSameVapourSaturates(
            @Tries.Between(min = 0, max = 45) double celsius, @Tries.Between(min = 5, max = 100) double humidity) {
        Temperature dew = Air.dewPoint(at(celsius), rh(humidity));
        assertThat(Air.saturationKpa(dew)).isCloseTo(Air.vapourKpa(at(celsius), rh(humidity)), within(1e-9));
        assertThat(dew.celsius()).isLessThanOrEqualTo(celsius + 1e-9);
    }
}

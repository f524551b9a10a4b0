package mildlantern.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SunTest {
    private static final Sun SUN = Sun.load();

    /** Allen et al. 1998, FAO paper 56, example 9 (20° S, 3 September: 11.7 h) and the days of the almanac to a tenth of an hour. */
    @ParameterizedTest
    @CsvSource({
        "-20, 2026-09-03, 11.7",
        "0, 2026-06-21, 12",
        "51.5, 2026-12-21, 7.7",
        "51.5, 2026-06-21, 16.4",
        "70, 2026-12-21, 0"
    })
    void dayLength(double latitude, LocalDate day, double hours) {
        assertThat(Sun.hours(latitude, day)).isCloseTo(hours, within(0.15));
    }

    /** Records of daily light at middle latitudes: about 4 mol in a December of 51° N, 35 to 45 in its June; a fifth to a quarter of the equinox at midwinter. */
    @ParameterizedTest
    @CsvSource({
        "51.5, 2026-12-21, 3, 5",
        "51.5, 2026-06-21, 33, 45",
        "45, 2026-03-21, 18, 27",
        "-34, 2026-06-21, 10, 18"
    })
    void lightOutdoorsInUsualWeather(double latitude, LocalDate day, double low, double high) {
        assertThat(SUN.year(latitude).outdoors(day)).isBetween(low, high);
    }

    @Test
    void theYardstickIsTheEquinoxAtMiddleLatitudes() {
        assertThat(SUN.year(45).share(LocalDate.of(2026, 3, 21))).isCloseTo(1, within(0.02));
        assertThat(SUN.year(51.5).share(LocalDate.of(2026, 11, 28))).isBetween(0.15, 0.35);
        assertThat(SUN.year(80).share(LocalDate.of(2026, 12, 21))).isPositive();
    }

    @Test
    void seasonsTurnWithTheHemisphere() {
        assertThat(SUN.usualCloud(50, LocalDate.of(2026, 12, 21)))
                .isGreaterThan(SUN.usualCloud(50, LocalDate.of(2026, 6, 21)));
        assertThat(SUN.usualCloud(-50, LocalDate.of(2026, 12, 21)))
                .isLessThan(SUN.usualCloud(-50, LocalDate.of(2026, 6, 21)));
    }
}

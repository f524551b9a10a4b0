package mildlantern.sensing;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import mildlantern.air.Glazing;
import mildlantern.light.Curtain;
import mildlantern.light.Window;
import mildlantern.light.WindowLight;
import mildlantern.weather.NightForecast;
import mildlantern.weather.SimulatedWeather;
import org.junit.jupiter.api.Test;

/** A made-up station reads what a room would: sun by day, heating with a night drop, dry air when it freezes outside. */
class StationTest {
    private static final ZoneOffset ZONE = ZoneOffset.UTC;
    private static final SimulatedWeather WEATHER = new SimulatedWeather(5, ZONE, new SimulatedWeather.Place(50, 9, 9));
    private static final Window SOUTH = new Window(180, 1.6, 0, 1.5, Glazing.DOUBLE, Curtain.NONE, 5);
    private static final Station SILL = new Station(
            new Station.Spec(Optional.of(SOUTH), 0.2, OptionalDouble.of(21), OptionalDouble.of(16), 4, 0.2, 0),
            WindowLight.load(),
            WEATHER,
            new Station.Site(50, 0, ZONE));

    private static List<DayOfAir> days(Station station, LocalDate from, int count) {
        Instant begin = from.atStartOfDay(ZONE).toInstant();
        List<HourOfAir> hours = new ArrayList<>();
        station.read(begin, begin.plusSeconds(3600L * (24 * count - 1)), 60)
                .forEach(sample -> hours.add(new HourOfAir(
                        sample.at(),
                        sample.celsius(),
                        sample.celsius(),
                        sample.celsius(),
                        sample.humidity(),
                        sample.ppfd())));
        return DayOfAir.of(hours, ZONE);
    }

    private static double mean(List<DayOfAir> days, Function<DayOfAir, OptionalDouble> part) {
        return DayOfAir.mean(days, part, 1).orElseThrow();
    }

    @Test
    void winterIsDarkerAndDrierIndoorsThanSummer() {
        List<DayOfAir> january = days(SILL, LocalDate.of(2026, 1, 5), 28);
        List<DayOfAir> july = days(SILL, LocalDate.of(2026, 7, 5), 28);

        assertThat(mean(january, DayOfAir::mol)).isBetween(1.0, 9.0);
        assertThat(mean(july, DayOfAir::mol)).isGreaterThan(mean(january, DayOfAir::mol));
        assertThat(mean(january, DayOfAir::humidity)).isLessThan(50).isLessThan(mean(july, DayOfAir::humidity));
        assertThat(mean(january, DayOfAir::byDay) - mean(january, DayOfAir::night))
                .isBetween(3.0, 8.0);
    }

    @Test
    void nightIsDarkAndTheSameSeedGivesTheSame() {
        Sample midnight = SILL.at(Instant.parse("2026-03-01T00:00:00Z"));

        assertThat(midnight.ppfd().orElseThrow()).isZero();
        assertThat(SILL.at(Instant.parse("2026-03-01T00:00:00Z"))).isEqualTo(midnight);
    }

    @Test
    void theSouthHasItsWinterInJuly() {
        SimulatedWeather south = new SimulatedWeather(5, ZONE, new SimulatedWeather.Place(-50, 9, 9));

        assertThat(meanOf(south, 7)).isLessThan(meanOf(south, 1) - 8);
    }

    private static double meanOf(SimulatedWeather weather, int month) {
        return LocalDate.of(2026, month, 1)
                .datesUntil(LocalDate.of(2026, month, 28))
                .mapToDouble(day ->
                        weather.at(day.atTime(12, 0).toInstant(ZONE)).air().celsius())
                .average()
                .orElseThrow();
    }

    @Test
    void forecastsHoldFourNightsOfFiveAndWidenWithTheDays() {
        int held = 0;
        int all = 0;
        for (LocalDate day = LocalDate.of(2025, 1, 1); day.isBefore(LocalDate.of(2026, 1, 1)); day = day.plusDays(3)) {
            List<NightForecast> nights = WEATHER.nights(day, 5);
            assertThat(nights.get(4).likely().high() - nights.get(4).likely().low())
                    .isGreaterThan(nights.get(0).likely().high()
                            - nights.get(0).likely().low());
            for (NightForecast night : nights) {
                double lowest = 99;
                for (int hour = 18; hour <= 32; hour++) {
                    lowest = Math.min(
                            lowest,
                            WEATHER.at(night.evening()
                                            .atStartOfDay()
                                            .plusHours(hour)
                                            .toInstant(ZONE))
                                    .air()
                                    .celsius());
                }
                all++;
                held += night.likely().contains(lowest) ? 1 : 0;
            }
        }
        assertThat(held / (double) all).isBetween(0.7, 1.0);
    }

    @Test
    void halfADayOfReadingsIsNoDay() {
        Instant begin = LocalDate.of(2026, 6, 1).atStartOfDay(ZONE).toInstant();
        List<HourOfAir> hours = new ArrayList<>();
        for (int hour = 0; hour < 12; hour++) {
            OptionalDouble value = OptionalDouble.of(20);
            hours.add(new HourOfAir(begin.plusSeconds(3600L * hour), value, value, value, value, value));
        }

        assertThat(DayOfAir.of(hours, ZONE)).singleElement().satisfies(day -> {
            assertThat(day.mol()).isEmpty();
            assertThat(day.night()).isEmpty();
            assertThat(day.lowest()).hasValue(20);
        });
    }
}

package mildlantern.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import mildlantern.air.Glazing;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The light of a window against a sum over the whole sky and the sun's day, reckoned apart from the model. */
class WindowLightTest {
    private static final WindowLight LIGHT = WindowLight.load();

    private static Window window(double faces) {
        return new Window(faces, 1.4, 0.1, 1.6, Glazing.DOUBLE, Curtain.NONE, 0);
    }

    /**
     * The same day by another way: the sun from declination and hour angle, minute by minute; the sky in patches of one degree, each looked
     * at through the opening.
     */
    private static double[] apart(Window window, double distance, double latitude, LocalDate date, double cloud) {
        double sky = patches(window, distance);
        double phi = Math.toRadians(latitude);
        double declination = Math.toRadians(23.45) * Math.sin(2 * Math.PI * (284 + date.getDayOfYear()) / 365.0);
        double joules = 0;
        double hours = 0;
        for (int minute = 0; minute < 1440; minute++) {
            double angle = Math.toRadians((minute - 720) / 4.0);
            double up = Math.sin(phi) * Math.sin(declination) + Math.cos(phi) * Math.cos(declination) * Math.cos(angle);
            double global = (910 * up - 30) * (1 - 0.75 * Math.pow(cloud, 3.4));
            if (up <= 0 || global <= 0) {
                continue;
            }
            double diffuse = global * (0.3 + 0.7 * cloud * cloud);
            double east = -Math.cos(declination) * Math.sin(angle);
            double north =
                    Math.cos(phi) * Math.sin(declination) - Math.sin(phi) * Math.cos(declination) * Math.cos(angle);
            double facing = Math.toRadians(window.faces());
            double out = north * Math.cos(facing) + east * Math.sin(facing);
            double aside = east * Math.cos(facing) - north * Math.sin(facing);
            double watts = diffuse * sky;
            if (out > 0.001 && seen(window, distance, out, aside, up)) {
                hours += 1 / 60.0;
                watts += (global - diffuse) / Math.max(up, 0.05) * (up + out) / 2;
            }
            joules += watts * 60;
        }
        return new double[] {joules * 0.75 * 2.06 / 1e6, hours};
    }

    private static boolean seen(Window window, double distance, double out, double aside, double up) {
        double scale = distance / out;
        return Math.abs(aside * scale) <= window.widthM() / 2
                && up * scale >= window.bottomM()
                && up * scale <= window.topM();
    }

    private static double patches(Window window, double distance) {
        double sum = 0;
        double step = Math.toRadians(0.5);
        for (double altitude = step / 2; altitude < Math.PI / 2; altitude += step) {
            for (double azimuth = -Math.PI / 2 + step / 2; azimuth < Math.PI / 2; azimuth += step) {
                double up = Math.sin(altitude);
                double out = Math.cos(altitude) * Math.cos(azimuth);
                double aside = Math.cos(altitude) * Math.sin(azimuth);
                if (seen(window, distance, out, aside, up)) {
                    sum += (up + out) / 2 * Math.cos(altitude) * step * step;
                }
            }
        }
        return sum / Math.PI;
    }

    @ParameterizedTest
    @CsvSource({
        "52, 180, 2026-03-20", "52, 180, 2026-06-21", "52, 180, 2026-12-21", "52, 90, 2026-03-20", "52, 90, 2026-06-21",
                "52, 270, 2026-03-20",
        "52, 270, 2026-12-21", "52, 0, 2026-06-21", "52, 0, 2026-12-21", "-34, 0, 2026-03-20", "-34, 0, 2026-06-21",
                "-34, 0, 2026-12-21",
        "-34, 90, 2026-03-20", "-34, 270, 2026-12-21", "-34, 180, 2026-06-21", "-34, 180, 2026-12-21"
    })
    void agreesWithASumOverSkyAndSun(double latitude, double faces, LocalDate date) {
        for (double cloud : new double[] {0, 0.6}) {
            WindowLight.Day day = LIGHT.day(window(faces), 0.4, latitude, date, cloud);
            double[] apart = apart(window(faces), 0.4, latitude, date, cloud);
            assertThat(day.mol()).as("light, cloud " + cloud).isCloseTo(apart[0], within(0.1 * apart[0]));
            assertThat(day.sunHours()).as("sun").isCloseTo(apart[1], within(Math.max(0.35, 0.1 * apart[1])));
        }
    }

    @Test
    void fallsSteeplyWithDistance() {
        LocalDate day = LocalDate.of(2026, 3, 20);
        Window low = new Window(0, 1.4, 0, 1.6, Glazing.DOUBLE, Curtain.NONE, 0);
        double near = LIGHT.day(low, 0.1, 52, day, 1).mol();
        assertThat(LIGHT.day(low, 1, 52, day, 1).mol() / near)
                .as("about 0.4 at one metre")
                .isBetween(0.3, 0.5);
        assertThat(LIGHT.day(low, 2, 52, day, 1).mol() / near)
                .as("0.15 to 0.2 at two")
                .isBetween(0.13, 0.22);
    }

    @Test
    void theEquatorsSideIsBrighterThanThePoles_inBothHemispheres() {
        LocalDate day = LocalDate.of(2026, 9, 22);
        assertThat(LIGHT.day(window(180), 0.4, 52, day, 0.5).mol())
                .isGreaterThan(1.8 * LIGHT.day(window(0), 0.4, 52, day, 0.5).mol());
        assertThat(LIGHT.day(window(0), 0.4, -34, day, 0.5).mol())
                .isGreaterThan(1.8 * LIGHT.day(window(180), 0.4, -34, day, 0.5).mol());
    }

    @Test
    void whatStandsOutsideTakesTheSunAndTheLowerSky() {
        LocalDate day = LocalDate.of(2026, 12, 21);
        Window open = window(180);
        Window street = new Window(180, 1.4, 0.1, 1.6, Glazing.DOUBLE, Curtain.NONE, 25);
        assertThat(LIGHT.day(street, 0.4, 52, day, 0).sunHours()).isZero();
        assertThat(LIGHT.day(street, 0.4, 52, day, 0.5).mol())
                .isLessThan(0.5 * LIGHT.day(open, 0.4, 52, day, 0.5).mol());
    }

    @Test
    void photonsAreCounted() {
        assertThat(Photons.daily(200, 12)).isCloseTo(8.64, within(1e-9));
        assertThat(Photons.hoursFor(8.64, 200)).isCloseTo(12, within(1e-9));
        assertThat(Photons.LUX_PER_FOOT_CANDLE).isCloseTo(10.7639, within(1e-4));
        assertThat(LIGHT.ppfd(5400, LightSource.DAYLIGHT)).isCloseTo(100, within(1e-9));
        assertThat(Photons.atDistance(200, 20, 40)).isCloseTo(50, within(1e-9));
        assertThatThrownBy(() -> Photons.daily(200, 30)).hasMessageContaining("hours");
    }

    @ParameterizedTest
    @CsvSource({"48, 12000, true", "52, 10000, true", "52, 8000, false", "48, 900, false", "60, 600, false"})
    void aReadingMakesNoMoreOfADayThanTheSkyGives(double latitude, double lux, boolean moreThanSky) {
        ZonedDateTime noon = ZonedDateTime.of(2026, 11, 28, 12, 0, 0, 0, ZoneOffset.UTC);
        ZonedDateTime midnight = noon.minusHours(12);
        WindowLight.Seen seen = LIGHT.seen(window(180), 0.5);
        WindowLight.Corrected found = seen.corrected(
                        LIGHT.ppfd(lux, LightSource.DAYLIGHT), noon, latitude, 0, LIGHT.cloud(Sky.OVERCAST))
                .orElseThrow();
        double usual = seen.usualDay(latitude, 0, midnight).mol();
        double open = LIGHT.outdoors().usualDay(latitude, 0, midnight).mol();
        assertThat(found.mol()).isLessThanOrEqualTo(Math.max(2 * usual, open));
        assertThat(found.moreThanSky()).isEqualTo(moreThanSky);
    }
}

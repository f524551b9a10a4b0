package mildlantern.sensing;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.air.Air;
import mildlantern.light.Window;
import mildlantern.light.WindowLight;
import mildlantern.quantity.Limits;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.weather.WeatherHour;
import mildlantern.weather.WeatherSource;

/**
 * A simulated station: what sensors at a stop would read, from the weather outside, the sun through the window, the heating with its night drop
 * and the water that the room adds to its air. It stands in for real sensors wherever these would deliver.
 */
public final class Station {
    /** A house lags behind the weather: mean of the last hours, h. */
    private static final int[] LAG = {0, 3, 6, 9, 12};

    private static final double MORNING = 6.5;
    private static final double EVENING = 22;
    private static final double WARMING_HOURS = 1.2;
    private static final double COOLING_HOURS = 3;

    private final Spec spec;
    private final WindowLight.Seen seen;
    private final WeatherSource weather;
    private final Site site;

    /**
     * Where the house stands.
     *
     * @param latitude degrees, north above 0
     * @param longitude degrees, east above 0
     */
    public record Site(double latitude, double longitude, ZoneId zone) {}

    /**
     * A stop.
     *
     * @param window the window that lights it; none outdoors
     * @param distanceM from that window, m
     * @param heatedDay temperature that heating keeps by day, °C; none where nothing heats
     * @param heatedNight the same at night
     * @param sunCelsius how much full light in the room (500 µmol/m²s) warms it, °C
     * @param moisture vapour that the room adds, kPa; below 0 where a stove draws it off
     * @param sealed share of the vapour that the case keeps from the room, 0 to 1: a glass case is moist whatever the room is
     */
    public record Spec(
            Optional<Window> window,
            double distanceM,
            OptionalDouble heatedDay,
            OptionalDouble heatedNight,
            double sunCelsius,
            double moisture,
            double sealed) {
        public Spec {
            Limits.require("vapour kept", sealed, 0, 1, "");
        }

        /** Under the open sky. */
        public static Spec outdoors() {
            return new Spec(Optional.empty(), 0, OptionalDouble.empty(), OptionalDouble.empty(), 0, 0, 0);
        }
    }

    public Station(Spec spec, WindowLight light, WeatherSource weather, Site site) {
        this.spec = spec;
        this.seen = spec.window()
                .map(window -> light.seen(window, Math.max(0.05, spec.distanceM())))
                .orElseGet(light::outdoors);
        this.weather = weather;
        this.site = site;
    }

    /**
     * What is read from one moment to another.
     *
     * @param from the first moment
     * @param until no later than this
     * @param everyMinutes step, 1 to 1440
     */
    public List<Sample> read(Instant from, Instant until, int everyMinutes) {
        Limits.require("step", everyMinutes, 1, 1440, "min");
        List<Sample> samples = new ArrayList<>();
        for (Instant at = from; !at.isAfter(until); at = at.plusSeconds(60L * everyMinutes)) {
            samples.add(at(at));
        }
        return samples;
    }

    /** What is read at a moment. */
    public Sample at(Instant at) {
        ZonedDateTime local = at.atZone(site.zone());
        WeatherHour now = weather.at(at);
        double ppfd =
                seen.at(local, site.latitude(), site.longitude(), now.cloud()).ppfd();
        if (spec.window().isEmpty()) {
            return sample(at, now.air().celsius(), now.humidity().percent(), ppfd);
        }
        double outside = 0;
        double vapour = 0;
        for (int hours : LAG) {
            WeatherHour then = weather.at(at.minusSeconds(3600L * hours));
            outside += then.air().celsius() / LAG.length;
            vapour += Air.vapourKpa(then.air(), then.humidity()) / LAG.length;
        }
        double unheated = outside + 1.5 + spec.sunCelsius() * Math.min(1, ppfd / 500);
        double heated = spec.heatedDay().isPresent() && spec.heatedNight().isPresent()
                ? setting(
                                local,
                                spec.heatedDay().getAsDouble(),
                                spec.heatedNight().getAsDouble())
                        + spec.sunCelsius() * Math.min(1, ppfd / 500)
                : unheated;
        Temperature air = new Temperature(Math.max(unheated, heated));
        double saturation = Air.saturationKpa(air);
        double room = Math.max(0.08, vapour + spec.moisture());
        double kept = room + spec.sealed() * Math.max(0, saturation * 0.95 - room);
        return sample(at, air.celsius(), Math.max(8, Math.min(99, 100 * kept / saturation)), ppfd);
    }

    /** The thermostat's day and night with a room's slow way between them. */
    private static double setting(ZonedDateTime local, double day, double night) {
        double hour = local.getHour() + local.getMinute() / 60.0;
        double share;
        if (hour >= MORNING && hour < EVENING) {
            share = 1 - Math.exp(-(hour - MORNING) / WARMING_HOURS);
        } else {
            double since = hour >= EVENING ? hour - EVENING : hour + 24 - EVENING;
            share = Math.exp(-since / COOLING_HOURS);
        }
        return night + (day - night) * share;
    }

    private static Sample sample(Instant at, double celsius, double humidity, double ppfd) {
        return new Sample(
                at,
                OptionalDouble.of(Math.rint(celsius * 100) / 100),
                OptionalDouble.of(Math.rint(new RelativeHumidity(humidity).percent() * 10) / 10),
                OptionalDouble.of(Math.rint(ppfd * 10) / 10));
    }
}

package mildlantern.weather;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import mildlantern.air.Air;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;

/**
 * Weather made up from a seed: the year's swing, warm and cold spells of days, cloud, a day's rise and fall that clouds flatten, rain out of thick cloud, wind, and a dew
 * point that the night cannot fall far below. Any moment can be asked for by itself, and always gives the same.
 */
public final class SimulatedWeather implements WeatherSource {
    private static final double HOURS_A_YEAR = 365.25 * 24;
    private static final double COLDEST_DAY = 24;
    private static final double WARMEST_HOUR = 15;
    private static final double SPELL_CELSIUS = 3.2;
    private static final double RAINS_FROM = 0.75;
    private static final double HEAVIEST_MM = 2;
    private static final double WIND = 1.2;

    private final long seed;
    private final ZoneId zone;
    private final Place place;

    /**
     * The place of the weather.
     *
     * @param latitude degrees, north above 0: the south has its winter in July
     * @param yearMean mean temperature of the year, °C
     * @param yearSwing half the difference of the warmest and the coldest month's mean, °C; some 6 by the sea, 12 inland
     */
    public record Place(double latitude, double yearMean, double yearSwing) {
        public Place {
            Limits.require("latitude", latitude, -66, 66, "degrees");
            Limits.require("mean of the year", yearMean, -10, 30, "°C");
            Limits.require("swing of the year", yearSwing, 0, 25, "°C");
        }
    }

    /**
     * @param seed the same seed gives the same weather
     * @param zone the zone of the clock by which days warm up
     * @param place where
     */
    public SimulatedWeather(long seed, ZoneId zone, Place place) {
        this.seed = seed;
        this.zone = zone;
        this.place = place;
    }

    @Override
    public WeatherHour at(Instant moment) {
        double hours = moment.getEpochSecond() / 3600.0;
        double cloud = cloud(hours);
        double mean = dayMean(moment, hours);
        ZonedDateTime local = moment.atZone(zone);
        double hour = local.getHour() + local.getMinute() / 60.0;
        double swing = (1.2 + 4.2 * (1 - cloud)) * (1 + 0.3 * warmth(local));
        double air = mean + swing * Math.cos(2 * Math.PI * (hour - WARMEST_HOUR) / 24);
        double dew = Math.min(air - 0.2, mean - 1.2 - 3.5 * (1 - cloud) - 1.2 * (1 + noise(4, hours, 31)));
        return new WeatherHour(
                moment,
                new Temperature(air),
                new RelativeHumidity(Math.max(
                        8,
                        Math.min(
                                99,
                                100
                                        * Air.saturationKpa(new Temperature(dew))
                                        / Air.saturationKpa(new Temperature(air))))),
                cloud,
                Math.max(0, cloud - RAINS_FROM) / (1 - RAINS_FROM) * HEAVIEST_MM * (1 + noise(6, hours, 6)) / 2,
                Math.max(0.2, WIND * (1 + 0.7 * noise(7, hours, 30))));
    }

    @Override
    public WeatherDay day(LocalDate day) {
        List<WeatherHour> hours = IntStream.range(0, 24)
                .mapToObj(hour -> at(day.atTime(hour, 30).atZone(zone).toInstant()))
                .toList();
        return new WeatherDay(
                day,
                mean(hours.subList(9, 18), it -> it.air().celsius()),
                hours.subList(0, 9).stream()
                        .mapToDouble(it -> it.air().celsius())
                        .min()
                        .orElseThrow(),
                mean(hours, it -> it.humidity().percent()),
                24 * mean(hours, WeatherHour::rainMm),
                mean(hours, WeatherHour::windMs));
    }

    private static double mean(List<WeatherHour> hours, ToDoubleFunction<WeatherHour> value) {
        return hours.stream().mapToDouble(value).average().orElseThrow();
    }

    @Override
    public List<NightForecast> nights(LocalDate issued, int nights) {
        Limits.require("nights", nights, 1, 14, "");
        return IntStream.range(0, nights)
                .mapToObj(ahead -> {
                    double spread = 1 + 0.4 * ahead;
                    double missed = spread * noise(100 + ahead, issued.toEpochDay() * 24.0, 24) / 1.28;
                    double lowest = coming(issued.plusDays(ahead)) + missed;
                    return new NightForecast(
                            issued.plusDays(ahead),
                            new Temperature(Math.rint(lowest * 10) / 10),
                            new Range(Math.rint((lowest - spread) * 10) / 10, Math.rint((lowest + spread) * 10) / 10));
                })
                .toList();
    }

    private double coming(LocalDate evening) {
        ZonedDateTime from = evening.atTime(18, 0).atZone(zone);
        return IntStream.rangeClosed(0, 14)
                .mapToDouble(hour -> at(from.plusHours(hour).toInstant()).air().celsius())
                .min()
                .orElseThrow();
    }

    private double dayMean(Instant moment, double hours) {
        double spell = SPELL_CELSIUS * (0.7 * noise(1, hours, 24 * 9) + 0.5 * noise(2, hours, 24 * 3));
        return place.yearMean() + place.yearSwing() * warmth(moment.atZone(zone)) + spell;
    }

    /** From −1 in the coldest days of the year to 1 in the warmest. */
    private double warmth(ZonedDateTime local) {
        double turn = 2 * Math.PI * (local.getDayOfYear() - COLDEST_DAY) * 24 / HOURS_A_YEAR;
        return (place.latitude() < 0 ? 1 : -1) * Math.cos(turn);
    }

    private double cloud(double hours) {
        double cover = 0.58 + 0.55 * noise(3, hours, 40) + 0.2 * noise(5, hours, 5);
        return Math.max(0, Math.min(1, cover));
    }

    /** Smooth noise from −1 to 1 that turns about once a period. */
    private double noise(int kind, double hours, double period) {
        double step = hours / period;
        long before = (long) Math.floor(step);
        double part = step - before;
        double ease = part * part * (3 - 2 * part);
        return node(kind, before) * (1 - ease) + node(kind, before + 1) * ease;
    }

    private double node(int kind, long index) {
        long bits = seed * 0x9E3779B97F4A7C15L + kind * 0xC2B2AE3D27D4EB4FL + index * 0x165667B19E3779F9L;
        bits = (bits ^ (bits >>> 30)) * 0xBF58476D1CE4E5B9L;
        bits = (bits ^ (bits >>> 27)) * 0x94D049BB133111EBL;
        return ((bits ^ (bits >>> 31)) >>> 11) * 0x1.0p-52 - 1;
    }
}

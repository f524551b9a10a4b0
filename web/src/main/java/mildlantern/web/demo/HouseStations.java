package mildlantern.web.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import mildlantern.sensing.HourOfAir;
import mildlantern.sensing.Sample;
import mildlantern.sensing.Station;
import mildlantern.weather.WeatherSource;
import mildlantern.web.climate.Readings;
import mildlantern.web.climate.SensorId;
import mildlantern.web.climate.Stations;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Weathers;
import org.springframework.stereotype.Component;

/** Puts a simulated station at each stop of the signal house, set so that it reads now what the stop is said to be, with its past. */
@Component
class HouseStations {
    private static final int SET_BY_DAYS = 10;
    private static final int HALVINGS = 12;
    private static final int MINUTES = 20;
    private static final int MINUTES_SET_BY = 120;

    private final Stations stations;
    private final Weathers weathers;
    private final Readings readings;
    private final Clock clock;

    HouseStations(Stations stations, Weathers weathers, Readings readings, Clock clock) {
        this.stations = stations;
        this.weathers = weathers;
        this.readings = readings;
        this.clock = clock;
    }

    /** Puts a station at a stop and fills in what it would have read from a day on. */
    void put(Stop stop, LocalDate from) {
        WeatherSource weather = weathers.of(stop.collection()).orElseThrow();
        Stations.Room room =
                stop.kind() == StopKind.OUTDOORS ? new Stations.Room(null, null, 0, 0, 0) : set(stop, weather);
        readings.simulate(new SensorId(DemoLoader.id("station " + stop.name())), stop, room);
        Station station = stations.station(stop, room, weather);
        Instant begin = from.atStartOfDay(clock.getZone()).toInstant();
        Instant now = clock.instant();
        List<HourOfAir> hours = new ArrayList<>();
        // Two days of single readings come from the station itself, when it reads on.
        for (Instant hour = begin;
                hour.plus(Duration.ofHours(1)).isBefore(now);
                hour = hour.plus(Duration.ofHours(1))) {
            hours.add(hour(hour, station.read(hour, hour.plusSeconds(3599), MINUTES)));
        }
        readings.remember(stop, hours, 60 / MINUTES);
        Instant lately = now.minus(Duration.ofDays(2));
        Instant even = Instant.ofEpochSecond(lately.getEpochSecond() / 600 * 600);
        readings.takeFromStation(
                stop.collection(), new SensorId(DemoLoader.id("station " + stop.name())), station.read(even, now, 10));
    }

    /** A room whose air is, by its heating and its moisture, what the stop is said to be. */
    private Stations.Room set(Stop stop, WeatherSource weather) {
        double sealed = stop.kind() == StopKind.CABINET ? 0.5 : 0;
        double low = -1.5;
        double high = 2.5;
        double day = Objects.requireNonNull(stop.dayCelsius());
        double night = Objects.requireNonNull(stop.nightCelsius());
        double humidity = Objects.requireNonNull(stop.humidityPercent());
        double heated = day;
        Stations.Room room = new Stations.Room(heated, night, 2.5, 0.2, sealed);
        double warmer = mean(stop, room, weather, this::byDay) - day;
        heated -= Math.max(0, Math.min(3, warmer));
        for (int i = 0; i < HALVINGS; i++) {
            double moisture = (low + high) / 2;
            room = new Stations.Room(heated, night, 2.5, moisture, sealed);
            if (mean(stop, room, weather, sample -> sample.humidity().orElseThrow()) < humidity) {
                low = moisture;
            } else {
                high = moisture;
            }
        }
        return room;
    }

    private double byDay(Sample sample) {
        int hour = sample.at().atZone(clock.getZone()).getHour();
        return hour >= 9 && hour < 18 ? sample.celsius().orElseThrow() : Double.NaN;
    }

    private double mean(Stop stop, Stations.Room room, WeatherSource weather, ToDoubleFunction<Sample> part) {
        // Whole days, so that a demo made at noon is the one made in the morning.
        Instant today = LocalDate.now(clock).atStartOfDay(clock.getZone()).toInstant();
        return stations
                .station(stop, room, weather)
                .read(today.minus(Duration.ofDays(SET_BY_DAYS)), today, MINUTES_SET_BY)
                .stream()
                .mapToDouble(part)
                .filter(value -> !Double.isNaN(value))
                .average()
                .orElse(0);
    }

    private static HourOfAir hour(Instant hour, List<Sample> samples) {
        double[] celsius =
                samples.stream().mapToDouble(it -> it.celsius().orElseThrow()).toArray();
        double sum = 0;
        double low = celsius[0];
        double high = celsius[0];
        for (double value : celsius) {
            sum += value;
            low = Math.min(low, value);
            high = Math.max(high, value);
        }
        return new HourOfAir(
                hour,
                OptionalDouble.of(sum / celsius.length),
                OptionalDouble.of(low),
                OptionalDouble.of(high),
                samples.stream().mapToDouble(it -> it.humidity().orElseThrow()).average(),
                samples.stream().mapToDouble(it -> it.ppfd().orElseThrow()).average());
    }
}

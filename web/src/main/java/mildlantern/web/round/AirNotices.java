package mildlantern.web.round;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import mildlantern.round.StopNotices;
import mildlantern.weather.WeatherSource;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.StopNow;
import mildlantern.web.stop.Weathers;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** What the air of a stop asks for on the round: as sensors measured it, outdoors otherwise as the weather was. */
@Component
class AirNotices {
    private final StopNotices notices;
    private final Weathers weathers;
    private final Clock clock;

    AirNotices(StopNotices notices, Weathers weathers, Clock clock) {
        this.notices = notices;
        this.weathers = weathers;
        this.clock = clock;
    }

    List<String> of(Stop stop, StopNow now, List<PlantDue> open) {
        boolean waters = open.stream()
                .flatMap(plant -> plant.dues().stream())
                .anyMatch(due -> due.kind().ofWater());
        return notices.of(air(stop, now), waters).stream().map(Wording::of).toList();
    }

    private StopNotices.StopAir air(Stop stop, StopNow now) {
        Optional<WeatherSource> weather =
                stop.kind() == StopKind.OUTDOORS && now.moistHours().isEmpty()
                        ? weathers.of(stop.collection())
                        : Optional.empty();
        return weather.map(this::outdoors)
                .orElseGet(() -> new StopNotices.StopAir(
                        number(now.moistHours()), number(now.dayCelsius()), number(now.nightCelsius())));
    }

    private StopNotices.StopAir outdoors(WeatherSource weather) {
        LocalDate today = LocalDate.now(clock);
        List<LocalDate> days = IntStream.rangeClosed(1, notices.nights())
                .mapToObj(today::minusDays)
                .toList();
        DoubleStream moist = days.stream()
                .mapToDouble(day -> IntStream.range(0, 24)
                        .mapToObj(hour -> weather.at(
                                day.atTime(hour, 30).atZone(clock.getZone()).toInstant()))
                        .filter(notices::wets)
                        .count());
        return new StopNotices.StopAir(
                moist.average(),
                days.stream().mapToDouble(day -> weather.day(day).dayCelsius()).average(),
                days.stream()
                        .mapToDouble(day -> weather.day(day).nightCelsius())
                        .average());
    }

    private static OptionalDouble number(Optional<Double> value) {
        return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }
}

package mildlantern.web.climate;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import mildlantern.air.Glazing;
import mildlantern.light.Curtain;
import mildlantern.light.Window;
import mildlantern.light.WindowLight;
import mildlantern.sensing.Station;
import mildlantern.weather.WeatherSource;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Maybe;
import mildlantern.web.stop.Glass;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Windows;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes the windows and simulated stations of stops from what is stored of them. */
@Component
public class Stations {
    private static final double SKYLINE = 10;

    private final WindowLight light;
    private final Houses houses;
    private final Clock clock;

    Stations(WindowLight light, Houses houses, Clock clock) {
        this.light = light;
        this.houses = houses;
        this.clock = clock;
    }

    /**
     * What a simulated room is like.
     *
     * @param heatedDay temperature that heating keeps by day, °C; null where nothing heats
     * @param heatedNight the same at night
     * @param sunCelsius how much full light warms it, °C
     * @param moisture vapour that the room adds, kPa
     * @param sealed share of vapour that its case keeps, 0 to 1
     */
    public record Room(
            @Nullable Double heatedDay,
            @Nullable Double heatedNight,
            double sunCelsius,
            double moisture,
            double sealed) {}

    /** Where light comes from at a stop: its window, or the open sky outdoors; empty where neither is known. */
    public Optional<WindowLight.Seen> seen(Stop stop) {
        return stop.kind() == StopKind.OUTDOORS || stop.glass() == Glass.OVERHEAD
                ? Optional.of(light.outdoors())
                : Windows.of(stop).map(window -> light.seen(window, Windows.distanceM(stop)));
    }

    /** Hours of daylight where a collection's house stands. */
    public double hoursOfDay(CollectionId collection, LocalDate day) {
        Houses.Site site = houses.site(collection);
        return light.outdoors()
                .day(site.latitude(), site.longitude(), day.atStartOfDay(clock.getZone()), 0)
                .sunHours();
    }

    /** A simulated station at a stop. */
    public Station station(Stop stop, Room room, WeatherSource weather) {
        return new Station(
                stop.kind() == StopKind.OUTDOORS
                        ? Station.Spec.outdoors()
                        : new Station.Spec(
                                Windows.of(stop).or(() -> Optional.of(farWindow())),
                                Windows.of(stop).isPresent() ? Windows.distanceM(stop) : 2.5,
                                Maybe.number(room.heatedDay()),
                                Maybe.number(room.heatedNight()),
                                room.sunCelsius(),
                                room.moisture(),
                                room.sealed()),
                light,
                weather,
                site(stop.collection()));
    }

    /** Where a collection's house stands. */
    public Station.Site site(CollectionId collection) {
        Houses.Site site = houses.site(collection);
        return new Station.Site(site.latitude(), site.longitude(), clock.getZone());
    }

    /** A stop without a window of its own is lit by one across the room. */
    private static Window farWindow() {
        return new Window(180, 2, 0, 1.6, Glazing.DOUBLE, Curtain.NONE, SKYLINE);
    }
}

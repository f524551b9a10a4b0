package mildlantern.web.climate;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.light.WindowLight;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import org.springframework.stereotype.Component;

/** A year of light at a stop by its window. */
@Component
class StopYears {
    private final Houses houses;
    private final Stations stations;
    private final WindowLight light;
    private final Clock clock;

    StopYears(Houses houses, Stations stations, WindowLight light, Clock clock) {
        this.houses = houses;
        this.stations = stations;
        this.light = light;
        this.clock = clock;
    }

    /** The year's light by the window. */
    record Year(String path, List<AirChart.Mark> months, List<AirChart.Mark> ticks, String words) {}

    Optional<Year> year(Stop stop, Gives gives) {
        LocalDate first = LocalDate.of(LocalDate.now(clock).getYear(), 1, 1);
        Optional<WindowLight.Seen> seen = stations.seen(stop);
        if (seen.isEmpty()) {
            return Optional.empty();
        }
        Houses.Site site = houses.site(stop.collection());
        double factor = Optional.ofNullable(stop.lightFactor()).orElse(1.0);
        List<Double> mol = new ArrayList<>();
        for (int week = 0; week < 53; week++) {
            mol.add(Math.min(
                    80,
                    seen.get()
                                    .usualDay(
                                            site.latitude(),
                                            site.longitude(),
                                            first.plusDays(7L * week).atStartOfDay(clock.getZone()))
                                    .mol()
                            * factor));
        }
        return Optional.of(YearCurve.draw(
                mol, LocalDate.now(clock).getDayOfYear(), gives.light().map(Figure::value)));
    }
}

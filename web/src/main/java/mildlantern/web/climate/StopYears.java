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
    private static final int DAYS_A_WEEK = 7;
    private static final double LEAST_MOL = 0.1;
    private static final double MOST_MOL = 80;

    private final Houses houses;
    private final Stations stations;
    private final Clock clock;

    StopYears(Houses houses, Stations stations, Clock clock) {
        this.houses = houses;
        this.stations = stations;
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
                    MOST_MOL,
                    seen.get()
                                    .usualDay(
                                            site.latitude(),
                                            site.longitude(),
                                            first.plusDays((long) DAYS_A_WEEK * week)
                                                    .atStartOfDay(clock.getZone()))
                                    .mol()
                            * factor));
        }
        int week = (LocalDate.now(clock).getDayOfYear() - 1) / DAYS_A_WEEK;
        Optional<Double> measured =
                gives.light().filter(figure -> figure.days() > 0).map(Figure::value);
        return Optional.of(YearCurve.draw(asMeasured(mol, week, measured), week, measured));
    }

    /** What is measured now tells of the whole year: a window that lets in twice as much as was reckoned does so on other days too. */
    private static List<Double> asMeasured(List<Double> mol, int week, Optional<Double> measured) {
        double reckoned = mol.get(week);
        double times =
                measured.map(now -> reckoned > LEAST_MOL ? now / reckoned : 1).orElse(1.0);
        return mol.stream().map(light -> Math.min(MOST_MOL, light * times)).toList();
    }
}

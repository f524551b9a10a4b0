package mildlantern.web.climate;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.air.AirKnowledge;
import mildlantern.air.Glazing;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.light.Daylight;
import mildlantern.light.Window;
import mildlantern.light.WindowLight;
import mildlantern.place.StopId;
import mildlantern.quantity.Length;
import mildlantern.quantity.Range;
import mildlantern.quantity.Temperature;
import mildlantern.weather.WeatherSource;
import mildlantern.web.plant.Plant;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.season.WindowCurves;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import mildlantern.web.stop.Weathers;
import mildlantern.web.stop.Windows;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What each stop gives: as it was measured lately, otherwise as it was typed, otherwise as its window lets expect. */
@Component
public class StopClimates {
    /** What a stop gives is the mean of so many days. */
    static final int DAYS = 14;

    private static final int LEAST_DAYS = 3;
    private static final int METER_HOLDS_DAYS = 45;

    private final Stops stops;
    private final Houses houses;
    private final YearBook years;
    private final WindowCurves curves;
    private final Weathers weathers;
    private final WindowLight light;
    private final Daylight daylight;
    private final AirKnowledge air;
    private final Clock clock;

    StopClimates(
            Stops stops,
            Houses houses,
            YearBook years,
            WindowCurves curves,
            Weathers weathers,
            WindowLight light,
            Daylight daylight,
            AirKnowledge air,
            Clock clock) {
        this.stops = stops;
        this.houses = houses;
        this.years = years;
        this.curves = curves;
        this.weathers = weathers;
        this.light = light;
        this.daylight = daylight;
        this.air = air;
        this.clock = clock;
    }

    /** What all stops of a collection give, by stop. */
    @Transactional(readOnly = true)
    public Map<StopId, Gives> of(CollectionId collection) {
        LocalDate today = LocalDate.now(clock);
        Map<StopId, List<StopReading>> readings =
                stops.readingsSince(collection, today.minusDays(METER_HOLDS_DAYS)).stream()
                        .collect(Collectors.groupingBy(StopReading::stop));
        OptionalDouble coldest = coldestOutside(collection, today);
        double sun = years.house(collection).days().sun().share(today);
        Map<StopId, Gives> gives = new HashMap<>();
        for (Stop stop : stops.walk(collection)) {
            gives.put(stop.id(), gives(stop, readings.getOrDefault(stop.id(), List.of()), coldest, today, sun));
        }
        return gives;
    }

    private Gives gives(Stop stop, List<StopReading> readings, OptionalDouble coldest, LocalDate today, double sun) {
        List<StopReading> measured = readings.stream()
                .filter(reading -> reading.origin() == StopReading.Origin.MEASURED
                        && reading.onDay().isAfter(today.minusDays(DAYS + 1)))
                .toList();
        return new Gives(
                measured(measured, StopReading::dailyLight).or(() -> light(stop, readings, today, sun)),
                measured(measured, StopReading::humidityPercent).or(() -> typed(stop.humidityPercent())),
                measured(measured, StopReading::dayCelsius).or(() -> typed(stop.dayCelsius())),
                night(stop, measured, coldest));
    }

    private static Optional<Figure> typed(@Nullable Double value) {
        return Optional.ofNullable(value).map(it -> Figure.of(it, FigureOrigin.ENTERED));
    }

    private static Optional<Figure> measured(List<StopReading> days, Function<StopReading, @Nullable Double> part) {
        double[] values = days.stream()
                .map(part)
                .filter(value -> value != null)
                .mapToDouble(Double::doubleValue)
                .toArray();
        if (values.length < LEAST_DAYS) {
            return Optional.empty();
        }
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        double sum = 0;
        for (double value : values) {
            low = Math.min(low, value);
            high = Math.max(high, value);
            sum += value;
        }
        return Optional.of(new Figure(
                sum / values.length, new Range(low, high), values.length, FigureOrigin.MEASURED.with(values.length)));
    }

    /** Light by a meter, by the window, or by how bright the grower calls it. */
    private Optional<Figure> light(Stop stop, List<StopReading> readings, LocalDate today, double sun) {
        Optional<Double> read = readings.stream()
                .filter(reading -> reading.origin() != StopReading.Origin.MEASURED)
                .flatMap(reading -> Optional.ofNullable(reading.dailyLight()).stream())
                .reduce((earlier, later) -> later);
        if (read.isPresent()) {
            return read.map(mol -> Figure.of(mol, FigureOrigin.METER));
        }
        Optional<Figure> reckoned = reckoned(stop, today).map(mol -> Figure.of(mol, FigureOrigin.WINDOW));
        return reckoned.or(() -> Optional.ofNullable(stop.light())
                .map(brightness ->
                        Figure.of(daylight.of(brightness, sun).molPerSquareMetre(), FigureOrigin.ESTIMATED)));
    }

    /** A day's light by the window model, mol/m², corrected by what a meter once read. */
    Optional<Double> reckoned(Stop stop, LocalDate day) {
        if (stop.paneWidthCm() == null && stop.lightFactor() == null) {
            return Optional.empty();
        }
        double factor = Optional.ofNullable(stop.lightFactor()).orElse(1.0);
        double latitude = houses.site(stop.collection()).latitude();
        return Windows.of(stop).map(window -> curves.mol(window, Windows.distanceM(stop), latitude, day) * factor);
    }

    /** The night at the leaf: colder than the room where it stands at cold glass. */
    private Optional<Figure> night(Stop stop, List<StopReading> measured, OptionalDouble coldest) {
        Optional<Figure> room = measured(measured, StopReading::nightCelsius).or(() -> typed(stop.nightCelsius()));
        if (room.isEmpty() || coldest.isEmpty() || Windows.of(stop).isEmpty() || stop.kind() == StopKind.CABINET) {
            return room;
        }
        double leaf = air.leafAtPane(
                        new Temperature(room.get().value()),
                        new Temperature(
                                Math.min(coldest.getAsDouble(), room.get().value())),
                        Optional.ofNullable(stop.glazing()).orElse(Glazing.DOUBLE),
                        Optional.ofNullable(stop.glassCm()).orElse(0))
                .celsius();
        double colder = leaf - room.get().value();
        return colder > -0.5
                ? room
                : Optional.of(new Figure(
                        leaf,
                        new Range(
                                Math.min(leaf, room.get().spread().low() + colder),
                                Math.max(leaf, room.get().spread().high() + colder)),
                        room.get().days(),
                        FigureOrigin.LEAF.with(
                                new Length(Optional.ofNullable(stop.glassCm()).orElse(0))),
                        true));
    }

    /** Mean of the last nights' lowest temperature outdoors, °C; empty where no weather is known. */
    private OptionalDouble coldestOutside(CollectionId collection, LocalDate today) {
        Optional<WeatherSource> weather = weathers.of(collection);
        if (weather.isEmpty()) {
            return OptionalDouble.empty();
        }
        double sum = 0;
        for (int night = 1; night <= DAYS; night++) {
            sum += weather.get()
                    .at(today.minusDays(night)
                            .atTime(6, 0)
                            .atZone(clock.getZone())
                            .toInstant())
                    .air()
                    .celsius();
        }
        return OptionalDouble.of(sum / DAYS);
    }

    /** What a plant's own place on its stop gives: nearer to the glass is brighter. */
    public Gives at(Stop stop, Gives gives, Plant plant) {
        Double fromEdge = plant.planY();
        Optional<Window> window = Windows.of(stop);
        if (fromEdge == null || window.isEmpty() || gives.light().isEmpty()) {
            return gives;
        }
        double own = Math.max(0.05, (Optional.ofNullable(stop.glassCm()).orElse(0) + fromEdge) / 100);
        double times = light.seen(window.get(), own).sky()
                / Math.max(
                        1e-6, light.seen(window.get(), Windows.distanceM(stop)).sky());
        Figure middle = gives.light().get();
        Figure there = new Figure(
                middle.value() * times,
                new Range(middle.spread().low() * times, middle.spread().high() * times),
                middle.days(),
                FigureOrigin.OWN_PLACE.with(middle.from()));
        return new Gives(Optional.of(there), gives.humidity(), gives.byDay(), gives.night());
    }
}

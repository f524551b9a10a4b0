package mildlantern.web.season;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import mildlantern.light.Daylight;
import mildlantern.light.Sun;
import mildlantern.light.Window;
import mildlantern.place.StopId;
import mildlantern.season.PlantYears;
import mildlantern.season.ReadingsHold;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.Maybe;
import mildlantern.web.stop.ReadOnDay;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Stops;
import mildlantern.web.stop.Windows;
import org.jspecify.annotations.Nullable;

/**
 * What each stop's air and light were, day by day, and what is to be expected of days to come; made for one piece of work, so that each stop is read once.
 * A reading of light is carried over to another day by the window or the sun of both; one of warmth holds for some weeks, or until the next.
 */
public final class StopDays {
    private static final int A_YEAR = 365;

    private static final double LEAST_MOL = 0.01;

    private final CollectionId collection;
    private final Stops stops;
    private final Daylight daylight;
    private final WindowCurves curves;
    private final Sun.Year sun;
    private final double latitude;
    private final ReadingsHold holds;
    private final LocalDate today;
    private final Map<StopId, History> read = new HashMap<>();

    StopDays(
            CollectionId collection,
            Stops stops,
            Daylight daylight,
            WindowCurves curves,
            Sun.Year sun,
            double latitude,
            ReadingsHold holds,
            LocalDate today) {
        this.collection = collection;
        this.stops = stops;
        this.daylight = daylight;
        this.curves = curves;
        this.sun = sun;
        this.latitude = latitude;
        this.holds = holds;
        this.today = today;
    }

    /** The sun where the house stands. */
    public Sun.Year sun() {
        return sun;
    }

    private static final class History {
        private final Map<Kept, double[]> kept = new EnumMap<>(Kept.class);
        private final Optional<Stop> stop;
        private final Optional<Window> window;
        private final NavigableMap<LocalDate, ReadOnDay> told = new TreeMap<>();
        private final NavigableMap<LocalDate, Double> light = new TreeMap<>();
        private final NavigableMap<LocalDate, Double> days = new TreeMap<>();
        private final NavigableMap<LocalDate, Double> nights = new TreeMap<>();
        private final Set<LocalDate> measured = new HashSet<>();

        private History(Optional<Stop> stop) {
            this.stop = stop;
            this.window = stop.flatMap(Windows::of);
        }

        private void add(ReadOnDay reading) {
            Map.@Nullable Entry<LocalDate, ReadOnDay> last = told.lastEntry();
            told.put(reading.onDay(), last == null ? reading : last.getValue().with(reading));
            put(light, reading.onDay(), reading.dailyLight());
            put(days, reading.onDay(), reading.dayCelsius());
            put(nights, reading.onDay(), reading.nightCelsius());
            if (reading.measured()) {
                measured.add(reading.onDay());
            }
        }

        private static void put(NavigableMap<LocalDate, Double> values, LocalDate day, @Nullable Double value) {
            if (value != null) {
                values.put(day, value);
            }
        }
    }

    private History history(StopId stop) {
        return read.computeIfAbsent(stop, id -> {
            History history = new History(stops.find(collection, id));
            stops.readOnDays(collection, id).forEach(history::add);
            return history;
        });
    }

    /** What was read at a stop by a day; of the first reading where there was none yet, and empty where there is none at all. */
    public Optional<ReadOnDay> asOf(StopId stop, LocalDate day) {
        NavigableMap<LocalDate, ReadOnDay> told = history(stop).told;
        return Optional.ofNullable(told.floorEntry(day))
                .or(() -> Optional.ofNullable(told.firstEntry()))
                .map(Map.Entry::getValue);
    }

    /** The stop itself, if it is known. */
    public Optional<Stop> stop(StopId stop) {
        return history(stop).stop;
    }

    /** Hours of lamplight a day. */
    public double lampHours(StopId stop) {
        return history(stop).stop.map(Stop::lampHours).orElse(0.0);
    }

    /** What is kept day by day, so that many plants at a stop ask once. */
    private enum Kept {
        LIGHT,
        DAY,
        NIGHT
    }

    /** Temperature by day, °C. */
    public OptionalDouble day(StopId stop, LocalDate day) {
        History history = history(stop);
        return kept(history, Kept.DAY, day, it -> warmth(history, history.days, Stop::dayCelsius, it));
    }

    /** Lowest temperature of the night, °C. */
    public OptionalDouble night(StopId stop, LocalDate day) {
        History history = history(stop);
        return kept(history, Kept.NIGHT, day, it -> warmth(history, history.nights, Stop::nightCelsius, it));
    }

    /** Light of a day, mol/m²: as it was read, carried over by the sun; else by the window; else by how bright the grower calls it. */
    public OptionalDouble light(StopId stop, LocalDate day) {
        History history = history(stop);
        return kept(history, Kept.LIGHT, day, it -> lightOf(stop, history, it));
    }

    private OptionalDouble kept(History history, Kept what, LocalDate day, Function<LocalDate, OptionalDouble> ask) {
        int at = (int) ChronoUnit.DAYS.between(today, day) + PlantYears.BACK;
        if (at < 0 || at > PlantYears.BACK + PlantYears.AHEAD) {
            return ask.apply(day);
        }
        double[] values = history.kept.computeIfAbsent(what, it -> {
            double[] none = new double[PlantYears.BACK + PlantYears.AHEAD + 1];
            Arrays.fill(none, Double.NaN);
            return none;
        });
        if (Double.isNaN(values[at])) {
            values[at] = ask.apply(day).orElse(Double.POSITIVE_INFINITY);
        }
        return Double.isInfinite(values[at]) ? OptionalDouble.empty() : OptionalDouble.of(values[at]);
    }

    private OptionalDouble warmth(
            History history,
            NavigableMap<LocalDate, Double> values,
            Function<Stop, @Nullable Double> typed,
            LocalDate day) {
        if (day.isAfter(today)) {
            return expected(history, values, typed, day);
        }
        Map.@Nullable Entry<LocalDate, Double> last = values.floorEntry(day);
        if (last == null) {
            return values.isEmpty() ? typed(history, typed) : OptionalDouble.empty();
        }
        long age = ChronoUnit.DAYS.between(last.getKey(), day);
        boolean still = age <= (history.measured.contains(last.getKey()) ? holds.measured() : holds.typed());
        return still ? OptionalDouble.of(last.getValue()) : OptionalDouble.empty();
    }

    /** As a year before, where that was measured; indoors as lately. */
    private OptionalDouble expected(
            History history,
            NavigableMap<LocalDate, Double> values,
            Function<Stop, @Nullable Double> typed,
            LocalDate day) {
        LocalDate before = day.minusDays(A_YEAR);
        OptionalDouble lastYear = values.subMap(before.minusDays(3), true, before.plusDays(3), true).values().stream()
                .mapToDouble(Double::doubleValue)
                .average();
        if (lastYear.isPresent() && !before.isAfter(today)) {
            return lastYear;
        }
        if (history.stop.filter(stop -> stop.kind() == StopKind.OUTDOORS).isPresent()) {
            return OptionalDouble.empty();
        }
        OptionalDouble lately = values.subMap(today.minusDays(holds.latest()), true, today, true).values().stream()
                .mapToDouble(Double::doubleValue)
                .average();
        return lately.isPresent() ? lately : warmth(history, values, typed, today);
    }

    private static OptionalDouble typed(History history, Function<Stop, @Nullable Double> typed) {
        return history.stop.map(stop -> Maybe.number(typed.apply(stop))).orElse(OptionalDouble.empty());
    }

    private OptionalDouble lightOf(StopId stop, History history, LocalDate day) {
        Optional<Map.Entry<LocalDate, Double>> last = Optional.ofNullable(history.light.floorEntry(day));
        if (day.isAfter(today)) {
            OptionalDouble lately =
                    history.light.subMap(today.minusDays(holds.latest()), true, today, true).entrySet().stream()
                            .mapToDouble(entry -> carried(history, entry.getKey(), entry.getValue(), day))
                            .average();
            if (lately.isPresent()) {
                return lately;
            }
        } else if (last.filter(it -> ChronoUnit.DAYS.between(it.getKey(), day) <= holds.meter())
                .isPresent()) {
            return OptionalDouble.of(
                    carried(history, last.get().getKey(), last.get().getValue(), day));
        }
        OptionalDouble reckoned = reckoned(history, day);
        if (reckoned.isPresent()) {
            return reckoned;
        }
        Optional<Double> called = asOf(stop, day)
                .map(ReadOnDay::light)
                .or(() -> history.stop.map(Stop::light))
                .map(light -> daylight.of(light, lit(history, day)).molPerSquareMetre());
        return called.or(() -> last.map(it -> carried(history, it.getKey(), it.getValue(), day)))
                .map(OptionalDouble::of)
                .orElse(OptionalDouble.empty());
    }

    /** What a reading of one day says of another: by what the window lets in on both, as a low sun comes in deep; without a window by the sun alone. */
    private double carried(History history, LocalDate on, double mol, LocalDate day) {
        return history.window
                .map(window -> mol * through(history, window, day) / through(history, window, on))
                .orElseGet(() -> mol * lit(history, day) / lit(history, on));
    }

    private double through(History history, Window window, LocalDate day) {
        return Math.max(LEAST_MOL, curves.mol(window, Windows.distanceM(history.stop.orElseThrow()), latitude, day));
    }

    /** The sun of a day; even all year under a lamp without a window. */
    private double lit(History history, LocalDate day) {
        boolean lampOnly = history.stop
                .filter(stop -> stop.lampHours() != null && stop.lampHours() > 0 && stop.glass() == null)
                .isPresent();
        return lampOnly ? 1 : sun.share(day);
    }

    private OptionalDouble reckoned(History history, LocalDate day) {
        Optional<Window> window = history.stop
                .filter(stop -> stop.paneWidthCm() != null || stop.lightFactor() != null)
                .flatMap(Windows::of);
        if (window.isEmpty()) {
            return OptionalDouble.empty();
        }
        Stop stop = history.stop.orElseThrow();
        double factor = Optional.ofNullable(stop.lightFactor()).orElse(1.0);
        return OptionalDouble.of(curves.mol(window.get(), Windows.distanceM(stop), latitude, day) * factor);
    }
}

package mildlantern.web.climate;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.sensing.DayOfAir;
import mildlantern.sensing.HourOfAir;
import mildlantern.web.platform.SvgNumbers;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Wording;

/** Draws what was read at a stop: light, humidity and warmth below one another on one axis of time, with what its plants need. */
final class AirChart {
    static final double WIDTH = 860;
    static final double LEFT = 46;
    static final double HEIGHT = 86;
    private static final double RIGHT = WIDTH - 8;
    private static final double TOP = 10;
    private static final double BOTTOM = HEIGHT - 10;
    private static final int HOURLY_UP_TO_DAYS = 14;
    private static final Duration SILENT = Duration.ofHours(2);
    private static final DayFormat DAY = DayFormat.SHORT;
    private static final DayFormat MONTH = DayFormat.MONTH;

    private final LocalDate from;
    private final LocalDate to;
    private final ZoneId zone;
    private final Instant begin;
    private final double seconds;

    /**
     * One thing that is read, drawn.
     *
     * @param name of what is read
     * @param line the path of the mean
     * @param area the path between lowest and highest; empty where it is not drawn
     * @param bandY where the band of need begins, and how high it is; its words say from what to what
     * @param gaps where nothing was read
     * @param latest the last value in words
     */
    record Panel(
            String name,
            String unit,
            String kind,
            String line,
            String area,
            double bandY,
            double bandHeight,
            String bandWords,
            List<Mark> ticks,
            List<Silent> gaps,
            String latest) {}

    /** A mark of an axis. */
    record Mark(double at, String words) {}

    /** A stretch without readings. */
    record Silent(double x, double width, String words) {}

    /** The whole drawing. */
    record Drawn(List<Panel> panels, List<Mark> days, String words) {}

    AirChart(LocalDate from, LocalDate to, ZoneId zone) {
        this.from = from;
        this.to = to;
        this.zone = zone;
        this.begin = from.atStartOfDay(zone).toInstant();
        this.seconds = Duration.between(begin, to.plusDays(1).atStartOfDay(zone).toInstant())
                .toSeconds();
    }

    private record Point(double x, Instant at, double low, double mean, double high) {}

    Drawn draw(List<HourOfAir> hours, Optional<Range> light, Optional<Range> humidity, Optional<Range> warmth) {
        boolean hourly = from.plusDays(HOURLY_UP_TO_DAYS).isAfter(to);
        List<DayOfAir> days = DayOfAir.of(hours, zone);
        List<Panel> panels = new ArrayList<>();
        // Light counts by the day, whatever the axis.
        panels.add(panel(
                "light",
                "mol/m² d",
                "light",
                byDay(days, DayOfAir::mol, DayOfAir::mol, DayOfAir::mol),
                light,
                0,
                Duration.ofHours(30)));
        panels.add(panel(
                "humidity",
                "%",
                "air",
                hourly
                        ? byHour(hours, HourOfAir::humidity, HourOfAir::humidity, HourOfAir::humidity)
                        : byDay(days, DayOfAir::humidity, DayOfAir::humidity, DayOfAir::humidity),
                humidity,
                20,
                hourly ? SILENT : Duration.ofHours(30)));
        panels.add(panel(
                "warmth",
                "°C",
                "warmth",
                hourly
                        ? byHour(hours, HourOfAir::lowest, HourOfAir::celsius, HourOfAir::highest)
                        : byDay(days, DayOfAir::lowest, DayOfAir::byDay, DayOfAir::highest),
                warmth,
                10,
                hourly ? SILENT : Duration.ofHours(30)));
        return new Drawn(
                List.copyOf(panels), dayMarks(), Wording.say("climate.air-chart.to", DAY.format(from), DAY.format(to)));
    }

    private List<Point> byHour(
            List<HourOfAir> hours,
            Function<HourOfAir, OptionalDouble> low,
            Function<HourOfAir, OptionalDouble> mean,
            Function<HourOfAir, OptionalDouble> high) {
        return hours.stream()
                .filter(hour -> mean.apply(hour).isPresent())
                .map(hour -> {
                    Instant middle = hour.hour().plusSeconds(1800);
                    double value = mean.apply(hour).getAsDouble();
                    return new Point(
                            x(middle),
                            middle,
                            low.apply(hour).orElse(value),
                            value,
                            high.apply(hour).orElse(value));
                })
                .toList();
    }

    private List<Point> byDay(
            List<DayOfAir> days,
            Function<DayOfAir, OptionalDouble> low,
            Function<DayOfAir, OptionalDouble> mean,
            Function<DayOfAir, OptionalDouble> high) {
        return days.stream()
                .filter(day -> mean.apply(day).isPresent())
                .map(day -> {
                    Instant noon = day.day().atTime(12, 0).atZone(zone).toInstant();
                    double value = mean.apply(day).getAsDouble();
                    return new Point(
                            x(noon),
                            noon,
                            low.apply(day).orElse(value),
                            value,
                            high.apply(day).orElse(value));
                })
                .toList();
    }

    private double x(Instant at) {
        return LEFT + Duration.between(begin, at).toSeconds() / seconds * (RIGHT - LEFT);
    }

    private Panel panel(
            String name,
            String unit,
            String kind,
            List<Point> points,
            Optional<Range> need,
            double span,
            Duration silent) {
        double low = need.map(Range::low).orElse(Double.MAX_VALUE);
        double high = need.map(Range::high).orElse(-Double.MAX_VALUE);
        for (Point point : points) {
            low = Math.min(low, point.low());
            high = Math.max(high, point.high());
        }
        if (low > high) {
            return new Panel(
                    name,
                    unit,
                    kind,
                    "",
                    "",
                    0,
                    0,
                    "",
                    List.of(),
                    List.of(new Silent(LEFT, RIGHT - LEFT, Wording.say("climate.air-chart.nothing-read-time"))),
                    "");
        }
        if (kind.equals("light")) {
            low = 0;
        }
        double missing = Math.max(span - (high - low), 0.05 * (high - low) + 0.5);
        double bottom = kind.equals("light") ? 0 : low - missing / 2;
        double top = high + missing / 2;
        Function<Double, Double> y = value -> BOTTOM - (value - bottom) / (top - bottom) * (BOTTOM - TOP);
        StringBuilder line = new StringBuilder();
        StringBuilder area = new StringBuilder();
        List<Silent> gaps = new ArrayList<>();
        List<Point> run = new ArrayList<>();
        Instant before = begin;
        for (Point point : points) {
            if (Duration.between(before, point.at()).compareTo(silent) > 0) {
                gaps.add(gap(before, point.at()));
                stretch(run, y, line, area);
                run.clear();
            }
            run.add(point);
            before = point.at();
        }
        stretch(run, y, line, area);
        Instant end = to.plusDays(1).atStartOfDay(zone).toInstant();
        if (points.isEmpty()) {
            gaps.add(gap(begin, end));
        }
        double bandTop = need.map(range -> y.apply(Math.min(top, range.high()))).orElse(0.0);
        double bandBottom =
                need.map(range -> y.apply(Math.max(bottom, range.low()))).orElse(0.0);
        return new Panel(
                name,
                unit,
                kind,
                line.toString(),
                area.toString(),
                bandTop,
                Math.max(0, bandBottom - bandTop),
                need.map(range -> Wording.say(
                                "climate.air-chart.plants-need", Limits.plain(range.low()), Limits.plain(range.high())))
                        .orElse(""),
                ticks(bottom, top, y),
                List.copyOf(gaps),
                points.isEmpty()
                        ? ""
                        : Limits.tenths(points.get(points.size() - 1).mean()));
    }

    private Silent gap(Instant start, Instant end) {
        return new Silent(
                x(start),
                Math.max(1, x(end) - x(start)),
                Wording.say("climate.air-chart.nothing-read", Readings.spoken(Duration.between(start, end))));
    }

    private static void stretch(List<Point> run, Function<Double, Double> y, StringBuilder line, StringBuilder area) {
        if (run.isEmpty()) {
            return;
        }
        StringBuilder back = new StringBuilder();
        for (int i = 0; i < run.size(); i++) {
            Point point = run.get(i);
            line.append(i == 0 ? 'M' : 'L').append(SvgNumbers.point(point.x(), y.apply(point.mean())));
            area.append(i == 0 ? 'M' : 'L').append(SvgNumbers.point(point.x(), y.apply(point.high())));
            Point other = run.get(run.size() - 1 - i);
            back.append('L').append(SvgNumbers.point(other.x(), y.apply(other.low())));
        }
        if (run.size() == 1) {
            line.append("h1");
        }
        area.append(back).append('Z');
    }

    private static List<Mark> ticks(double bottom, double top, Function<Double, Double> y) {
        double span = top - bottom;
        double step = List.of(1.0, 2.0, 5.0, 10.0, 20.0, 50.0).stream()
                .filter(size -> span / size <= 3.5)
                .findFirst()
                .orElse(100.0);
        List<Mark> marks = new ArrayList<>();
        for (double value = Math.ceil(bottom / step) * step; value <= top; value += step) {
            marks.add(new Mark(y.apply(value), Limits.plain(value)));
        }
        return marks;
    }

    private List<Mark> dayMarks() {
        long days = Duration.ofSeconds((long) seconds).toDays();
        List<Mark> marks = new ArrayList<>();
        if (days > 120) {
            for (LocalDate day = from.withDayOfMonth(1).plusMonths(1); !day.isAfter(to); day = day.plusMonths(1)) {
                marks.add(new Mark(x(start(day)), MONTH.format(day)));
            }
            return marks;
        }
        int step = days <= 8 ? 1 : days <= 20 ? 2 : days <= 45 ? 7 : 14;
        for (LocalDate day = from.plusDays(1); !day.isAfter(to); day = day.plusDays(step)) {
            marks.add(new Mark(x(start(day)), DAY.format(day)));
        }
        return marks;
    }

    private Instant start(LocalDate day) {
        ZonedDateTime midnight = day.atStartOfDay(zone);
        return midnight.toInstant();
    }
}

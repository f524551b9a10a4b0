package mildlantern.web.climate;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import mildlantern.air.Air;
import mildlantern.air.AirKnowledge;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.care.Needs;
import mildlantern.knowledge.Words;
import mildlantern.light.LightSource;
import mildlantern.light.Photons;
import mildlantern.light.WindowLight;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.plant.Season;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.sensing.DayOfAir;
import mildlantern.sensing.HourOfAir;
import mildlantern.weather.NightForecast;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A stop's page: what it gives, drawn against what its plants need, who stands badly there, and what was read. */
@Service
@Transactional(readOnly = true)
class StopPages {
    private static final int TYPED_SHOWN = 12;

    /** What all want in common is drawn only if it is so wide, against its upper end. */
    private static final double LEAST_COMMON = 0.15;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.UK);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.UK);

    private final Stops stops;
    private final Plants plants;
    private final Houses houses;
    private final Readings readings;
    private final StopClimates climates;
    private final Stations stations;
    private final Weathers weathers;
    private final Needs needs;
    private final AirKnowledge air;
    private final WindowLight light;
    private final Clock clock;

    StopPages(
            Stops stops,
            Plants plants,
            Houses houses,
            Readings readings,
            StopClimates climates,
            Stations stations,
            Weathers weathers,
            Needs needs,
            AirKnowledge air,
            WindowLight light,
            Clock clock) {
        this.stops = stops;
        this.plants = plants;
        this.houses = houses;
        this.readings = readings;
        this.climates = climates;
        this.stations = stations;
        this.weathers = weathers;
        this.needs = needs;
        this.air = air;
        this.light = light;
        this.clock = clock;
    }

    /** A stop's page. */
    record Page(
            StopId id,
            String name,
            String words,
            AirChart.Drawn chart,
            boolean anyRead,
            List<Span> spans,
            List<Now> now,
            List<Fit> misfits,
            int fitting,
            List<Read> typed,
            List<SensorLine> sensors,
            List<FileRow> files,
            List<String> aside,
            Optional<Year> year,
            boolean siteSaid) {
        /** What is to be said of all that stands here. */
        public String misfitsHeading() {
            if (misfits.isEmpty()) {
                return fitting == 0 ? "Nothing stands here" : "All that stands here suits the stop";
            }
            return misfits.size() == 1 ? "One plant stands badly here" : misfits.size() + " plants stand badly here";
        }
    }

    /** A span of time that the chart can show. */
    record Span(String words, int days, boolean shown) {}

    /** A figure of now. */
    record Now(String what, String value, String soft) {}

    /** A plant that stands badly. */
    record Fit(PlantId plant, String name, String kind, String words) {}

    /** A typed reading in words. */
    record Read(LocalDate day, String light, String humidity, String warmth, String night) {}

    /** A sensor in a list. */
    record SensorLine(SensorId id, String name, String kind, String last, boolean retired, boolean simulated) {}

    /** A table that was brought, in words. */
    record FileRow(String name, String words, String gaps) {}

    /** The year's light by the window. */
    record Year(String path, List<AirChart.Mark> months, List<AirChart.Mark> ticks, String words) {}

    Page page(CollectionId collection, StopId stopId, int days) {
        Stop stop = stops.stop(collection, stopId);
        LocalDate today = LocalDate.now(clock);
        int length = Math.max(2, Math.min(366, days));
        LocalDate from = today.minusDays(length - 1L);
        List<HourOfAir> hours = readings.hours(collection, stopId, from, today);
        List<Plant> plants = this.plants.plantsAt(collection, stopId);
        Season season = houses.season(collection, today);
        Gives gives = climates.of(collection).getOrDefault(stopId, Gives.NOTHING);
        List<Fit> misfits = new ArrayList<>();
        for (Plant plant : plants) {
            Needs.worst(needs.ofStop(this.plants.profile(plant), season, climates.at(stop, gives, plant)))
                    .ifPresent(need -> misfits.add(new Fit(
                            plant.id(), plant.name(), this.plants.profile(plant).name(), need.words())));
        }
        List<Profile> kinds = plants.stream().map(this.plants::profile).toList();
        AirChart.Drawn chart = new AirChart(from, today, clock.getZone())
                .draw(
                        hours,
                        wanted(kinds.stream()
                                .map(kind -> needs.light(kind, season))
                                .toList()),
                        wanted(kinds.stream().map(Profile::humidity).toList()),
                        wanted(kinds.stream().map(Profile::day).toList()));
        return new Page(
                stopId,
                stop.name(),
                words(stop),
                chart,
                !hours.isEmpty(),
                spans(length),
                now(stop, gives, hours),
                List.copyOf(misfits),
                plants.size() - misfits.size(),
                typed(stop),
                sensors(collection, stopId),
                files(collection, stopId),
                aside(collection, stopId),
                year(stop, gives),
                houses.site(collection).said());
    }

    /** The range that all kinds there want; where next to none suits all, from the lowest lower end to the middle of the upper ones. */
    private static Optional<Range> wanted(List<Range> ranges) {
        if (ranges.isEmpty()) {
            return Optional.empty();
        }
        double low = ranges.stream().mapToDouble(Range::low).max().orElseThrow();
        double high = ranges.stream().mapToDouble(Range::high).min().orElseThrow();
        if (high - low >= LEAST_COMMON * high) {
            return Optional.of(new Range(low, high));
        }
        double[] lows = ranges.stream().mapToDouble(Range::low).sorted().toArray();
        double[] highs = ranges.stream().mapToDouble(Range::high).sorted().toArray();
        double middleLow = lows[lows.length / 2];
        return Optional.of(new Range(middleLow, Math.max(middleLow, highs[highs.length / 2])));
    }

    private static List<Span> spans(int shown) {
        return List.of(
                new Span("2 days", 2, shown == 2),
                new Span("2 weeks", 14, shown == 14),
                new Span("3 months", 92, shown == 92),
                new Span("a year", 365, shown == 365));
    }

    static String words(Stop stop) {
        return stop.kind().words()
                + (stop.glass() == null || stop.kind() == StopKind.OUTDOORS
                        ? ""
                        : ", " + stop.glass().words() + " glass")
                + (stop.glassCm() == null ? "" : " at " + stop.glassCm() + " cm");
    }

    private List<Now> now(Stop stop, Gives gives, List<HourOfAir> hours) {
        List<Now> now = new ArrayList<>();
        gives.light().ifPresent(it -> now.add(new Now("Light", Limits.tenths(it.value()) + " mol/m² d", it.from())));
        gives.humidity().ifPresent(it -> now.add(new Now("Humidity", Math.round(it.value()) + " %", span(it, " %"))));
        gives.byDay().ifPresent(it -> now.add(new Now("By day", Limits.tenths(it.value()) + " °C", span(it, " °C"))));
        gives.night().ifPresent(it -> now.add(new Now("Coldest night", Limits.tenths(it.value()) + " °C", it.from())));
        if (gives.humidity().isPresent() && gives.byDay().isPresent()) {
            double kpa = Air.deficit(
                            new Temperature(gives.byDay().get().value()),
                            new RelativeHumidity(
                                    Math.min(100, gives.humidity().get().value())))
                    .kilopascal();
            AirKnowledge.Marks marks = air.marks();
            now.add(new Now(
                    "Pull on leaves",
                    Limits.plain(Math.round(kpa * 100) / 100.0) + " kPa",
                    kpa > marks.dryKpa()
                            ? "soft leaves crisp"
                            : kpa < marks.closeKpa() ? "nothing dries" : "what most leaves like"));
        }
        List<DayOfAir> lately = DayOfAir.of(hours, clock.getZone());
        LocalDate week = LocalDate.now(clock).minusDays(7);
        List<DayOfAir> days =
                lately.stream().filter(day -> day.day().isAfter(week)).toList();
        DayOfAir.mean(days, DayOfAir::wetHours, 2)
                .ifPresent(wet -> gives.byDay().ifPresent(warm -> {
                    double risk = air.leafSpotRisk(new Temperature(warm.value()), Math.min(24, wet));
                    now.add(new Now(
                            "Leaf-spot risk",
                            Math.round(risk * 100) + " %",
                            risk >= air.marks().risky()
                                    ? "wet air %s h a day: move the air, water below the leaves"
                                            .formatted(Limits.tenths(wet))
                                    : "wet air %s h a day".formatted(Limits.tenths(wet))));
                }));
        forecast(stop).ifPresent(now::add);
        return List.copyOf(now);
    }

    private Optional<Now> forecast(Stop stop) {
        if (stop.kind() != StopKind.OUTDOORS) {
            return Optional.empty();
        }
        return weathers.of(stop.collection()).map(weather -> {
            List<NightForecast> nights = weather.nights(LocalDate.now(clock), 5);
            NightForecast coldest = nights.stream()
                    .min((a, b) ->
                            Double.compare(a.lowest().celsius(), b.lowest().celsius()))
                    .orElseThrow();
            return new Now(
                    "Next nights",
                    "down to %s °C".formatted(Limits.tenths(coldest.lowest().celsius())),
                    "%s, likely %s to %s °C"
                            .formatted(
                                    DAY.format(coldest.evening()),
                                    Limits.tenths(coldest.likely().low()),
                                    Limits.tenths(coldest.likely().high())));
        });
    }

    private static String span(Figure figure, String unit) {
        return figure.days() == 0
                ? figure.from()
                : "%s to %s%s in %d days"
                        .formatted(
                                Limits.plain(Math.rint(figure.spread().low())),
                                Limits.plain(Math.rint(figure.spread().high())),
                                unit,
                                figure.days());
    }

    private List<Read> typed(Stop stop) {
        return stops.typedReadings(stop, TYPED_SHOWN).stream()
                .map(reading -> new Read(
                        reading.onDay(),
                        reading.dailyLight() != null
                                ? Limits.tenths(reading.dailyLight()) + " mol/m² d"
                                        + (reading.origin() == StopReading.Origin.METER ? ", by meter" : "")
                                : Optional.ofNullable(reading.light())
                                        .map(Words::id)
                                        .orElse(""),
                        with(reading.humidityPercent(), " %"),
                        with(reading.dayCelsius(), " °C"),
                        with(reading.nightCelsius(), " °C")))
                .toList();
    }

    private static String with(@Nullable Double value, String unit) {
        return value == null ? "" : Limits.plain(value) + unit;
    }

    private List<SensorLine> sensors(CollectionId collection, StopId stop) {
        return readings.sensors(collection, stop).stream()
                .map(sensor -> new SensorLine(
                        sensor.id(),
                        sensor.name(),
                        sensor.kind().words(),
                        sensor.lastAt()
                                .map(at -> "last read " + MOMENT.format(at.atZoneSameInstant(clock.getZone())))
                                .orElse("nothing read yet"),
                        sensor.retired(),
                        sensor.kind() == Sensor.Kind.SIMULATED))
                .toList();
    }

    private List<FileRow> files(CollectionId collection, StopId stop) {
        ZoneId zone = clock.getZone();
        return readings.files(collection, stop).stream()
                .map(file -> new FileRow(
                        file.name(),
                        "%s lines from %s to %s: %s new%s%s"
                                .formatted(
                                        count(file.lines()),
                                        MOMENT.format(file.from().atZoneSameInstant(zone)),
                                        MOMENT.format(file.to().atZoneSameInstant(zone)),
                                        count(file.stored()),
                                        file.twice() > 0 ? ", " + count(file.twice()) + " known before" : "",
                                        file.aside() > 0 ? ", " + count(file.aside()) + " set aside" : ""),
                        file.gaps()))
                .toList();
    }

    private static String count(int number) {
        return String.format(Locale.UK, "%,d", number).replace(',', '\u202f');
    }

    private List<String> aside(CollectionId collection, StopId stop) {
        return readings.aside(collection, stop).stream()
                .map(line -> "%s: %s %s, %s"
                        .formatted(
                                MOMENT.format(line.at().atZoneSameInstant(clock.getZone())),
                                line.what(),
                                Limits.tenths(line.value()),
                                line.why()))
                .toList();
    }

    private Optional<Year> year(Stop stop, Gives gives) {
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
                                    .day(
                                            site.latitude(),
                                            site.longitude(),
                                            first.plusDays(7L * week).atStartOfDay(clock.getZone()),
                                            light.meanCloud())
                                    .mol()
                            * factor));
        }
        return Optional.of(YearCurve.draw(
                mol, LocalDate.now(clock).getDayOfYear(), gives.light().map(Figure::value)));
    }

    /** A reading of a meter as a day's light, and the factor by which the window's reckoning was off; empty where the sun is not up. */
    Optional<WindowLight.Corrected> byMeter(Stop stop, StopForms.Meter meter) {
        double value = Objects.requireNonNull(meter.value());
        double ppfd = switch (Objects.requireNonNull(meter.unit())) {
            case LUX -> light.ppfd(value, LightSource.DAYLIGHT);
            case FOOT_CANDLES ->
                light.ppfd(Math.min(200_000, value * Photons.LUX_PER_FOOT_CANDLE), LightSource.DAYLIGHT);
            case PPFD -> Math.min(3000, value);
        };
        Houses.Site site = houses.site(stop.collection());
        return stations.seen(stop)
                .orElseGet(light::outdoors)
                .corrected(
                        Math.min(3000, ppfd),
                        Objects.requireNonNull(meter.onDay())
                                .atTime(Objects.requireNonNull(meter.at()))
                                .atZone(clock.getZone()),
                        site.latitude(),
                        site.longitude(),
                        light.cloud(Objects.requireNonNull(meter.sky())),
                        light.meanCloud());
    }
}

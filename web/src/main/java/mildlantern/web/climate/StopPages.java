package mildlantern.web.climate;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import mildlantern.care.Gives;
import mildlantern.care.Needs;
import mildlantern.knowledge.Words;
import mildlantern.light.LightSource;
import mildlantern.light.Photons;
import mildlantern.light.WindowLight;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Wants;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;
import mildlantern.season.PlantYear;
import mildlantern.sensing.HourOfAir;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.season.YearBook;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.StopReading;
import mildlantern.web.stop.Stops;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
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

    private final Stops stops;
    private final Plants plants;
    private final Houses houses;
    private final YearBook years;
    private final Readings readings;
    private final StopClimates climates;
    private final Stations stations;
    private final Needs needs;
    private final WindowLight light;
    private final Clock clock;
    private final SensorLines sensorLines;
    private final StopYears stopYears;
    private final StopToday stopToday;

    StopPages(
            Stops stops,
            Plants plants,
            Houses houses,
            YearBook years,
            Readings readings,
            StopClimates climates,
            Stations stations,
            Needs needs,
            WindowLight light,
            Clock clock,
            SensorLines sensorLines,
            StopYears stopYears,
            StopToday stopToday) {
        this.stops = stops;
        this.plants = plants;
        this.houses = houses;
        this.years = years;
        this.readings = readings;
        this.climates = climates;
        this.stations = stations;
        this.needs = needs;
        this.light = light;
        this.clock = clock;
        this.sensorLines = sensorLines;
        this.stopYears = stopYears;
        this.stopToday = stopToday;
    }

    /** A stop's page. */
    record Page(
            StopId id,
            String name,
            String words,
            AirChart.Drawn chart,
            boolean anyRead,
            List<Span> spans,
            List<StopToday.Now> now,
            List<Fit> misfits,
            int fitting,
            List<Read> typed,
            List<SensorLines.SensorLine> sensors,
            List<SensorLines.FileRow> files,
            List<String> aside,
            Optional<StopYears.Year> year,
            boolean siteSaid) {
        /** What is to be said of all that stands here. */
        public String misfitsHeading() {
            if (misfits.isEmpty()) {
                return fitting == 0
                        ? Wording.say("climate.stop-pages.nothing-stands-here")
                        : Wording.say("climate.stop-pages.everything-here-suits-stop");
            }
            return misfits.size() == 1
                    ? Wording.say("climate.stop-pages.conditions-do-not-suit")
                    : Wording.say("climate.stop-pages.conditions-do-not-suit-2", misfits.size());
        }
    }

    /** A span of time that the chart can show. */
    record Span(String words, int days, boolean shown) {}

    /** A plant that stands badly. */
    record Fit(PlantId plant, String name, String kind, String words) {}

    /** A typed reading in words. */
    record Read(LocalDate day, String light, String humidity, String warmth, String night) {}

    Page page(CollectionId collection, StopId stopId, int days) {
        Stop stop = stops.stop(collection, stopId);
        LocalDate today = LocalDate.now(clock);
        int length = Math.max(2, Math.min(366, days));
        LocalDate from = today.minusDays(length - 1L);
        List<HourOfAir> hours = readings.hours(collection, stopId, from, today);
        List<Plant> plants = this.plants.plantsAt(collection, stopId);
        Map<PlantId, PlantYear> years = this.years.house(collection).of(plants);
        Gives gives = climates.of(collection).getOrDefault(stopId, Gives.NOTHING);
        List<Fit> misfits = new ArrayList<>();
        for (Plant plant : plants) {
            Needs.worst(needs.ofStop(wants(years, plant), climates.at(stop, gives, plant)))
                    .ifPresent(need -> misfits.add(new Fit(
                            plant.id(),
                            plant.name(),
                            this.plants.profile(plant).name(),
                            Wording.of(need.missed().orElseThrow()))));
        }
        List<Wants> wants = plants.stream().map(plant -> wants(years, plant)).toList();
        AirChart.Drawn chart = new AirChart(from, today, clock.getZone())
                .draw(
                        hours,
                        wanted(wants.stream().map(Wants::light).toList()),
                        wanted(wants.stream().map(Wants::humidity).toList()),
                        wanted(wants.stream().map(Wants::day).toList()));
        return new Page(
                stopId,
                stop.name(),
                words(stop),
                chart,
                !hours.isEmpty(),
                spans(length),
                stopToday.now(stop, gives, hours),
                List.copyOf(misfits),
                plants.size() - misfits.size(),
                typed(stop),
                sensorLines.sensors(collection, stopId),
                sensorLines.files(collection, stopId),
                sensorLines.aside(collection, stopId),
                stopYears.year(stop, gives),
                houses.site(collection).said());
    }

    private static Wants wants(Map<PlantId, PlantYear> years, Plant plant) {
        return Objects.requireNonNull(years.get(plant.id())).wants();
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
                        : Wording.say("climate.stop-pages.glass", stop.glass().words()))
                + (stop.glassCm() == null
                        ? ""
                        : Wording.say("climate.stop-pages.at", Units.shown(stop.glassCm(), Unit.Of.LENGTH)));
    }

    private List<Read> typed(Stop stop) {
        return stops.typedReadings(stop, TYPED_SHOWN).stream()
                .map(reading -> new Read(
                        reading.onDay(),
                        reading.dailyLight() != null
                                ? Wording.say(
                                        "climate.stop-pages.mol-m-d-by",
                                        Limits.tenths(reading.dailyLight()),
                                        reading.origin() == StopReading.Origin.METER)
                                : Optional.ofNullable(reading.light())
                                        .map(Words::id)
                                        .orElse(""),
                        with(reading.humidityPercent(), " %"),
                        degrees(reading.dayCelsius()),
                        degrees(reading.nightCelsius())))
                .toList();
    }

    private static String degrees(@Nullable Double celsius) {
        return celsius == null ? "" : Units.shown(celsius, Unit.Of.TEMPERATURE);
    }

    private static String with(@Nullable Double value, String unit) {
        return value == null ? "" : Limits.plain(value) + unit;
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
                        light.cloud(Objects.requireNonNull(meter.sky())));
    }
}

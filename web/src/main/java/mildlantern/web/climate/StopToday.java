package mildlantern.web.climate;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import mildlantern.air.Air;
import mildlantern.air.AirKnowledge;
import mildlantern.care.Figure;
import mildlantern.care.Gives;
import mildlantern.quantity.Limits;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.sensing.DayOfAir;
import mildlantern.sensing.HourOfAir;
import mildlantern.weather.NightForecast;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.StopKind;
import mildlantern.web.stop.Weathers;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** What a stop gives now, by what is known of it. */
@Component
class StopToday {
    private static final DayFormat DAY = DayFormat.SHORT;

    private final Weathers weathers;
    private final AirKnowledge air;
    private final Clock clock;

    StopToday(Weathers weathers, AirKnowledge air, Clock clock) {
        this.weathers = weathers;
        this.air = air;
        this.clock = clock;
    }

    /** A figure of now. */
    record Now(String what, String value, String soft) {}

    List<Now> now(Stop stop, Gives gives, List<HourOfAir> hours) {
        List<Now> now = new ArrayList<>();
        gives.light()
                .ifPresent(it -> now.add(new Now(
                        Wording.say("climate.stop-today.light"),
                        Wording.say("climate.stop-today.mol-m-d", Limits.tenths(it.value())),
                        Wording.of(it.from()))));
        gives.humidity()
                .ifPresent(it -> now.add(new Now(
                        Wording.say("climate.stop-today.humidity"),
                        Math.round(it.value()) + " %",
                        span(it, value -> Limits.plain(Math.rint(value)), " %"))));
        gives.byDay()
                .ifPresent(it -> now.add(new Now(
                        Wording.say("climate.stop-today.day-temperature"),
                        Units.shown(it.value(), Unit.Of.TEMPERATURE),
                        span(
                                it,
                                value -> Units.number(value, Unit.Of.TEMPERATURE),
                                " " + Units.name(Unit.Of.TEMPERATURE)))));
        gives.night()
                .ifPresent(it -> now.add(new Now(
                        Wording.say("climate.stop-today.lowest-night"),
                        Units.shown(it.value(), Unit.Of.TEMPERATURE),
                        Wording.of(it.from()))));
        if (gives.humidity().isPresent() && gives.byDay().isPresent()) {
            double kpa = Air.deficit(
                            new Temperature(gives.byDay().get().value()),
                            new RelativeHumidity(
                                    Math.min(100, gives.humidity().get().value())))
                    .kilopascal();
            AirKnowledge.Marks marks = air.marks();
            now.add(new Now(
                    Wording.say("climate.stop-today.vpd"),
                    Limits.plain(Math.round(kpa * 100) / 100.0) + " kPa",
                    kpa > marks.dryKpa()
                            ? Wording.say("climate.stop-today.soft-leaves-crisp")
                            : kpa < marks.closeKpa()
                                    ? Wording.say("climate.stop-today.nothing-dries")
                                    : Wording.say("climate.stop-today.right-most-leaves")));
        }
        List<DayOfAir> lately = DayOfAir.of(hours, clock.getZone());
        LocalDate week = LocalDate.now(clock).minusDays(7);
        List<DayOfAir> days =
                lately.stream().filter(day -> day.day().isAfter(week)).toList();
        DayOfAir.mean(days, DayOfAir::wetHours, 2)
                .ifPresent(wet -> gives.byDay().ifPresent(warm -> {
                    double risk = air.leafSpotRisk(new Temperature(warm.value()), Math.min(24, wet));
                    now.add(new Now(
                            Wording.say("climate.stop-today.leaf-spot-risk"),
                            Math.round(risk * 100) + " %",
                            risk >= air.marks().risky()
                                    ? Wording.say("climate.stop-today.humid-air-h-day", Limits.tenths(wet))
                                    : Wording.say("climate.stop-today.humid-air-h-day-2", Limits.tenths(wet))));
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
                    Wording.say("climate.stop-today.next-nights"),
                    Wording.say(
                            "climate.stop-today.down",
                            Units.shown(coldest.lowest().celsius(), Unit.Of.TEMPERATURE)),
                    Wording.say(
                            "climate.stop-today.likely",
                            DAY.format(coldest.evening()),
                            Units.number(coldest.likely().low(), Unit.Of.TEMPERATURE),
                            Units.shown(coldest.likely().high(), Unit.Of.TEMPERATURE)));
        });
    }

    private static String span(Figure figure, DoubleFunction<String> shown, String unit) {
        return figure.days() == 0
                ? Wording.of(figure.from())
                : Wording.say(
                        "climate.stop-today.days",
                        shown.apply(figure.spread().low()),
                        shown.apply(figure.spread().high()),
                        unit,
                        figure.days());
    }
}

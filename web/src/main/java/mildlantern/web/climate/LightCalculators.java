package mildlantern.web.climate;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import mildlantern.air.Glazing;
import mildlantern.light.Curtain;
import mildlantern.light.LightSource;
import mildlantern.light.Photons;
import mildlantern.light.Window;
import mildlantern.light.WindowLight;
import mildlantern.message.MessageKey;
import mildlantern.web.calculator.Asks;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Calculator.Answer;
import mildlantern.web.calculator.Calculator.Line;
import mildlantern.web.calculator.Form;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** What a meter, a window and a lamp give in light. */
@Component
class LightCalculators {
    private final WindowLight light;
    private final Clock clock;

    LightCalculators(WindowLight light, Clock clock) {
        this.light = light;
        this.clock = clock;
    }

    /** Which way a window looks. */
    private enum Faces implements MessageKey {
        NORTH(0),
        NORTH_EAST(45),
        EAST(90),
        SOUTH_EAST(135),
        SOUTH(180),
        SOUTH_WEST(225),
        WEST(270),
        NORTH_WEST(315);

        private final double degrees;

        Faces(double degrees) {

            this.degrees = degrees;
        }

        String words() {
            return Wording.of(this);
        }
    }

    /** What a meter was set to. */
    private enum Meter implements MessageKey {
        LUX,
        FOOT_CANDLE,
        PPFD;

        String words() {
            return Wording.of(this);
        }
    }

    Calculator<?> meter() {
        return new Calculator<>("meter", Form.of(MeterAsked.class), asked -> {
            double reading = asked.reading();
            LightSource source = asked.source();
            double ppfd = switch (asked.in()) {
                case LUX -> light.ppfd(reading, source);
                case FOOT_CANDLE -> light.ppfd(Math.min(200_000, reading * Photons.LUX_PER_FOOT_CANDLE), source);
                case PPFD -> Math.min(3000, reading);
            };
            return new Answer(
                    List.of(
                            Line.of(
                                    Wording.say("climate.light-calculators.daily-light"),
                                    Photons.daily(Math.min(3000, ppfd), asked.hours()),
                                    "mol/m²"),
                            Line.of(Wording.say("climate.light-calculators.photons"), ppfd, "µmol/m²s")),
                    List.of(Wording.say("climate.light-calculators.daylight-changes-by-hour")),
                    List.of());
        });
    }

    Calculator<?> window() {
        return new Calculator<>("window", Form.of(WindowAsked.class), this::windowAnswer);
    }

    private Answer windowAnswer(WindowAsked asked) {
        Window window;
        try {
            window = new Window(
                    asked.faces().degrees,
                    asked.width() / 100,
                    asked.bottom() / 100,
                    asked.top() / 100,
                    asked.glass(),
                    asked.curtain(),
                    asked.skyline());
        } catch (IllegalArgumentException e) {
            return Answer.refused("top", Wording.say("climate.light-calculators.upper-edge-must-above"));
        }
        int year = LocalDate.now(clock).getYear();
        double distance = asked.distance() / 100;
        double latitude = asked.latitude();
        double cloud = asked.cloud() / 100;
        List<Line> lines = new ArrayList<>();
        WindowLight.Day today = light.day(window, distance, latitude, LocalDate.now(clock), cloud);
        lines.add(Line.of(Wording.say("climate.light-calculators.today"), today.mol(), "mol/m²"));
        lines.add(Line.of(Wording.say("climate.light-calculators.sun-today-if-shines"), today.sunHours(), "h"));
        for (int month = 3; month <= 12; month += 3) {
            WindowLight.Day day = light.day(window, distance, latitude, LocalDate.of(year, month, 21), cloud);
            lines.add(Line.of(DayFormat.LONG.format(LocalDate.of(year, month, 21)), day.mol(), "mol/m²"));
        }
        return new Answer(lines, List.of(Wording.say("climate.light-calculators.reading-by-meter-phone")), List.of());
    }

    static Calculator<?> lamp() {
        return new Calculator<>("lamp", Form.of(LampAsked.class), asked -> {
            double ppfd = Photons.atDistance(asked.ppfd(), asked.at(), asked.distance());
            double hours =
                    Photons.hoursFor(Math.max(0, asked.wants() - asked.has()), Math.max(0.1, Math.min(3000, ppfd)));
            List<String> warnings = new ArrayList<>();
            if (hours > 16) {
                warnings.add(Wording.say("climate.light-calculators.more-than-16-hours"));
            }
            return new Answer(
                    List.of(
                            Line.of(
                                    Wording.say("climate.light-calculators.lamp"),
                                    hours,
                                    Wording.say("climate.light-calculators.hours-day")),
                            Line.of(Wording.say("climate.light-calculators.light-distance"), ppfd, "µmol/m²s"),
                            Line.of(
                                    Wording.say("climate.light-calculators.missing"),
                                    Math.max(0, asked.wants() - asked.has()),
                                    "mol/m²")),
                    warnings,
                    List.of());
        });
    }

    record MeterAsked(
            @Asks.Number(preset = 5000, low = 0, high = 200_000)
            double reading,

            @Asks.Choice(preset = "lux") Meter in,
            @Asks.Choice(preset = "daylight") LightSource source,

            @Asks.Number(preset = 10, low = 0, high = 24) double hours) {}

    record WindowAsked(
            @Asks.Choice(preset = "south") Faces faces,

            @Asks.Number(preset = 52, low = -66, high = 66) double latitude,

            @Asks.Number(preset = 40, low = 5, high = 1000, in = Unit.CENTIMETRE)
            double distance,

            @Asks.Number(preset = 120, low = 10, high = 2000, in = Unit.CENTIMETRE)
            double width,

            @Asks.Number(preset = 0, low = -500, high = 500, in = Unit.CENTIMETRE)
            double bottom,

            @Asks.Number(preset = 140, low = 5, high = 1000, in = Unit.CENTIMETRE)
            double top,

            @Asks.Number(preset = 15, low = 0, high = 80) double skyline,

            @Asks.Choice(preset = "double") Glazing glass,

            @Asks.Choice(preset = "none") Curtain curtain,

            @Asks.Number(preset = 60, low = 0, high = 100) double cloud) {}

    record LampAsked(
            @Asks.Number(preset = 3, low = 0, high = 60) double has,

            @Asks.Number(preset = 8, low = 0, high = 60) double wants,

            @Asks.Number(preset = 150, low = 1, high = 2000) double ppfd,

            @Asks.Number(preset = 30, low = 1, high = 500, in = Unit.CENTIMETRE)
            double at,

            @Asks.Number(preset = 30, low = 1, high = 500, in = Unit.CENTIMETRE)
            double distance) {}
}

package mildlantern.web.climate;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mildlantern.air.Glazing;
import mildlantern.light.Curtain;
import mildlantern.light.LightSource;
import mildlantern.light.Photons;
import mildlantern.light.Window;
import mildlantern.light.WindowLight;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Calculator.Answer;
import mildlantern.web.calculator.Calculator.Line;
import mildlantern.web.calculator.Field;
import mildlantern.web.calculator.Given;
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
    private enum Faces {
        NORTH("north", 0),
        NORTH_EAST("north-east", 45),
        EAST("east", 90),
        SOUTH_EAST("south-east", 135),
        SOUTH("south", 180),
        SOUTH_WEST("south-west", 225),
        WEST("west", 270),
        NORTH_WEST("north-west", 315);

        private final String words;
        private final double degrees;

        Faces(String words, double degrees) {
            this.words = words;
            this.degrees = degrees;
        }

        String words() {
            return words;
        }
    }

    /** What a meter was set to. */
    private enum Meter {
        LUX("lux"),
        FOOT_CANDLE("foot-candles"),
        PPFD("µmol/m²s");

        private final String words;

        Meter(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    Calculator meter() {
        return new Calculator(
                "meter",
                "Meter reading",
                "What a reading is in photons, and in a day.",
                List.of(
                        Field.number("reading", "Reading", "", 5000, 0, 200_000),
                        Field.choice("in", "in", Meter.LUX, Meter.class, Meter::words),
                        Field.choice("source", "of", LightSource.DAYLIGHT, LightSource.class, LightSource::words),
                        Field.number("hours", "Hours of such light", "a day", 10, 0, 24)),
                given -> {
                    double reading = given.number("reading");
                    LightSource source = given.constant(LightSource.class, "source");
                    double ppfd = switch (given.constant(Meter.class, "in")) {
                        case LUX -> light.ppfd(reading, source);
                        case FOOT_CANDLE ->
                            light.ppfd(Math.min(200_000, reading * Photons.LUX_PER_FOOT_CANDLE), source);
                        case PPFD -> Math.min(3000, reading);
                    };
                    return new Answer(
                            List.of(
                                    Line.of(
                                            "Daily light",
                                            Photons.daily(Math.min(3000, ppfd), given.number("hours")),
                                            "mol/m²"),
                                    Line.of("Photons", ppfd, "µmol/m²s")),
                            List.of(
                                    "Daylight changes by the hour: read it at noon under an even sky, or several times."),
                            List.of());
                });
    }

    Calculator window() {
        return new Calculator(
                "window",
                "Window",
                "What a window gives a plant, by its direction, size, glass and distance.",
                List.of(
                        Field.choice("faces", "It faces", Faces.SOUTH, Faces.class, Faces::words),
                        Field.number("latitude", "Latitude, south below 0", "°", 52, -66, 66),
                        Field.number("distance", "Plant from the glass", "cm", 40, 5, 1000),
                        Field.number("width", "Width", "cm", 120, 10, 2000),
                        Field.number("bottom", "Lower edge over the leaves", "cm", 0, -500, 500),
                        Field.number("top", "Upper edge over the leaves", "cm", 140, 5, 1000),
                        Field.number("skyline", "Outside is so high", "°", 15, 0, 80),
                        Field.choice("glass", "Glass", Glazing.DOUBLE, Glazing.class, Glazing::words),
                        Field.choice("curtain", "Before it", Curtain.NONE, Curtain.class, Curtain::words),
                        Field.number("cloud", "Sky in cloud", "%", 60, 0, 100)),
                this::windowAnswer);
    }

    private Answer windowAnswer(Given given) {
        Window window;
        try {
            window = new Window(
                    given.constant(Faces.class, "faces").degrees,
                    given.number("width") / 100,
                    given.number("bottom") / 100,
                    given.number("top") / 100,
                    given.constant(Glazing.class, "glass"),
                    given.constant(Curtain.class, "curtain"),
                    given.number("skyline"));
        } catch (IllegalArgumentException e) {
            given.problem("top", "The upper edge lies above the lower one and above the leaves.");
            return Answer.none();
        }
        int year = LocalDate.now(clock).getYear();
        double distance = given.number("distance") / 100;
        double latitude = given.number("latitude");
        double cloud = given.number("cloud") / 100;
        List<Line> lines = new ArrayList<>();
        WindowLight.Day today = light.day(window, distance, latitude, LocalDate.now(clock), cloud);
        lines.add(Line.of("Today", today.mol(), "mol/m²"));
        lines.add(Line.of("Sun on it today, if it shines", today.sunHours(), "h"));
        for (int month = 3; month <= 12; month += 3) {
            WindowLight.Day day = light.day(window, distance, latitude, LocalDate.of(year, month, 21), cloud);
            lines.add(Line.of(
                    "21 " + LocalDate.of(year, month, 21).getMonth().getDisplayName(TextStyle.FULL, Locale.UK),
                    day.mol(),
                    "mol/m²"));
        }
        return new Answer(
                lines,
                List.of(
                        "A reading by a meter or a phone stands above this; it is right to a half or double in a real room."),
                List.of());
    }

    static Calculator lamp() {
        return new Calculator(
                "lamp",
                "Lamp",
                "How long a lamp must burn to make up what the window lacks.",
                List.of(
                        Field.number("has", "The place has", "mol/m² a day", 3, 0, 60),
                        Field.number("wants", "The plant wants", "mol/m² a day", 8, 0, 60),
                        Field.number("ppfd", "Lamp reads", "µmol/m²s", 150, 1, 2000),
                        Field.number("at", "read at", "cm", 30, 1, 500),
                        Field.number("distance", "hung at", "cm", 30, 1, 500)),
                given -> {
                    double ppfd =
                            Photons.atDistance(given.number("ppfd"), given.number("at"), given.number("distance"));
                    double hours = Photons.hoursFor(
                            Math.max(0, given.number("wants") - given.number("has")),
                            Math.max(0.1, Math.min(3000, ppfd)));
                    List<String> warnings = new ArrayList<>();
                    if (hours > 16) {
                        warnings.add(
                                "More than 16 hours: hang it nearer, or take a stronger one. Plants need their night, and those that bloom by long nights twelve hours of it.");
                    }
                    return new Answer(
                            List.of(
                                    Line.of("Lamp on", hours, "h a day"),
                                    Line.of("Light at that distance", ppfd, "µmol/m²s"),
                                    Line.of(
                                            "What is lacking",
                                            Math.max(0, given.number("wants") - given.number("has")),
                                            "mol/m²")),
                            warnings,
                            List.of());
                });
    }
}

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
import mildlantern.web.calculator.Asks;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Calculator.Answer;
import mildlantern.web.calculator.Calculator.Line;
import mildlantern.web.calculator.Form;
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

    Calculator<?> meter() {
        return new Calculator<>(
                "meter",
                "Meter reading",
                "What a reading is in photons, and in a day.",
                Form.of(MeterAsked.class)
                        .worded(Meter.class, Meter::words)
                        .worded(LightSource.class, LightSource::words),
                asked -> {
                    double reading = asked.reading();
                    LightSource source = asked.source();
                    double ppfd = switch (asked.in()) {
                        case LUX -> light.ppfd(reading, source);
                        case FOOT_CANDLE ->
                            light.ppfd(Math.min(200_000, reading * Photons.LUX_PER_FOOT_CANDLE), source);
                        case PPFD -> Math.min(3000, reading);
                    };
                    return new Answer(
                            List.of(
                                    Line.of(
                                            "Daily light",
                                            Photons.daily(Math.min(3000, ppfd), asked.hours()),
                                            "mol/m²"),
                                    Line.of("Photons", ppfd, "µmol/m²s")),
                            List.of(
                                    "Daylight changes by the hour: read it at noon under an even sky, or several times."),
                            List.of());
                });
    }

    Calculator<?> window() {
        return new Calculator<>(
                "window",
                "Window",
                "What a window gives a plant, by its direction, size, glass and distance.",
                Form.of(WindowAsked.class)
                        .worded(Faces.class, Faces::words)
                        .worded(Glazing.class, Glazing::words)
                        .worded(Curtain.class, Curtain::words),
                this::windowAnswer);
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
            return Answer.refused("top", "The upper edge lies above the lower one and above the leaves.");
        }
        int year = LocalDate.now(clock).getYear();
        double distance = asked.distance() / 100;
        double latitude = asked.latitude();
        double cloud = asked.cloud() / 100;
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

    static Calculator<?> lamp() {
        return new Calculator<>(
                "lamp",
                "Lamp",
                "How long a lamp must burn to make up what the window lacks.",
                Form.of(LampAsked.class),
                asked -> {
                    double ppfd = Photons.atDistance(asked.ppfd(), asked.at(), asked.distance());
                    double hours = Photons.hoursFor(
                            Math.max(0, asked.wants() - asked.has()), Math.max(0.1, Math.min(3000, ppfd)));
                    List<String> warnings = new ArrayList<>();
                    if (hours > 16) {
                        warnings.add(
                                "More than 16 hours: hang it nearer, or take a stronger one. Plants need their night, and those that bloom by long nights twelve hours of it.");
                    }
                    return new Answer(
                            List.of(
                                    Line.of("Lamp on", hours, "h a day"),
                                    Line.of("Light at that distance", ppfd, "µmol/m²s"),
                                    Line.of("What is lacking", Math.max(0, asked.wants() - asked.has()), "mol/m²")),
                            warnings,
                            List.of());
                });
    }

    record MeterAsked(
            @Asks.Number(label = "Reading", preset = 5000, low = 0, high = 200_000)
            double reading,

            @Asks.Choice(label = "in", preset = "lux") Meter in,
            @Asks.Choice(label = "of", preset = "daylight") LightSource source,

            @Asks.Number(label = "Hours of such light", unit = "a day", preset = 10, low = 0, high = 24)
            double hours) {}

    record WindowAsked(
            @Asks.Choice(label = "It faces", preset = "south")
            Faces faces,

            @Asks.Number(label = "Latitude, south below 0", unit = "°", preset = 52, low = -66, high = 66)
            double latitude,

            @Asks.Number(label = "Plant from the glass", unit = "cm", preset = 40, low = 5, high = 1000)
            double distance,

            @Asks.Number(label = "Width", unit = "cm", preset = 120, low = 10, high = 2000)
            double width,

            @Asks.Number(label = "Lower edge over the leaves", unit = "cm", preset = 0, low = -500, high = 500)
            double bottom,

            @Asks.Number(label = "Upper edge over the leaves", unit = "cm", preset = 140, low = 5, high = 1000)
            double top,

            @Asks.Number(label = "Outside is so high", unit = "°", preset = 15, low = 0, high = 80)
            double skyline,

            @Asks.Choice(label = "Glass", preset = "double") Glazing glass,

            @Asks.Choice(label = "Before it", preset = "none")
            Curtain curtain,

            @Asks.Number(label = "Sky in cloud", unit = "%", preset = 60, low = 0, high = 100)
            double cloud) {}

    record LampAsked(
            @Asks.Number(label = "The place has", unit = "mol/m² a day", preset = 3, low = 0, high = 60)
            double has,

            @Asks.Number(label = "The plant wants", unit = "mol/m² a day", preset = 8, low = 0, high = 60)
            double wants,

            @Asks.Number(label = "Lamp reads", unit = "µmol/m²s", preset = 150, low = 1, high = 2000)
            double ppfd,

            @Asks.Number(label = "read at", unit = "cm", preset = 30, low = 1, high = 500)
            double at,

            @Asks.Number(label = "hung at", unit = "cm", preset = 30, low = 1, high = 500)
            double distance) {}
}

package mildlantern.web.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mildlantern.air.Air;
import mildlantern.air.AirKnowledge;
import mildlantern.air.Glazing;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Calculator.Answer;
import mildlantern.web.calculator.Calculator.Line;
import mildlantern.web.calculator.Field;
import mildlantern.web.calculator.Given;
import org.springframework.stereotype.Component;

/** What the air and the light of a place come to. */
@Component
class ClimateCalculators {
    private final AirKnowledge air;
    private final LightCalculators lightCalculators;

    ClimateCalculators(AirKnowledge air, LightCalculators lightCalculators) {
        this.air = air;
        this.lightCalculators = lightCalculators;
    }

    List<Calculator> all() {
        return List.of(
                pull(),
                heated(),
                humidifier(),
                pane(),
                leafSpot(),
                lightCalculators.meter(),
                lightCalculators.window(),
                LightCalculators.lamp());
    }

    private static Field celsius(String name, String label, double preset) {
        return Field.number(name, label, "°C", preset, -40, 50);
    }

    private static Field humidity(String name, String label, double preset) {
        return Field.number(name, label, "%", preset, 1, 100);
    }

    private static Temperature temperature(Given given, String name) {
        return new Temperature(given.number(name));
    }

    private static RelativeHumidity relative(Given given, String name) {
        return new RelativeHumidity(given.number(name));
    }

    private Calculator pull() {
        return new Calculator(
                "pull",
                "Pull of the air",
                "How much the air draws from leaves, its dew point and its water.",
                List.of(celsius("t", "Air", 21), humidity("rh", "Humidity", 45)),
                given -> {
                    Temperature t = temperature(given, "t");
                    RelativeHumidity rh = relative(given, "rh");
                    double deficit = Air.deficit(t, rh).kilopascal();
                    List<String> warnings = new ArrayList<>();
                    if (deficit > air.marks().dryKpa()) {
                        warnings.add("Soft-leaved tropicals lose more than their roots bring: edges crisp.");
                    } else if (deficit < air.marks().closeKpa()) {
                        warnings.add("Air so moist dries nothing: let it move, and keep leaves dry by night.");
                    }
                    return new Answer(
                            List.of(
                                    Line.of("Vapour pressure deficit", deficit, "kPa"),
                                    Line.of("Dew point", Air.dewPoint(t, rh).celsius(), "°C"),
                                    Line.of("Water in the air", Air.gramsPerCubicMetre(t, rh), "g per m³"),
                                    Line.of("Saturation pressure", Air.saturationKpa(t), "kPa")),
                            warnings,
                            List.of());
                });
    }

    private static Calculator heated() {
        return new Calculator(
                "heated",
                "Heated air",
                "What becomes of air from outside when it is heated: why leaves crisp in winter.",
                List.of(
                        celsius("out", "Outside", 0),
                        humidity("rh", "Humidity there", 90),
                        celsius("in", "Heated to", 21)),
                given -> {
                    double inside = Air.broughtTo(
                                    temperature(given, "out"), relative(given, "rh"), temperature(given, "in"))
                            .percent();
                    return new Answer(
                            List.of(
                                    Line.of("Humidity inside", inside, "%"),
                                    Line.of(
                                            "Pull on leaves",
                                            Air.deficit(temperature(given, "in"), new RelativeHumidity(inside))
                                                    .kilopascal(),
                                            "kPa")),
                            inside < 35
                                    ? List.of("Misting adds nothing lasting; grouping plants and a humidifier do.")
                                    : List.of(),
                            List.of());
                });
    }

    private Calculator humidifier() {
        return new Calculator(
                "humidifier",
                "Humidifier",
                "What must be evaporated to hold a room at a humidity.",
                List.of(
                        Field.number("volume", "Room", "m³", 45, 0.1, 10_000),
                        Field.number("changes", "Air changes", "an hour", 0.5, 0.1, 10),
                        celsius("in", "Room", 21),
                        humidity("wanted", "Wanted", 50),
                        celsius("out", "Outside", 0),
                        humidity("rh", "Humidity there", 90)),
                given -> {
                    double grams = Air.humidifierGramsPerHour(
                            given.number("volume"),
                            given.number("changes"),
                            temperature(given, "in"),
                            relative(given, "wanted"),
                            temperature(given, "out"),
                            relative(given, "rh"));
                    return new Answer(
                            List.of(
                                    Line.of("Water a day", grams * 24 / 1000, "L"),
                                    Line.of("An hour", grams, "g"),
                                    Line.of(
                                            "Humidity without it",
                                            Air.broughtTo(
                                                            temperature(given, "out"),
                                                            relative(given, "rh"),
                                                            temperature(given, "in"))
                                                    .percent(),
                                            "%")),
                            List.of(String.format(
                                    Locale.ROOT,
                                    "Grouping watered plants adds roughly %.0f to %.0f %% for nothing; a tray next to nothing.",
                                    air.grouping().low(),
                                    air.grouping().high())),
                            List.of());
                });
    }

    private Calculator pane() {
        return new Calculator(
                "pane",
                "Cold glass",
                "How cold a leaf gets at a window by night.",
                List.of(
                        celsius("in", "Room", 19),
                        celsius("out", "Outside", -5),
                        Field.choice("glass", "Glass", Glazing.DOUBLE, Glazing.class, Glazing::words),
                        Field.number("distance", "Leaf from the glass", "cm", 0, 0, 500)),
                given -> {
                    Glazing glazing = given.constant(Glazing.class, "glass");
                    double leaf = air.leafAtPane(
                                    temperature(given, "in"),
                                    temperature(given, "out"),
                                    glazing,
                                    given.number("distance"))
                            .celsius();
                    return new Answer(
                            List.of(
                                    Line.of("Leaf", leaf, "°C"),
                                    Line.of("Colder than the room by", given.number("in") - leaf, "°C"),
                                    Line.of(
                                            "Inner face of the glass",
                                            air.paneInside(temperature(given, "in"), temperature(given, "out"), glazing)
                                                    .celsius(),
                                            "°C")),
                            leaf < air.marks().chillCelsius()
                                    ? List.of(
                                            "Tropicals are hurt below 10 to 12 °C within hours: take them off the glass by night.")
                                    : List.of(),
                            List.of());
                });
    }

    private Calculator leafSpot() {
        return new Calculator(
                "leaf-spot",
                "Leaf spot",
                "How near wet leaves are to what a leaf spot needs, and what would lower it most.",
                List.of(celsius("t", "While wet", 22), Field.number("wet", "Leaves wet", "h a day", 6, 0, 24)),
                given -> {
                    Temperature t = temperature(given, "t");
                    double wet = given.number("wet");
                    double risk = air.leafSpotRisk(t, wet);
                    double drier = air.leafSpotRisk(t, wet / 2);
                    double cooler = air.leafSpotRisk(new Temperature(t.celsius() - 4), wet);
                    List<String> warnings = new ArrayList<>();
                    if (risk >= air.marks().risky()) {
                        warnings.add(
                                risk - drier >= risk - cooler
                                        ? "Half the wet hours would lower it most: water below the leaves, in the morning, and let air move."
                                        : "Four degrees cooler would lower it most.");
                    }
                    return new Answer(
                            List.of(
                                    Line.of("Of what infects", risk * 100, "%"),
                                    Line.of("With half the wet hours", drier * 100, "%"),
                                    Line.of("Four degrees cooler", cooler * 100, "%")),
                            warnings,
                            List.of());
                });
    }
}

package mildlantern.web.climate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mildlantern.air.Air;
import mildlantern.air.AirKnowledge;
import mildlantern.air.Glazing;
import mildlantern.quantity.RelativeHumidity;
import mildlantern.quantity.Temperature;
import mildlantern.web.calculator.Asks;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Calculator.Answer;
import mildlantern.web.calculator.Calculator.Line;
import mildlantern.web.calculator.Form;
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

    List<Calculator<?>> all() {
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

    private Calculator<?> pull() {
        return new Calculator<>(
                "pull",
                "Pull of the air",
                "How much the air draws from leaves, its dew point and its water.",
                Form.of(PullAsked.class),
                asked -> {
                    Temperature t = asked.t();
                    RelativeHumidity rh = asked.rh();
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

    private static Calculator<?> heated() {
        return new Calculator<>(
                "heated",
                "Heated air",
                "What becomes of air from outside when it is heated: why leaves crisp in winter.",
                Form.of(HeatedAsked.class),
                asked -> {
                    double inside =
                            Air.broughtTo(asked.out(), asked.rh(), asked.in()).percent();
                    return new Answer(
                            List.of(
                                    Line.of("Humidity inside", inside, "%"),
                                    Line.of(
                                            "Pull on leaves",
                                            Air.deficit(asked.in(), new RelativeHumidity(inside))
                                                    .kilopascal(),
                                            "kPa")),
                            inside < 35
                                    ? List.of("Misting adds nothing lasting; grouping plants and a humidifier do.")
                                    : List.of(),
                            List.of());
                });
    }

    private Calculator<?> humidifier() {
        return new Calculator<>(
                "humidifier",
                "Humidifier",
                "What must be evaporated to hold a room at a humidity.",
                Form.of(HumidifierAsked.class),
                asked -> {
                    double grams = Air.humidifierGramsPerHour(
                            asked.volume(), asked.changes(), asked.in(), asked.wanted(), asked.out(), asked.rh());
                    return new Answer(
                            List.of(
                                    Line.of("Water a day", grams * 24 / 1000, "L"),
                                    Line.of("An hour", grams, "g"),
                                    Line.of(
                                            "Humidity without it",
                                            Air.broughtTo(asked.out(), asked.rh(), asked.in())
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

    private Calculator<?> pane() {
        return new Calculator<>(
                "pane",
                "Cold glass",
                "How cold a leaf gets at a window by night.",
                Form.of(PaneAsked.class).worded(Glazing.class, Glazing::words),
                asked -> {
                    Glazing glazing = asked.glass();
                    double leaf = air.leafAtPane(asked.in(), asked.out(), glazing, asked.distance())
                            .celsius();
                    return new Answer(
                            List.of(
                                    Line.of("Leaf", leaf, "°C"),
                                    Line.of(
                                            "Colder than the room by",
                                            asked.in().celsius() - leaf,
                                            "°C"),
                                    Line.of(
                                            "Inner face of the glass",
                                            air.paneInside(asked.in(), asked.out(), glazing)
                                                    .celsius(),
                                            "°C")),
                            leaf < air.marks().chillCelsius()
                                    ? List.of(
                                            "Tropicals are hurt below 10 to 12 °C within hours: take them off the glass by night.")
                                    : List.of(),
                            List.of());
                });
    }

    private Calculator<?> leafSpot() {
        return new Calculator<>(
                "leaf-spot",
                "Leaf spot",
                "How near wet leaves are to what a leaf spot needs, and what would lower it most.",
                Form.of(LeafSpotAsked.class),
                asked -> {
                    Temperature t = asked.t();
                    double wet = asked.wet();
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

    record PullAsked(
            @Asks.Number(label = "Air", unit = "°C", preset = 21, low = -40, high = 50)
            Temperature t,

            @Asks.Number(label = "Humidity", unit = "%", preset = 45, low = 1, high = 100)
            RelativeHumidity rh) {}

    record HeatedAsked(
            @Asks.Number(label = "Outside", unit = "°C", preset = 0, low = -40, high = 50)
            Temperature out,

            @Asks.Number(label = "Humidity there", unit = "%", preset = 90, low = 1, high = 100)
            RelativeHumidity rh,

            @Asks.Number(label = "Heated to", unit = "°C", preset = 21, low = -40, high = 50)
            Temperature in) {}

    record HumidifierAsked(
            @Asks.Number(label = "Room", unit = "m³", preset = 45, low = 0.1, high = 10_000)
            double volume,

            @Asks.Number(label = "Air changes", unit = "an hour", preset = 0.5, low = 0.1, high = 10)
            double changes,

            @Asks.Number(label = "Room", unit = "°C", preset = 21, low = -40, high = 50)
            Temperature in,

            @Asks.Number(label = "Wanted", unit = "%", preset = 50, low = 1, high = 100)
            RelativeHumidity wanted,

            @Asks.Number(label = "Outside", unit = "°C", preset = 0, low = -40, high = 50)
            Temperature out,

            @Asks.Number(label = "Humidity there", unit = "%", preset = 90, low = 1, high = 100)
            RelativeHumidity rh) {}

    record PaneAsked(
            @Asks.Number(label = "Room", unit = "°C", preset = 19, low = -40, high = 50)
            Temperature in,

            @Asks.Number(label = "Outside", unit = "°C", preset = -5, low = -40, high = 50)
            Temperature out,

            @Asks.Choice(label = "Glass", preset = "double") Glazing glass,

            @Asks.Number(label = "Leaf from the glass", unit = "cm", preset = 0, low = 0, high = 500)
            double distance) {}

    record LeafSpotAsked(
            @Asks.Number(label = "While wet", unit = "°C", preset = 22, low = -40, high = 50)
            Temperature t,

            @Asks.Number(label = "Leaves wet", unit = "h a day", preset = 6, low = 0, high = 24)
            double wet) {}
}

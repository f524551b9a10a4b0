package mildlantern.web.climate;

import java.util.ArrayList;
import java.util.List;
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
import mildlantern.web.words.Unit;
import mildlantern.web.words.Wording;
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
        return new Calculator<>("pull", Form.of(PullAsked.class), asked -> {
            Temperature t = asked.t();
            RelativeHumidity rh = asked.rh();
            double deficit = Air.deficit(t, rh).kilopascal();
            List<String> warnings = new ArrayList<>();
            if (deficit > air.marks().dryKpa()) {
                warnings.add(Wording.say("climate.climate-calculators.soft-leaved-tropicals-lose"));
            } else if (deficit < air.marks().closeKpa()) {
                warnings.add(Wording.say("climate.climate-calculators.nothing-dries-air-humid"));
            }
            return new Answer(
                    List.of(
                            Line.of(Wording.say("climate.climate-calculators.vpd-2"), deficit, "kPa"),
                            Line.in(
                                    Wording.say("climate.climate-calculators.dew-point"),
                                    Air.dewPoint(t, rh).celsius(),
                                    Unit.CELSIUS),
                            Line.of(
                                    Wording.say("climate.climate-calculators.water-air"),
                                    Air.gramsPerCubicMetre(t, rh),
                                    Wording.say("climate.climate-calculators.g-per-m")),
                            Line.of(
                                    Wording.say("climate.climate-calculators.saturation-pressure"),
                                    Air.saturationKpa(t),
                                    "kPa")),
                    warnings,
                    List.of());
        });
    }

    private static Calculator<?> heated() {
        return new Calculator<>("heated", Form.of(HeatedAsked.class), asked -> {
            double inside = Air.broughtTo(asked.out(), asked.rh(), asked.in()).percent();
            return new Answer(
                    List.of(
                            Line.of(Wording.say("climate.climate-calculators.humidity-inside"), inside, "%"),
                            Line.of(
                                    Wording.say("climate.climate-calculators.vpd"),
                                    Air.deficit(asked.in(), new RelativeHumidity(inside))
                                            .kilopascal(),
                                    "kPa")),
                    inside < 35 ? List.of(Wording.say("climate.climate-calculators.misting-does-not-last")) : List.of(),
                    List.of());
        });
    }

    private Calculator<?> humidifier() {
        return new Calculator<>("humidifier", Form.of(HumidifierAsked.class), asked -> {
            double grams = Air.humidifierGramsPerHour(
                    asked.volume(), asked.changes(), asked.in(), asked.wanted(), asked.out(), asked.rh());
            return new Answer(
                    List.of(
                            Line.of(Wording.say("climate.climate-calculators.water-day"), grams * 24 / 1000, "L"),
                            Line.of(Wording.say("climate.climate-calculators.hour"), grams, "g"),
                            Line.of(
                                    Wording.say("climate.climate-calculators.humidity-without"),
                                    Air.broughtTo(asked.out(), asked.rh(), asked.in())
                                            .percent(),
                                    "%")),
                    List.of(Wording.say(
                            "climate.climate-calculators.grouping-watered-plants-adds",
                            air.grouping().low(),
                            air.grouping().high())),
                    List.of());
        });
    }

    private Calculator<?> pane() {
        return new Calculator<>("pane", Form.of(PaneAsked.class), asked -> {
            Glazing glazing = asked.glass();
            double leaf = air.leafAtPane(asked.in(), asked.out(), glazing, asked.distance())
                    .celsius();
            return new Answer(
                    List.of(
                            Line.in(Wording.say("climate.climate-calculators.leaf"), leaf, Unit.CELSIUS),
                            Line.apart(
                                    Wording.say("climate.climate-calculators.colder-than-room-by"),
                                    asked.in().celsius() - leaf),
                            Line.in(
                                    Wording.say("climate.climate-calculators.inner-face-glass"),
                                    air.paneInside(asked.in(), asked.out(), glazing)
                                            .celsius(),
                                    Unit.CELSIUS)),
                    leaf < air.marks().chillCelsius()
                            ? List.of(Wording.say("climate.climate-calculators.tropical-plants-are-harmed"))
                            : List.of(),
                    List.of());
        });
    }

    private Calculator<?> leafSpot() {
        return new Calculator<>("leaf-spot", Form.of(LeafSpotAsked.class), asked -> {
            Temperature t = asked.t();
            double wet = asked.wet();
            double risk = air.leafSpotRisk(t, wet);
            double drier = air.leafSpotRisk(t, wet / 2);
            double cooler = air.leafSpotRisk(new Temperature(t.celsius() - 4), wet);
            List<String> warnings = new ArrayList<>();
            if (risk >= air.marks().risky()) {
                warnings.add(
                        risk - drier >= risk - cooler
                                ? Wording.say("climate.climate-calculators.halving-wet-hours-would")
                                : Wording.say("climate.climate-calculators.four-degrees-cooler-would"));
            }
            return new Answer(
                    List.of(
                            Line.of(Wording.say("climate.climate-calculators.what-infects"), risk * 100, "%"),
                            Line.of(Wording.say("climate.climate-calculators.half-wet-hours"), drier * 100, "%"),
                            Line.of(Wording.say("climate.climate-calculators.four-degrees-cooler"), cooler * 100, "%")),
                    warnings,
                    List.of());
        });
    }

    record PullAsked(
            @Asks.Number(preset = 21, low = -40, high = 50, in = Unit.CELSIUS)
            Temperature t,

            @Asks.Number(preset = 45, low = 1, high = 100) RelativeHumidity rh) {}

    record HeatedAsked(
            @Asks.Number(preset = 0, low = -40, high = 50, in = Unit.CELSIUS)
            Temperature out,

            @Asks.Number(preset = 90, low = 1, high = 100) RelativeHumidity rh,

            @Asks.Number(preset = 21, low = -40, high = 50, in = Unit.CELSIUS)
            Temperature in) {}

    record HumidifierAsked(
            @Asks.Number(preset = 45, low = 0.1, high = 10_000)
            double volume,

            @Asks.Number(preset = 0.5, low = 0.1, high = 10) double changes,

            @Asks.Number(preset = 21, low = -40, high = 50, in = Unit.CELSIUS)
            Temperature in,

            @Asks.Number(preset = 50, low = 1, high = 100) RelativeHumidity wanted,

            @Asks.Number(preset = 0, low = -40, high = 50, in = Unit.CELSIUS)
            Temperature out,

            @Asks.Number(preset = 90, low = 1, high = 100) RelativeHumidity rh) {}

    record PaneAsked(
            @Asks.Number(preset = 19, low = -40, high = 50, in = Unit.CELSIUS)
            Temperature in,

            @Asks.Number(preset = -5, low = -40, high = 50, in = Unit.CELSIUS)
            Temperature out,

            @Asks.Choice(preset = "double") Glazing glass,

            @Asks.Number(preset = 0, low = 0, high = 500, in = Unit.CENTIMETRE)
            double distance) {}

    record LeafSpotAsked(
            @Asks.Number(preset = 22, low = -40, high = 50, in = Unit.CELSIUS)
            Temperature t,

            @Asks.Number(preset = 6, low = 0, high = 24) double wet) {}
}

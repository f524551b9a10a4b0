package mildlantern.web.mixing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mildlantern.mixing.Alcohol;
import mildlantern.mixing.Area;
import mildlantern.mixing.AreaRate;
import mildlantern.mixing.Batch;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Rate;
import mildlantern.mixing.Tools;
import mildlantern.quantity.Limits;
import mildlantern.web.calculator.Asks;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Calculator.Answer;
import mildlantern.web.calculator.Calculator.Line;
import mildlantern.web.calculator.Form;
import org.springframework.stereotype.Component;

/** The calculators that need nothing but their inputs. */
@Component
class Calculators {
    private static final List<Measure> LARGE = List.of(Measure.MILLILITRE, Measure.LITRE, Measure.US_FLUID_OUNCE);

    private final List<Calculator<?>> all = List.of(
            dilution(),
            alcohol(),
            drench(),
            FoodCalculators.granules(),
            FoodCalculators.feed(),
            FoodCalculators.blend(),
            FoodCalculators.flush(),
            FoodCalculators.trap());

    List<Calculator<?>> all() {
        return all;
    }

    static Line measured(String name, double amount, Measure.Kind kind) {
        return new Line(
                name,
                amount,
                kind.unit(),
                amount > 0
                        ? Tools.USUAL.measure(amount, kind).map(found -> measuredWords(found, kind))
                        : Optional.empty());
    }

    private static String measuredWords(Tools.Measured found, Measure.Kind kind) {
        String amount = found.amount() > 0 ? Limits.plain(found.amount()) + " " + kind.unit() : "nothing";
        double percent = found.error() * 100;
        String off = Math.abs(percent) < 0.5
                ? "exact"
                : String.format(Locale.ROOT, "%.0f %% too %s", Math.abs(percent), percent > 0 ? "much" : "little");
        return amount + " with the " + found.tool().name() + ": " + off;
    }

    /** Says how much more to make where the product is too little for the tools. */
    static void tooLittle(double amount, Measure.Kind kind, List<String> warnings) {
        if (amount > 0
                && !Tools.USUAL
                        .measure(amount, kind)
                        .map(Tools.Measured::nearEnough)
                        .orElse(true)) {
            warnings.add(Tools.USUAL
                    .timesUntilMeasurable(amount, kind)
                    .map(times -> "Too little to measure well: make " + times + " times as much and use part of it.")
                    .orElse("Too little to measure with these tools."));
        }
    }

    static List<String> bottle(String product, String strength) {
        return List.of(
                product.isBlank() ? "What is in it: ..............." : product,
                strength,
                "Mixed on: ............... For today only; keep away from children and pets.");
    }

    private static Calculator<?> dilution() {
        return new Calculator<>(
                "dilution",
                "Dilution",
                "How much product for how much water, by the label's rate.",
                Form.of(DilutionAsked.class)
                        .worded(Measure.class, Measure::symbol)
                        .worded(Carrier.class, Carrier::words)
                        .only("volumeIn", LARGE),
                Calculators::dilute);
    }

    private static Answer dilute(DilutionAsked asked) {
        Measure measure = asked.measure();
        Rate rate;
        try {
            rate = new Rate(asked.amount(), measure, asked.carrier());
        } catch (IllegalArgumentException e) {
            return Answer.refused("amount", "More product than mixture: look at the units again.");
        }
        double volume = asked.volumeIn().inBase(asked.volume());
        double product = rate.product(volume);
        List<String> warnings = new ArrayList<>();
        double most = asked.most();
        if (most > 0 && rate.strongerThan(new Rate(most, measure, rate.carrier()))) {
            return Answer.refused(
                    "amount",
                    "Above the label: at most " + Limits.plain(most) + " " + measure.symbol() + " "
                            + rate.carrier().words() + ".");
        }
        tooLittle(product, measure.kind(), warnings);
        List<Line> lines = new ArrayList<>(List.of(measured("Product", product, measure.kind())));
        if (measure.kind() == Measure.Kind.VOLUME) {
            lines.add(Line.of("Water", volume - product, "mL"));
            lines.add(Line.of("Strength", rate.perLitre() / 10, "%"));
        } else {
            lines.add(Line.of("Made up with water to", volume, "mL"));
        }
        lines.add(Line.of("That is", rate.perLitre(), measure.kind().unit() + " per L"));
        lines.add(Line.of("In the label's unit", measure.fromBase(product), measure.symbol()));
        return new Answer(
                lines,
                warnings,
                bottle(
                        asked.product(),
                        Limits.plain(rate.amount()) + " " + measure.symbol() + " "
                                + rate.carrier().words()));
    }

    private static Calculator<?> alcohol() {
        return new Calculator<>(
                "alcohol",
                "Alcohol",
                "Rubbing alcohol brought to a weaker strength: 50 % for the test spot, never above 70 %.",
                Form.of(AlcoholAsked.class),
                asked -> {
                    try {
                        Alcohol.Parts parts = Alcohol.dilute(asked.bottle(), asked.wanted(), asked.volume());
                        return new Answer(
                                List.of(
                                        measured("Alcohol", parts.alcohol(), Measure.Kind.VOLUME),
                                        measured("Water, up to the mark", parts.water(), Measure.Kind.VOLUME)),
                                List.of(
                                        "Flammable: no open flame, fresh air, gloves.",
                                        "Try one leaf a day ahead; not on thin, hairy or new leaves, and out of the sun."),
                                List.of(
                                        "Alcohol " + Limits.plain(asked.wanted()) + " %, flammable",
                                        "Mixed on: ............... For swabs only; keep away from children and pets."));
                    } catch (IllegalArgumentException e) {
                        return Answer.refused("wanted", "Water only makes it weaker: choose less than the bottle has.");
                    }
                });
    }

    private static Calculator<?> drench() {
        return new Calculator<>(
                "drench",
                "Drench by ground",
                "A label's rate for so much ground, brought down to one pot by its surface.",
                Form.of(DrenchAsked.class)
                        .worded(Measure.class, Measure::symbol)
                        .worded(Volume.class, Volume::words)
                        .worded(Area.class, Area::symbol),
                asked -> {
                    Measure measure = asked.measure();
                    AreaRate rate = new AreaRate(
                            measure.inBase(asked.amount()),
                            measure.kind(),
                            asked.waterIn().litres(asked.water()),
                            asked.areaIn().squareMetres(asked.area()));
                    double pot = asked.pot();
                    double each = rate.millilitresFor(pot);
                    int pots = (int) asked.pots();
                    double batch = Batch.of(Collections.nCopies(pots, each)).millilitres();
                    double product = rate.perLitre() * batch / 1000;
                    List<String> warnings = new ArrayList<>();
                    tooLittle(product, measure.kind(), warnings);
                    return new Answer(
                            List.of(
                                    measured("Drench for one pot", each, Measure.Kind.VOLUME),
                                    Line.of(
                                            "Product in one pot",
                                            rate.productFor(pot),
                                            measure.kind().unit()),
                                    Line.of("To make, with a tenth to spare", batch, "mL"),
                                    measured("Product for that", product, measure.kind()),
                                    Line.of(
                                            "Strength",
                                            rate.perLitre(),
                                            measure.kind().unit() + " per L"),
                                    Line.of("On the ground", rate.litresPerSquareMetre(), "L per m²")),
                            warnings,
                            bottle(
                                    asked.product(),
                                    String.format(
                                            Locale.ROOT,
                                            "%.2f %s per L, %.0f mL a pot of %s cm",
                                            rate.perLitre(),
                                            measure.kind().unit(),
                                            each,
                                            Limits.plain(pot))));
                });
    }

    /** Units of water. */
    private enum Volume {
        LITRE("L", 1),
        US_GALLON("US gal", 3.785411784),
        IMPERIAL_GALLON("imp gal", 4.54609);

        private final String words;
        private final double litres;

        Volume(String words, double litres) {
            this.words = words;
            this.litres = litres;
        }

        String words() {
            return words;
        }

        double litres(double amount) {
            return amount * litres;
        }
    }

    record DilutionAsked(
            @Asks.Text(label = "Product") String product,

            @Asks.Number(label = "Label rate", preset = 20, low = 0.0001, high = 100_000)
            double amount,

            @Asks.Choice(label = "of product, in", preset = "millilitre")
            Measure measure,

            @Asks.Choice(label = "", preset = "litre") Carrier carrier,

            @Asks.Number(label = "To make", preset = 750, low = 0.001, high = 1e6)
            double volume,

            @Asks.Choice(label = "in", preset = "millilitre")
            Measure volumeIn,

            @Asks.Number(label = "Label's most", unit = "0: as it is", preset = 0, low = 0, high = 100_000)
            double most) {}

    record AlcoholAsked(
            @Asks.Number(label = "The bottle has", unit = "%", preset = 91, low = 1, high = 100)
            double bottle,

            @Asks.Number(label = "Wanted", unit = "%", preset = 50, low = 1, high = Alcohol.MOST_PERCENT)
            double wanted,

            @Asks.Number(label = "To make", unit = "mL", preset = 100, low = 1, high = 100_000)
            double volume) {}

    record DrenchAsked(
            @Asks.Text(label = "Product") String product,

            @Asks.Number(label = "Product", preset = 1.5, low = 0.0001, high = 1e6)
            double amount,

            @Asks.Choice(label = "in", preset = "ounce") Measure measure,

            @Asks.Number(label = "in water", preset = 25, low = 0.001, high = 1e6)
            double water,

            @Asks.Choice(label = "in", preset = "us-gallon") Volume waterIn,

            @Asks.Number(label = "over", preset = 100, low = 0.001, high = 1e6)
            double area,

            @Asks.Choice(label = "in", preset = "square-foot")
            Area areaIn,

            @Asks.Number(label = "Pot", unit = "cm across", preset = 15, low = 2, high = 150)
            double pot,

            @Asks.Number(label = "Pots", preset = 1, low = 1, high = 10_000)
            double pots) {}
}

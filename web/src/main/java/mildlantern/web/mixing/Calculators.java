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
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Calculator.Answer;
import mildlantern.web.calculator.Calculator.Line;
import mildlantern.web.calculator.Field;
import mildlantern.web.calculator.Given;
import org.springframework.stereotype.Component;

/** The calculators that need nothing but their inputs. */
@Component
class Calculators {
    private static final List<Measure> LARGE = List.of(Measure.MILLILITRE, Measure.LITRE, Measure.US_FLUID_OUNCE);

    private final List<Calculator> all = List.of(
            dilution(),
            alcohol(),
            drench(),
            FoodCalculators.granules(),
            FoodCalculators.feed(),
            FoodCalculators.blend(),
            FoodCalculators.flush(),
            FoodCalculators.trap());

    List<Calculator> all() {
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

    static List<String> bottle(Given given, String strength) {
        String name = given.text("product");
        return List.of(
                name.isBlank() ? "What is in it: ..............." : name,
                strength,
                "Mixed on: ............... For today only; keep away from children and pets.");
    }

    private static Calculator dilution() {
        return new Calculator(
                "dilution",
                "Dilution",
                "How much product for how much water, by the label's rate.",
                List.of(
                        Field.text("product", "Product"),
                        Field.number("amount", "Label rate", "", 20, 0.0001, 100_000),
                        Field.choice("measure", "of product, in", Measure.MILLILITRE, Measure.class, Measure::symbol),
                        Field.choice("carrier", "", Carrier.LITRE, Carrier.class, Carrier::words),
                        Field.number("volume", "To make", "", 750, 0.001, 1e6),
                        Field.choice("volume-in", "in", Measure.MILLILITRE, LARGE, Measure::symbol),
                        Field.number("most", "Label's most", "0: as it is", 0, 0, 100_000)),
                Calculators::dilute);
    }

    private static Answer dilute(Given given) {
        Measure measure = given.constant(Measure.class, "measure");
        Rate rate;
        try {
            rate = new Rate(given.number("amount"), measure, given.constant(Carrier.class, "carrier"));
        } catch (IllegalArgumentException e) {
            given.problem("amount", "More product than mixture: look at the units again.");
            return Answer.none();
        }
        double volume = given.constant(Measure.class, "volume-in").inBase(given.number("volume"));
        double product = rate.product(volume);
        List<String> warnings = new ArrayList<>();
        double most = given.number("most");
        if (most > 0 && rate.strongerThan(new Rate(most, measure, rate.carrier()))) {
            given.problem(
                    "amount",
                    "Above the label: at most " + Limits.plain(most) + " " + measure.symbol() + " "
                            + rate.carrier().words() + ".");
            return Answer.none();
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
                        given,
                        Limits.plain(rate.amount()) + " " + measure.symbol() + " "
                                + rate.carrier().words()));
    }

    private static Calculator alcohol() {
        return new Calculator(
                "alcohol",
                "Alcohol",
                "Rubbing alcohol brought to a weaker strength: 50 % for the test spot, never above 70 %.",
                List.of(
                        Field.number("bottle", "The bottle has", "%", 91, 1, 100),
                        Field.number("wanted", "Wanted", "%", 50, 1, Alcohol.MOST_PERCENT),
                        Field.number("volume", "To make", "mL", 100, 1, 100_000)),
                given -> {
                    try {
                        Alcohol.Parts parts =
                                Alcohol.dilute(given.number("bottle"), given.number("wanted"), given.number("volume"));
                        return new Answer(
                                List.of(
                                        measured("Alcohol", parts.alcohol(), Measure.Kind.VOLUME),
                                        measured("Water, up to the mark", parts.water(), Measure.Kind.VOLUME)),
                                List.of(
                                        "Flammable: no open flame, fresh air, gloves.",
                                        "Try one leaf a day ahead; not on thin, hairy or new leaves, and out of the sun."),
                                List.of(
                                        "Alcohol " + Limits.plain(given.number("wanted")) + " %, flammable",
                                        "Mixed on: ............... For swabs only; keep away from children and pets."));
                    } catch (IllegalArgumentException e) {
                        given.problem("wanted", "Water only makes it weaker: choose less than the bottle has.");
                        return Answer.none();
                    }
                });
    }

    private static Calculator drench() {
        return new Calculator(
                "drench",
                "Drench by ground",
                "A label's rate for so much ground, brought down to one pot by its surface.",
                List.of(
                        Field.text("product", "Product"),
                        Field.number("amount", "Product", "", 1.5, 0.0001, 1e6),
                        Field.choice("measure", "in", Measure.OUNCE, Measure.class, Measure::symbol),
                        Field.number("water", "in water", "", 25, 0.001, 1e6),
                        Field.choice("water-in", "in", Volume.US_GALLON, Volume.class, Volume::words),
                        Field.number("area", "over", "", 100, 0.001, 1e6),
                        Field.choice("area-in", "in", Area.SQUARE_FOOT, Area.class, Area::symbol),
                        Field.number("pot", "Pot", "cm across", 15, 2, 150),
                        Field.number("pots", "Pots", "", 1, 1, 10_000)),
                given -> {
                    Measure measure = given.constant(Measure.class, "measure");
                    AreaRate rate = new AreaRate(
                            measure.inBase(given.number("amount")),
                            measure.kind(),
                            given.constant(Volume.class, "water-in").litres(given.number("water")),
                            given.constant(Area.class, "area-in").squareMetres(given.number("area")));
                    double pot = given.number("pot");
                    double each = rate.millilitresFor(pot);
                    int pots = (int) given.number("pots");
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
                                    given,
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
}

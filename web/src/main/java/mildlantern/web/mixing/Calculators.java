package mildlantern.web.mixing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import mildlantern.message.MessageKey;
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
import mildlantern.web.words.Unit;
import mildlantern.web.words.Wording;
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
        String amount = found.amount() > 0
                ? Limits.plain(found.amount()) + " " + kind.unit()
                : Wording.say("mixing.calculators.nothing");
        double percent = found.error() * 100;
        String off = Math.abs(percent) < 0.5
                ? Wording.say("mixing.calculators.exact")
                : Wording.say("mixing.calculators.too-much", Math.abs(percent), percent > 0);
        return Wording.say("mixing.calculators.with-the", amount, found.tool(), off);
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
                    .map(times -> Wording.say("mixing.calculators.too-little-measure-well", times))
                    .orElse(Wording.say("mixing.calculators.too-little-measure-these")));
        }
    }

    static List<String> bottle(String product, String strength) {
        return List.of(
                product.isBlank() ? Wording.say("mixing.calculators.what") : product,
                strength,
                Wording.say("mixing.calculators.mixed-today-only-keep"));
    }

    private static Calculator<?> dilution() {
        return new Calculator<>("dilution", Form.of(DilutionAsked.class).only("volumeIn", LARGE), Calculators::dilute);
    }

    private static Answer dilute(DilutionAsked asked) {
        Measure measure = asked.measure();
        Rate rate;
        try {
            rate = new Rate(asked.amount(), measure, asked.carrier());
        } catch (IllegalArgumentException e) {
            return Answer.refused("amount", Wording.say("mixing.calculators.more-product-than-mixture"));
        }
        double volume = asked.volumeIn().inBase(asked.volume());
        double product = rate.product(volume);
        List<String> warnings = new ArrayList<>();
        double most = asked.most();
        if (most > 0 && rate.strongerThan(new Rate(most, measure, rate.carrier()))) {
            return Answer.refused(
                    "amount",
                    Wording.say("mixing.calculators.above-label-most", Limits.plain(most), measure, rate.carrier()));
        }
        tooLittle(product, measure.kind(), warnings);
        List<Line> lines =
                new ArrayList<>(List.of(measured(Wording.say("mixing.calculators.product"), product, measure.kind())));
        if (measure.kind() == Measure.Kind.VOLUME) {
            lines.add(Line.in(Wording.say("mixing.calculators.water"), volume - product, Unit.MILLILITRE));
            lines.add(Line.of(Wording.say("mixing.calculators.strength"), rate.perLitre() / 10, "%"));
        } else {
            lines.add(Line.in(Wording.say("mixing.calculators.made-up-water"), volume, Unit.MILLILITRE));
        }
        lines.add(Line.of(
                Wording.say("mixing.calculators.that-is"),
                rate.perLitre(),
                Wording.say("mixing.calculators.per-l", measure.kind().unit())));
        lines.add(
                Line.of(Wording.say("mixing.calculators.labels-unit"), measure.fromBase(product), Wording.of(measure)));
        return new Answer(
                lines,
                warnings,
                bottle(
                        asked.product(),
                        Wording.say("mixing.calculators.rate", Limits.plain(rate.amount()), measure, rate.carrier())));
    }

    private static Calculator<?> alcohol() {
        return new Calculator<>("alcohol", Form.of(AlcoholAsked.class), asked -> {
            try {
                Alcohol.Parts parts = Alcohol.dilute(asked.bottle(), asked.wanted(), asked.volume());
                return new Answer(
                        List.of(
                                measured(
                                        Wording.say("mixing.calculators.alcohol"),
                                        parts.alcohol(),
                                        Measure.Kind.VOLUME),
                                measured(
                                        Wording.say("mixing.calculators.water-up-mark"),
                                        parts.water(),
                                        Measure.Kind.VOLUME)),
                        List.of(
                                Wording.say("mixing.calculators.flammable-no-open-flame"),
                                Wording.say("mixing.calculators.try-one-leaf-day")),
                        List.of(
                                Wording.say("mixing.calculators.alcohol-flammable", Limits.plain(asked.wanted())),
                                Wording.say("mixing.calculators.mixed-swabs-only-keep")));
            } catch (IllegalArgumentException e) {
                return Answer.refused("wanted", Wording.say("mixing.calculators.water-only-dilutes-choose"));
            }
        });
    }

    private static Calculator<?> drench() {
        return new Calculator<>("drench", Form.of(DrenchAsked.class), asked -> {
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
                            measured(Wording.say("mixing.calculators.drench-one-pot"), each, Measure.Kind.VOLUME),
                            Line.of(
                                    Wording.say("mixing.calculators.product-one-pot"),
                                    rate.productFor(pot),
                                    measure.kind().unit()),
                            Line.in(Wording.say("mixing.calculators.make-10-spare"), batch, Unit.MILLILITRE),
                            measured(Wording.say("mixing.calculators.product"), product, measure.kind()),
                            Line.of(
                                    Wording.say("mixing.calculators.strength"),
                                    rate.perLitre(),
                                    Wording.say(
                                            "mixing.calculators.per-l",
                                            measure.kind().unit())),
                            Line.of(
                                    Wording.say("mixing.calculators.ground"),
                                    rate.litresPerSquareMetre(),
                                    Wording.say("mixing.calculators.l-per-m"))),
                    warnings,
                    bottle(
                            asked.product(),
                            Wording.say(
                                    "mixing.calculators.per-l-ml-pot",
                                    rate.perLitre(),
                                    measure.kind().unit(),
                                    each,
                                    Limits.plain(pot))));
        });
    }

    /** Units of water. */
    private enum Volume implements MessageKey {
        LITRE(1),
        US_GALLON(3.785411784),
        IMPERIAL_GALLON(4.54609);

        private final double litres;

        Volume(double litres) {

            this.litres = litres;
        }

        String words() {
            return Wording.of(this);
        }

        double litres(double amount) {
            return amount * litres;
        }
    }

    record DilutionAsked(
            @Asks.Text String product,

            @Asks.Number(preset = 20, low = 0.0001, high = 100_000)
            double amount,

            @Asks.Choice(preset = "millilitre") Measure measure,

            @Asks.Choice(preset = "litre") Carrier carrier,

            @Asks.Number(preset = 750, low = 0.001, high = 1e6)
            double volume,

            @Asks.Choice(preset = "millilitre") Measure volumeIn,

            @Asks.Number(preset = 0, low = 0, high = 100_000)
            double most) {}

    record AlcoholAsked(
            @Asks.Number(preset = 91, low = 1, high = 100) double bottle,

            @Asks.Number(preset = 50, low = 1, high = Alcohol.MOST_PERCENT)
            double wanted,

            @Asks.Number(preset = 100, low = 1, high = 100_000, in = Unit.MILLILITRE)
            double volume) {}

    record DrenchAsked(
            @Asks.Text String product,

            @Asks.Number(preset = 1.5, low = 0.0001, high = 1e6)
            double amount,

            @Asks.Choice(preset = "ounce") Measure measure,

            @Asks.Number(preset = 25, low = 0.001, high = 1e6)
            double water,

            @Asks.Choice(preset = "us-gallon") Volume waterIn,

            @Asks.Number(preset = 100, low = 0.001, high = 1e6)
            double area,

            @Asks.Choice(preset = "square-foot") Area areaIn,

            @Asks.Number(preset = 15, low = 2, high = 150, in = Unit.CENTIMETRE)
            double pot,

            @Asks.Number(preset = 1, low = 1, high = 10_000) double pots) {}
}

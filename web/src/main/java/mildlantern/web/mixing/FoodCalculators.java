package mildlantern.web.mixing;

import java.util.ArrayList;
import java.util.List;
import mildlantern.message.MessageKey;
import mildlantern.mixing.Area;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Pot;
import mildlantern.nutrition.Blend;
import mildlantern.nutrition.Feed;
import mildlantern.quantity.Limits;
import mildlantern.web.calculator.Asks;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Calculator.Answer;
import mildlantern.web.calculator.Calculator.Line;
import mildlantern.web.calculator.Form;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Wording;

/** Calculators of feed, of waters, and of what is poured and laid for single pots. */
final class FoodCalculators {
    private FoodCalculators() {}

    static final double VINEGAR_ML = 15;

    static final double TRAP_WATER_ML = 240;

    static final double POT_FILL = 0.72;

    /** What the feed is told as. */
    enum LabelKind implements MessageKey {
        OXIDES,
        ELEMENTS,
        RATIO
    }

    enum FeedState implements MessageKey {
        POWDER,
        LIQUID
    }

    static Calculator<?> granules() {
        return new Calculator<>(
                "granules",
                Form.of(GranulesAsked.class)
                        .only("measure", List.of(Measure.GRAM, Measure.KILOGRAM, Measure.OUNCE, Measure.POUND)),
                asked -> {
                    double rate = asked.measure().inBase(asked.amount())
                            / asked.areaIn().squareMetres(asked.area());
                    double grams = Pot.granules(Math.min(rate, 10_000), asked.pot());
                    List<String> warnings =
                            new ArrayList<>(List.of(Wording.say("mixing.food-calculators.early-spring-only-so")));
                    Calculators.tooLittle(grams, Measure.Kind.MASS, warnings);
                    if (rate > 100) {
                        warnings.add(Wording.say("mixing.food-calculators.far-more-than-granule"));
                    }
                    return new Answer(
                            List.of(
                                    Calculators.measured(
                                            Wording.say("mixing.food-calculators.granules-pot"),
                                            grams,
                                            Measure.Kind.MASS),
                                    Line.of(
                                            Wording.say("mixing.food-calculators.square-metre"),
                                            rate,
                                            Wording.say("mixing.food-calculators.g-per-m")),
                                    Line.of(
                                            Wording.say("mixing.food-calculators.nitrogen-pot"),
                                            grams * asked.nitrogen() * 10,
                                            "mg")),
                            warnings,
                            List.of());
                });
    }

    static Calculator<?> feed() {
        return new Calculator<>("feed", Form.of(FeedAsked.class), FoodCalculators::feedAnswer);
    }

    static Answer feedAnswer(FeedAsked asked) {
        Feed feed;
        try {
            feed = switch (asked.label()) {
                case OXIDES -> Feed.oxides(asked.n(), asked.p(), asked.k());
                case ELEMENTS -> Feed.elements(asked.n(), asked.p(), asked.k());
                case RATIO -> Feed.ratio(asked.n(), asked.p(), asked.k(), asked.total());
            };
        } catch (IllegalArgumentException e) {
            return Answer.refused("n", Wording.say("mixing.food-calculators.label-does-not-add"));
        }
        if (feed.nitrogen() <= 0) {
            return Answer.refused("n", Wording.say("mixing.food-calculators.feed-holds-no-nitrogen"));
        }
        double perLitre = feed.gramsPerLitreFor(asked.target());
        double grams = perLitre * asked.volume();
        boolean liquid = asked.state() == FeedState.LIQUID;
        double amount = liquid ? grams / asked.density() : grams;
        Measure.Kind kind = liquid ? Measure.Kind.VOLUME : Measure.Kind.MASS;
        List<String> warnings = new ArrayList<>();
        Calculators.tooLittle(amount, kind, warnings);
        warnings.add(Wording.say("mixing.food-calculators.nothing-rest-drought-sickness"));
        return new Answer(
                List.of(
                        Calculators.measured(Wording.say("mixing.food-calculators.feed"), amount, kind),
                        Line.of(
                                Wording.say("mixing.food-calculators.litre"),
                                amount / asked.volume(),
                                Wording.say("mixing.food-calculators.per-l", kind.unit())),
                        Line.of(Wording.say("mixing.food-calculators.nitrogen"), asked.target(), "mg/L"),
                        Line.of(
                                Wording.say("mixing.food-calculators.p-comes"),
                                Feed.milligramsPerLitre(feed.phosphorus(), perLitre),
                                "mg/L"),
                        Line.of(
                                Wording.say("mixing.food-calculators.k-comes"),
                                Feed.milligramsPerLitre(feed.potassium(), perLitre),
                                "mg/L"),
                        Line.of(
                                Wording.say("mixing.food-calculators.n-label"),
                                feed.nitrogen(),
                                Wording.say("mixing.food-calculators.by-weight"))),
                warnings,
                Calculators.bottle(
                        asked.product(),
                        Wording.say("mixing.food-calculators.feed-mg-l-n", Limits.plain(asked.target()))));
    }

    static Calculator<?> blend() {
        return new Calculator<>("blend", Form.of(BlendAsked.class), asked -> {
            try {
                double share = Blend.shareOfTap(asked.tap(), asked.pure(), asked.target());
                double volume = asked.volume();
                return new Answer(
                        List.of(
                                Line.in(Wording.say("mixing.food-calculators.tap-water"), share * volume, Unit.LITRE),
                                Line.in(
                                        Wording.say("mixing.food-calculators.purer-water"),
                                        (1 - share) * volume,
                                        Unit.LITRE),
                                Line.of(Wording.say("mixing.food-calculators.share-tap"), share * 100, "%")),
                        List.of(
                                Wording.say("mixing.food-calculators.feed-adds-measure-again"),
                                Wording.say("mixing.food-calculators.letting-water-stand-day")),
                        List.of());
            } catch (IllegalArgumentException e) {
                return Answer.refused("target", Wording.say("mixing.food-calculators.blend-can-only-lie"));
            }
        });
    }

    static Calculator<?> flush() {
        return new Calculator<>("flush", Form.of(FlushAsked.class), asked -> {
            double volume = POT_FILL * Pot.surfaceSquareMetres(asked.pot()) * 1e4 * asked.height() / 1000;
            return new Answer(
                    List.of(
                            Line.in(Wording.say("mixing.food-calculators.least"), 2 * volume, Unit.LITRE),
                            Line.in(Wording.say("mixing.food-calculators.better"), 3 * volume, Unit.LITRE),
                            Line.in(Wording.say("mixing.food-calculators.volume-medium"), volume, Unit.LITRE)),
                    List.of(Wording.say("mixing.food-calculators.scrape-crust-off-first")),
                    List.of());
        });
    }

    static Calculator<?> trap() {
        return new Calculator<>("trap", Form.of(TrapAsked.class), asked -> {
            double saucers = asked.saucers();
            return new Answer(
                    List.of(
                            Calculators.measured(
                                    Wording.say("mixing.food-calculators.water"),
                                    TRAP_WATER_ML * saucers,
                                    Measure.Kind.VOLUME),
                            Calculators.measured(
                                    Wording.say("mixing.food-calculators.cider-vinegar"),
                                    VINEGAR_ML * saucers,
                                    Measure.Kind.VOLUME),
                            Line.of(Wording.say("mixing.food-calculators.drops-soap"), 3 * saucers, "drops")),
                    List.of(Wording.say("mixing.food-calculators.change-every-five-days")),
                    List.of());
        });
    }

    record GranulesAsked(
            @Asks.Number(preset = 0.25, low = 0.0001, high = 1e6)
            double amount,

            @Asks.Choice(preset = "pound") Measure measure,

            @Asks.Number(preset = 50, low = 0.001, high = 1e6)
            double area,

            @Asks.Choice(preset = "square-foot") Area areaIn,

            @Asks.Number(preset = 12, low = 0, high = 60) double nitrogen,

            @Asks.Number(preset = 20, low = 2, high = 150, in = Unit.CENTIMETRE)
            double pot) {}

    record FeedAsked(
            @Asks.Text String product,

            @Asks.Choice(preset = "oxides") LabelKind label,

            @Asks.Number(preset = 20, low = 0, high = 1000) double n,

            @Asks.Number(preset = 20, low = 0, high = 1000) double p,

            @Asks.Number(preset = 20, low = 0, high = 1000) double k,

            @Asks.Number(preset = 10, low = 0, high = 100) double total,

            @Asks.Choice(preset = "powder") FeedState state,

            @Asks.Number(preset = 1.2, low = 0.7, high = 2) double density,

            @Asks.Number(preset = 100, low = 1, high = 500) double target,

            @Asks.Number(preset = 5, low = 0.01, high = 10_000, in = Unit.LITRE)
            double volume) {}

    record BlendAsked(
            @Asks.Number(preset = 0.65, low = 0.01, high = 5)
            double tap,

            @Asks.Number(preset = 0, low = 0, high = 5) double pure,

            @Asks.Number(preset = 0.15, low = 0, high = 5) double target,

            @Asks.Number(preset = 10, low = 0.01, high = 10_000, in = Unit.LITRE)
            double volume) {}

    record FlushAsked(
            @Asks.Number(preset = 15, low = 2, high = 150, in = Unit.CENTIMETRE)
            double pot,

            @Asks.Number(preset = 13, low = 2, high = 150, in = Unit.CENTIMETRE)
            double height) {}

    record TrapAsked(
            @Asks.Number(preset = 1, low = 1, high = 50) double saucers) {}
}

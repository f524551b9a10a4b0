package mildlantern.web.mixing;

import java.util.ArrayList;
import java.util.List;
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

/** Calculators of feed, of waters, and of what is poured and laid for single pots. */
final class FoodCalculators {
    private FoodCalculators() {}

    static final double VINEGAR_ML = 15;

    static final double TRAP_WATER_ML = 240;

    static final double POT_FILL = 0.72;

    /** What the feed is told as. */
    enum LabelKind {
        OXIDES("N–P₂O₅–K₂O in percent, as in 20-20-20"),
        ELEMENTS("elements in g/kg, as in 93"),
        RATIO("a ratio with the total in brackets, as in 6:1:3 (10)");

        private final String words;

        LabelKind(String words) {
            this.words = words;
        }
    }

    enum FeedState {
        POWDER("powder, by weight"),
        LIQUID("liquid, by volume");

        private final String words;

        FeedState(String words) {
            this.words = words;
        }
    }

    static Calculator<?> granules() {
        return new Calculator<>(
                "granules",
                "Slow release",
                "Granules for one pot, by the surface of the medium.",
                Form.of(GranulesAsked.class)
                        .only("measure", List.of(Measure.GRAM, Measure.KILOGRAM, Measure.OUNCE, Measure.POUND))
                        .worded(Measure.class, Measure::symbol)
                        .worded(Area.class, Area::symbol),
                asked -> {
                    double rate = asked.measure().inBase(asked.amount())
                            / asked.areaIn().squareMetres(asked.area());
                    double grams = Pot.granules(Math.min(rate, 10_000), asked.pot());
                    List<String> warnings = new ArrayList<>(List.of(
                            "Early spring only, so that it is used up before winter; it runs out sooner in warmth."));
                    Calculators.tooLittle(grams, Measure.Kind.MASS, warnings);
                    if (rate > 100) {
                        warnings.add("That is far more than granule labels allow; look at the units again.");
                    }
                    return new Answer(
                            List.of(
                                    Calculators.measured("Granules in the pot", grams, Measure.Kind.MASS),
                                    Line.of("On a square metre", rate, "g per m²"),
                                    Line.of("Nitrogen in the pot", grams * asked.nitrogen() * 10, "mg")),
                            warnings,
                            List.of());
                });
    }

    static Calculator<?> feed() {
        return new Calculator<>(
                "feed",
                "Feed",
                "How much of a feed gives so much nitrogen, whatever its label counts in.",
                Form.of(FeedAsked.class)
                        .worded(LabelKind.class, kind -> kind.words)
                        .worded(FeedState.class, state -> state.words),
                FoodCalculators::feedAnswer);
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
            return Answer.refused("n", "A label does not hold more than 100 %, and not nothing of everything.");
        }
        if (feed.nitrogen() <= 0) {
            return Answer.refused("n", "This feed holds no nitrogen, so no amount of it gives any.");
        }
        double perLitre = feed.gramsPerLitreFor(asked.target());
        double grams = perLitre * asked.volume();
        boolean liquid = asked.state() == FeedState.LIQUID;
        double amount = liquid ? grams / asked.density() : grams;
        Measure.Kind kind = liquid ? Measure.Kind.VOLUME : Measure.Kind.MASS;
        List<String> warnings = new ArrayList<>();
        Calculators.tooLittle(amount, kind, warnings);
        warnings.add("Nothing in rest, drought or sickness, and not in the first weeks after repotting.");
        return new Answer(
                List.of(
                        Calculators.measured("Feed", amount, kind),
                        Line.of("In a litre", amount / asked.volume(), kind.unit() + " per L"),
                        Line.of("N", asked.target(), "mg/L"),
                        Line.of("P comes with it", Feed.milligramsPerLitre(feed.phosphorus(), perLitre), "mg/L"),
                        Line.of("K comes with it", Feed.milligramsPerLitre(feed.potassium(), perLitre), "mg/L"),
                        Line.of("N in the label", feed.nitrogen(), "% by weight")),
                warnings,
                Calculators.bottle(asked.product(), "Feed, " + Limits.plain(asked.target()) + " mg/L N"));
    }

    static Calculator<?> blend() {
        return new Calculator<>(
                "blend",
                "Two waters",
                "Tap blended with rain or pure water to a strength between them.",
                Form.of(BlendAsked.class),
                asked -> {
                    try {
                        double share = Blend.shareOfTap(asked.tap(), asked.pure(), asked.target());
                        double volume = asked.volume();
                        return new Answer(
                                List.of(
                                        Line.of("Tap water", share * volume, "L"),
                                        Line.of("Purer water", (1 - share) * volume, "L"),
                                        Line.of("Share of tap", share * 100, "%")),
                                List.of(
                                        "Feed adds to it: measure again after feeding.",
                                        "Letting water stand a day lets chlorine go, and no salts."),
                                List.of());
                    } catch (IllegalArgumentException e) {
                        return Answer.refused("target", "Mixing gives only what lies between the two waters.");
                    }
                });
    }

    static Calculator<?> flush() {
        return new Calculator<>(
                "flush",
                "Flush",
                "Plain water to wash salts out of one pot: two to three times its volume.",
                Form.of(FlushAsked.class),
                asked -> {
                    double volume = POT_FILL * Pot.surfaceSquareMetres(asked.pot()) * 1e4 * asked.height() / 1000;
                    return new Answer(
                            List.of(
                                    Line.of("At least", 2 * volume, "L"),
                                    Line.of("Better", 3 * volume, "L"),
                                    Line.of("Volume of the medium", volume, "L")),
                            List.of("Scrape the crust off first; let it drain, and empty the saucer."),
                            List.of());
                });
    }

    static Calculator<?> trap() {
        return new Calculator<>(
                "trap",
                "Vinegar saucer",
                "Thins the flies of fungus gnats; drying the medium is what ends them.",
                Form.of(TrapAsked.class),
                asked -> {
                    double saucers = asked.saucers();
                    return new Answer(
                            List.of(
                                    Calculators.measured("Water", TRAP_WATER_ML * saucers, Measure.Kind.VOLUME),
                                    Calculators.measured("Cider vinegar", VINEGAR_ML * saucers, Measure.Kind.VOLUME),
                                    Line.of("Drops of soap", 3 * saucers, "drops")),
                            List.of(
                                    "Change it every five days. The drops only let them sink: soap of this kind is never sprayed."),
                            List.of());
                });
    }

    record GranulesAsked(
            @Asks.Number(label = "Granules", preset = 0.25, low = 0.0001, high = 1e6)
            double amount,

            @Asks.Choice(label = "in", preset = "pound") Measure measure,

            @Asks.Number(label = "on", preset = 50, low = 0.001, high = 1e6)
            double area,

            @Asks.Choice(label = "in", preset = "square-foot")
            Area areaIn,

            @Asks.Number(label = "Nitrogen", unit = "%", preset = 12, low = 0, high = 60)
            double nitrogen,

            @Asks.Number(label = "Pot", unit = "cm across", preset = 20, low = 2, high = 150)
            double pot) {}

    record FeedAsked(
            @Asks.Text(label = "Feed") String product,

            @Asks.Choice(label = "The label counts", preset = "oxides")
            LabelKind label,

            @Asks.Number(label = "N", preset = 20, low = 0, high = 1000)
            double n,

            @Asks.Number(label = "P or P₂O₅", preset = 20, low = 0, high = 1000)
            double p,

            @Asks.Number(label = "K or K₂O", preset = 20, low = 0, high = 1000)
            double k,

            @Asks.Number(label = "Total in brackets, for a ratio", unit = "%", preset = 10, low = 0, high = 100)
            double total,

            @Asks.Choice(label = "It is a", preset = "powder")
            FeedState state,

            @Asks.Number(label = "Weight of a litre, for a liquid", unit = "kg", preset = 1.2, low = 0.7, high = 2)
            double density,

            @Asks.Number(label = "Nitrogen wanted", unit = "mg/L", preset = 100, low = 1, high = 500)
            double target,

            @Asks.Number(label = "To make", unit = "L", preset = 5, low = 0.01, high = 10_000)
            double volume) {}

    record BlendAsked(
            @Asks.Number(label = "Tap water", unit = "mS/cm", preset = 0.65, low = 0.01, high = 5)
            double tap,

            @Asks.Number(label = "Purer water", unit = "mS/cm", preset = 0, low = 0, high = 5)
            double pure,

            @Asks.Number(label = "Wanted", unit = "mS/cm", preset = 0.15, low = 0, high = 5)
            double target,

            @Asks.Number(label = "To make", unit = "L", preset = 10, low = 0.01, high = 10_000)
            double volume) {}

    record FlushAsked(
            @Asks.Number(label = "Pot", unit = "cm across", preset = 15, low = 2, high = 150)
            double pot,

            @Asks.Number(label = "Height", unit = "cm", preset = 13, low = 2, high = 150)
            double height) {}

    record TrapAsked(
            @Asks.Number(label = "Saucers", preset = 1, low = 1, high = 50)
            double saucers) {}
}

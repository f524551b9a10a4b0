package mildlantern.web.mixing;

import java.util.ArrayList;
import java.util.List;
import mildlantern.mixing.Area;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Pot;
import mildlantern.nutrition.Blend;
import mildlantern.nutrition.Feed;
import mildlantern.quantity.Limits;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Calculator.Answer;
import mildlantern.web.calculator.Calculator.Line;
import mildlantern.web.calculator.Field;
import mildlantern.web.calculator.Given;

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

    static Calculator granules() {
        return new Calculator(
                "granules",
                "Slow release",
                "Granules for one pot, by the surface of the medium.",
                List.of(
                        Field.number("amount", "Granules", "", 0.25, 0.0001, 1e6),
                        Field.choice(
                                "measure",
                                "in",
                                Measure.POUND,
                                List.of(Measure.GRAM, Measure.KILOGRAM, Measure.OUNCE, Measure.POUND),
                                Measure::symbol),
                        Field.number("area", "on", "", 50, 0.001, 1e6),
                        Field.choice("area-in", "in", Area.SQUARE_FOOT, Area.class, Area::symbol),
                        Field.number("nitrogen", "Nitrogen", "%", 12, 0, 60),
                        Field.number("pot", "Pot", "cm across", 20, 2, 150)),
                given -> {
                    double rate = given.constant(Measure.class, "measure").inBase(given.number("amount"))
                            / given.constant(Area.class, "area-in").squareMetres(given.number("area"));
                    double grams = Pot.granules(Math.min(rate, 10_000), given.number("pot"));
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
                                    Line.of("Nitrogen in the pot", grams * given.number("nitrogen") * 10, "mg")),
                            warnings,
                            List.of());
                });
    }

    static Calculator feed() {
        return new Calculator(
                "feed",
                "Feed",
                "How much of a feed gives so much nitrogen, whatever its label counts in.",
                List.of(
                        Field.text("product", "Feed"),
                        Field.choice(
                                "label", "The label counts", LabelKind.OXIDES, LabelKind.class, kind -> kind.words),
                        Field.number("n", "N", "", 20, 0, 1000),
                        Field.number("p", "P or P₂O₅", "", 20, 0, 1000),
                        Field.number("k", "K or K₂O", "", 20, 0, 1000),
                        Field.number("total", "Total in brackets, for a ratio", "%", 10, 0, 100),
                        Field.choice("state", "It is a", FeedState.POWDER, FeedState.class, state -> state.words),
                        Field.number("density", "Weight of a litre, for a liquid", "kg", 1.2, 0.7, 2),
                        Field.number("target", "Nitrogen wanted", "mg/L", 100, 1, 500),
                        Field.number("volume", "To make", "L", 5, 0.01, 10_000)),
                FoodCalculators::feedAnswer);
    }

    static Answer feedAnswer(Given given) {
        Feed feed;
        try {
            feed = switch (given.constant(LabelKind.class, "label")) {
                case OXIDES -> Feed.oxides(given.number("n"), given.number("p"), given.number("k"));
                case ELEMENTS -> Feed.elements(given.number("n"), given.number("p"), given.number("k"));
                case RATIO ->
                    Feed.ratio(given.number("n"), given.number("p"), given.number("k"), given.number("total"));
            };
        } catch (IllegalArgumentException e) {
            given.problem("n", "A label does not hold more than 100 %, and not nothing of everything.");
            return Answer.none();
        }
        if (feed.nitrogen() <= 0) {
            given.problem("n", "This feed holds no nitrogen, so no amount of it gives any.");
            return Answer.none();
        }
        double perLitre = feed.gramsPerLitreFor(given.number("target"));
        double grams = perLitre * given.number("volume");
        boolean liquid = given.constant(FeedState.class, "state") == FeedState.LIQUID;
        double amount = liquid ? grams / given.number("density") : grams;
        Measure.Kind kind = liquid ? Measure.Kind.VOLUME : Measure.Kind.MASS;
        List<String> warnings = new ArrayList<>();
        Calculators.tooLittle(amount, kind, warnings);
        warnings.add("Nothing in rest, drought or sickness, and not in the first weeks after repotting.");
        return new Answer(
                List.of(
                        Calculators.measured("Feed", amount, kind),
                        Line.of("In a litre", amount / given.number("volume"), kind.unit() + " per L"),
                        Line.of("N", given.number("target"), "mg/L"),
                        Line.of("P comes with it", Feed.milligramsPerLitre(feed.phosphorus(), perLitre), "mg/L"),
                        Line.of("K comes with it", Feed.milligramsPerLitre(feed.potassium(), perLitre), "mg/L"),
                        Line.of("N in the label", feed.nitrogen(), "% by weight")),
                warnings,
                Calculators.bottle(given, "Feed, " + Limits.plain(given.number("target")) + " mg/L N"));
    }

    static Calculator blend() {
        return new Calculator(
                "blend",
                "Two waters",
                "Tap blended with rain or pure water to a strength between them.",
                List.of(
                        Field.number("tap", "Tap water", "mS/cm", 0.65, 0.01, 5),
                        Field.number("pure", "Purer water", "mS/cm", 0, 0, 5),
                        Field.number("target", "Wanted", "mS/cm", 0.15, 0, 5),
                        Field.number("volume", "To make", "L", 10, 0.01, 10_000)),
                given -> {
                    try {
                        double share =
                                Blend.shareOfTap(given.number("tap"), given.number("pure"), given.number("target"));
                        double volume = given.number("volume");
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
                        given.problem("target", "Mixing gives only what lies between the two waters.");
                        return Answer.none();
                    }
                });
    }

    static Calculator flush() {
        return new Calculator(
                "flush",
                "Flush",
                "Plain water to wash salts out of one pot: two to three times its volume.",
                List.of(
                        Field.number("pot", "Pot", "cm across", 15, 2, 150),
                        Field.number("height", "Height", "cm", 13, 2, 150)),
                given -> {
                    double volume = POT_FILL
                            * Pot.surfaceSquareMetres(given.number("pot"))
                            * 1e4
                            * given.number("height")
                            / 1000;
                    return new Answer(
                            List.of(
                                    Line.of("At least", 2 * volume, "L"),
                                    Line.of("Better", 3 * volume, "L"),
                                    Line.of("Volume of the medium", volume, "L")),
                            List.of("Scrape the crust off first; let it drain, and empty the saucer."),
                            List.of());
                });
    }

    static Calculator trap() {
        return new Calculator(
                "trap",
                "Vinegar saucer",
                "Thins the flies of fungus gnats; drying the medium is what ends them.",
                List.of(Field.number("saucers", "Saucers", "", 1, 1, 50)),
                given -> {
                    double saucers = given.number("saucers");
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
}

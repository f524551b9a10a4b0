package mildlantern.web.mixing;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.nutrition.SlowRelease;
import mildlantern.nutrition.WaterAnalysis;
import mildlantern.nutrition.Waters;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Calculator.Answer;
import mildlantern.web.calculator.Calculator.Line;
import mildlantern.web.calculator.Field;
import mildlantern.web.calculator.Given;
import org.springframework.stereotype.Component;

/** Calculators of waters and of granules that run down. */
@Component
class WaterCalculators {
    private static final int MOST_DAYS = 1200;

    private final Waters waters;
    private final SlowRelease slow;
    private final PlantKnowledge plants;
    private final Clock clock;

    WaterCalculators(Waters waters, SlowRelease slow, PlantKnowledge plants, Clock clock) {
        this.waters = waters;
        this.slow = slow;
        this.plants = plants;
        this.clock = clock;
    }

    List<Calculator> all() {
        return List.of(water(), lasting());
    }

    private Calculator water() {
        List<Field.Choice> kinds = plants.profiles().stream()
                .map(kind -> new Field.Choice(kind.id(), kind.name()))
                .toList();
        return new Calculator(
                "water",
                "Water for a kind",
                "Whether a water suits a kind of plant, and how much of it a blend with rain may hold.",
                List.of(
                        Field.choice("kind", "Plant", "phalaenopsis", kinds),
                        Field.number("conductivity", "Conductivity", "mS/cm", 0.6, 0, 10),
                        Field.number("hardness", "Hardness", "mg/L CaCO₃", 280, 0, 2000),
                        Field.number("alkalinity", "Alkalinity", "mg/L CaCO₃", 220, 0, 2000),
                        Field.number("sodium", "Sodium", "mg/L", 20, 0, 2000),
                        Field.number("feed", "Usual feed adds", "mS/cm", 0.4, 0, 5)),
                this::judged);
    }

    private Answer judged(Given given) {
        Optional<Profile> kind = plants.profile(given.text("kind"));
        if (kind.isEmpty()) {
            given.problem("kind", "Choose a kind of plant.");
            return Answer.none();
        }
        WaterAnalysis water = new WaterAnalysis(
                given.number("conductivity"),
                OptionalDouble.of(given.number("hardness")),
                OptionalDouble.of(given.number("alkalinity")),
                OptionalDouble.of(given.number("sodium")));
        Waters.Judged judged = waters.judge(kind.get(), water, given.number("feed"));
        List<String> minds = new ArrayList<>();
        minds.add(
                switch (judged.verdict()) {
                    case SUITS -> "It suits the " + kind.get().name() + ".";
                    case WITH_CARE -> "With care only.";
                    case UNSUITABLE -> "It does not suit the " + kind.get().name() + ".";
                });
        minds.addAll(judged.reasons());
        minds.add(Waters.standing());
        return new Answer(
                List.of(
                        Line.of("Dissolved", judged.dissolvedMg(), "mg/L, about"),
                        Line.of("It bears", judged.allowedMg(), "mg/L"),
                        Line.of(
                                "Share of it in rain water, at most",
                                100 * waters.shareBorne(kind.get(), water, waters.typical(WaterSource.RAIN)),
                                "%"),
                        Line.of("With the feed", water.conductivity() + given.number("feed"), "mS/cm"),
                        Line.of("It bears with feed", waters.allowedWithFeed(kind.get()), "mS/cm")),
                minds,
                List.of());
    }

    private Calculator lasting() {
        return new Calculator(
                "lasting",
                "How long granules last",
                "Coated granules free their food faster in warmth: what is left of them, and when they are used up.",
                List.of(
                        Field.number("months", "They last", "months at 21 °C", 8, 1, 24),
                        Field.number("celsius", "Warmth here", "°C", 24, 1, 45),
                        Field.number("grams", "In the pot", "g", 4, 0.01, 5000),
                        Field.number("nitrogen", "Nitrogen in them", "%", 12, 0.1, 60),
                        Field.number("days", "After", "days", 90, 0, 1000)),
                given -> {
                    double months = given.number("months");
                    double celsius = given.number("celsius");
                    LocalDate today = LocalDate.now(clock);
                    double left =
                            slow.left(months, today.minusDays((long) given.number("days")), today, day -> celsius);
                    double mg = given.number("grams") * given.number("nitrogen") * 10;
                    long lasts = ChronoUnit.DAYS.between(today, slow.usedUp(months, today, day -> celsius, MOST_DAYS));
                    return new Answer(
                            List.of(
                                    Line.of("Left by then", 100 * left, "%"),
                                    Line.of("Used up after", lasts, "days"),
                                    Line.of("Nitrogen freed in a day", mg * slow.aDay(months, celsius), "mg"),
                                    Line.of("Nitrogen in all", mg, "mg")),
                            List.of("Lay them in early spring only, so that they are used up before winter."),
                            List.of());
                });
    }
}

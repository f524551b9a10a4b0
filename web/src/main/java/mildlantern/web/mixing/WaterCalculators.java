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
import mildlantern.nutrition.WaterReason;
import mildlantern.nutrition.Waters;
import mildlantern.plant.PlantKnowledge;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.web.calculator.Asks;
import mildlantern.web.calculator.Calculator;
import mildlantern.web.calculator.Calculator.Answer;
import mildlantern.web.calculator.Calculator.Line;
import mildlantern.web.calculator.Field;
import mildlantern.web.calculator.Form;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Wording;
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

    List<Calculator<?>> all() {
        return List.of(water(), lasting());
    }

    private Calculator<?> water() {
        List<Field.Choice> kinds = plants.profiles().stream()
                .map(kind -> new Field.Choice(kind.id(), kind.name()))
                .toList();
        return new Calculator<>("water", Form.of(WaterAsked.class).choices("kind", kinds), this::judged);
    }

    private Answer judged(WaterAsked asked) {
        Optional<Profile> kind = plants.profile(asked.kind());
        if (kind.isEmpty()) {
            return Answer.refused("kind", Wording.say("mixing.water-calculators.choose-kind-plant"));
        }
        WaterAnalysis water = new WaterAnalysis(
                asked.conductivity(),
                OptionalDouble.of(asked.hardness()),
                OptionalDouble.of(asked.alkalinity()),
                OptionalDouble.of(asked.sodium()));
        Waters.Judged judged = waters.judge(kind.get(), water, asked.feed());
        List<String> minds = new ArrayList<>();
        minds.add(
                switch (judged.verdict()) {
                    case SUITS ->
                        Wording.say("mixing.water-calculators.suits", kind.get().name());
                    case WITH_CARE -> Wording.say("mixing.water-calculators.care-only");
                    case UNSUITABLE ->
                        Wording.say(
                                "mixing.water-calculators.does-not-suit",
                                kind.get().name());
                });
        judged.reasons().stream().map(Wording::of).forEach(minds::add);
        minds.add(Wording.of(WaterReason.STANDING));
        return new Answer(
                List.of(
                        Line.of(
                                Wording.say("mixing.water-calculators.dissolved"),
                                judged.dissolvedMg(),
                                Wording.say("mixing.water-calculators.mg-l-about")),
                        Line.of(Wording.say("mixing.water-calculators.tolerates"), judged.allowedMg(), "mg/L"),
                        Line.of(
                                Wording.say("mixing.water-calculators.share-rain-water-most"),
                                100
                                        * waters.shareBorne(
                                                kind.get(),
                                                water,
                                                waters.typical(WaterSource.RAIN),
                                                OptionalDouble.empty()),
                                "%"),
                        Line.of(
                                Wording.say("mixing.water-calculators.feed"),
                                water.conductivity() + asked.feed(),
                                "mS/cm"),
                        Line.of(
                                Wording.say("mixing.water-calculators.tolerates-feed"),
                                waters.allowedWithFeed(kind.get()),
                                "mS/cm")),
                minds,
                List.of());
    }

    private Calculator<?> lasting() {
        return new Calculator<>("lasting", Form.of(LastingAsked.class), asked -> {
            double months = asked.months();
            double celsius = asked.celsius();
            LocalDate today = LocalDate.now(clock);
            double left = slow.left(months, today.minusDays((long) asked.days()), today, day -> celsius);
            double mg = asked.grams() * asked.nitrogen() * 10;
            long lasts = ChronoUnit.DAYS.between(today, slow.usedUp(months, today, day -> celsius, MOST_DAYS));
            return new Answer(
                    List.of(
                            Line.of(Wording.say("mixing.water-calculators.left-by-then"), 100 * left, "%"),
                            Line.of(Wording.say("mixing.water-calculators.used-up-after"), lasts, "days"),
                            Line.of(
                                    Wording.say("mixing.water-calculators.nitrogen-freed-day"),
                                    mg * slow.aDay(months, celsius),
                                    "mg"),
                            Line.of(Wording.say("mixing.water-calculators.nitrogen-all"), mg, "mg")),
                    List.of(Wording.say("mixing.water-calculators.apply-early-spring-only")),
                    List.of());
        });
    }

    record WaterAsked(
            @Asks.Choice(preset = "phalaenopsis") String kind,

            @Asks.Number(preset = 0.6, low = 0, high = 10) double conductivity,

            @Asks.Number(preset = 280, low = 0, high = 2000) double hardness,

            @Asks.Number(preset = 220, low = 0, high = 2000) double alkalinity,

            @Asks.Number(preset = 20, low = 0, high = 2000) double sodium,

            @Asks.Number(preset = 0.4, low = 0, high = 5) double feed) {}

    record LastingAsked(
            @Asks.Number(preset = 8, low = 1, high = 24) double months,

            @Asks.Number(preset = 24, low = 1, high = 45, in = Unit.CELSIUS)
            double celsius,

            @Asks.Number(preset = 4, low = 0.01, high = 5000, in = Unit.GRAM)
            double grams,

            @Asks.Number(preset = 12, low = 0.1, high = 60) double nitrogen,

            @Asks.Number(preset = 90, low = 0, high = 1000) double days) {}
}

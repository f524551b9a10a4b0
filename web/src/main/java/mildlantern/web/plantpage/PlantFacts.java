package mildlantern.web.plantpage;

import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.knowledge.Words;
import mildlantern.log.LogEntry;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.PotAccount;
import mildlantern.plant.Profile;
import mildlantern.quantity.Limits;
import mildlantern.web.log.LogLine;
import mildlantern.web.plant.Plant;
import mildlantern.web.routine.FoodBook;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** What is known of a plant today, in short lines. */
@Component
class PlantFacts {
    /** Less than this says only that it is wet. */
    private static final int LEAST_ML = 10;

    private static final DayFormat SHORT = DayFormat.SHORT;

    private final FoodBook food;
    private final FeedPlan feeds;
    private final Clock clock;

    PlantFacts(FoodBook food, FeedPlan feeds, Clock clock) {
        this.food = food;
        this.feeds = feeds;
        this.clock = clock;
    }

    String water(ScheduleRow row) {
        LocalDate today = LocalDate.now(clock);
        String thirst = row.observations() == 0
                ? Wording.say("plantpage.plant-facts.estimated-type-probe-weight")
                : Wording.say(
                        "plantpage.plant-facts.readings-drinks-what-usual",
                        row.observations(),
                        row.factor() > 1.15
                                ? Wording.say("plantpage.plant-facts.times", Limits.tenths(row.factor()))
                                : row.factor() < 0.87
                                        ? Wording.say("plantpage.plant-facts.only-times", Limits.tenths(row.factor()))
                                        : Wording.say("plantpage.plant-facts.about"));
        return row.schedule()
                .water()
                .map(check -> Wording.say(
                        "plantpage.plant-facts.tray-empty-soak-lasts",
                        check.tray(),
                        days(today, check.likely()),
                        SHORT.format(check.early()),
                        SHORT.format(check.late()),
                        Limits.tenths(row.cycleDays()),
                        thirst))
                .orElse(Wording.say("plantpage.plant-facts.no-watering-written-down"));
    }

    private static String days(LocalDate from, LocalDate to) {
        long days = Math.max(0, ChronoUnit.DAYS.between(from, to));
        return days == 0
                ? Wording.say("plantpage.plant-facts.less-than-day")
                : days == 1
                        ? Wording.say("plantpage.plant-facts.about-day")
                        : Wording.say("plantpage.plant-facts.about-days", days);
    }

    List<PlantViews.Want> facts(Plant plant, Profile profile, Optional<ScheduleRow> row, List<LogLine> log) {
        List<PlantViews.Want> facts = new ArrayList<>();
        Optional.ofNullable(plant.accession())
                .ifPresent(number -> fact(facts, Wording.say("plantpage.plant-facts.number"), number));
        String pot = Stream.of(
                        plant.potDiameterCm() == null ? "" : Units.shown(plant.potDiameterCm(), Unit.Of.LENGTH),
                        Wording.of(plant.potKind()),
                        Boolean.TRUE.equals(plant.outerPot()) ? Wording.say("plantpage.plant-facts.outer-pot") : "",
                        plant.reservoirMl() > 0
                                ? Wording.say(
                                        "plantpage.plant-facts.reservoir",
                                        Units.shown(plant.reservoirMl(), Unit.Of.VOLUME))
                                : "")
                .filter(text -> !text.isEmpty())
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
        fact(facts, Wording.say("plantpage.plant-facts.pot-size"), pot);
        Optional.ofNullable(plant.medium())
                .ifPresent(medium -> fact(
                        facts,
                        Wording.say("plantpage.plant-facts.medium"),
                        Words.spoken(medium)
                                + Optional.ofNullable(plant.pottedOn())
                                        .map(day ->
                                                Wording.say("plantpage.plant-facts.since", PlantPages.DAY.format(day)))
                                        .orElse("")));
        Optional.ofNullable(plant.acquiredOn())
                .ifPresent(day -> fact(
                        facts,
                        Wording.say("plantpage.plant-facts.acquired"),
                        PlantPages.DAY.format(day)
                                + Optional.ofNullable(plant.source())
                                        .map(from -> ", " + from)
                                        .orElse("")));
        row.filter(it -> it.schedule().water().filter(check -> !check.resting()).isPresent() && it.pourMl() >= LEAST_ML)
                .ifPresent(it -> fact(
                        facts,
                        Wording.say("plantpage.plant-facts.wet-through"),
                        Units.shown(Math.round(it.pourMl() / 10.0) * 10, Unit.Of.VOLUME)));
        if (plant.wetGrams() != null || plant.dryGrams() != null) {
            fact(
                    facts,
                    Wording.say("plantpage.plant-facts.weighs"),
                    Optional.ofNullable(plant.wetGrams())
                                    .map(g -> Wording.say("plantpage.plant-facts.g-wet", g))
                                    .orElse(Wording.say("plantpage.plant-facts.wet-not-known"))
                            + ", "
                            + Optional.ofNullable(plant.dryGrams())
                                    .map(g -> Wording.say("plantpage.plant-facts.g-dry", g))
                                    .orElse(Wording.say("plantpage.plant-facts.dry-not-known")));
        }
        newLeaf(log).ifPresent(words -> fact(facts, Wording.say("plantpage.plant-facts.new-leaf"), words));
        food.balance(plant, profile, log, LocalDate.now(clock))
                .ifPresent(balance -> fact(facts, Wording.say("plantpage.plant-facts.pot"), held(balance)));
        return facts;
    }

    /** The newest leaf against the one before: the measure of whether it thrives. */
    private Optional<String> newLeaf(List<LogLine> log) {
        List<Double> lengths = log.stream()
                .flatMap(line -> line.as(LogEntry.NewLeaf.class).stream())
                .map(LogEntry.NewLeaf::lengthCm)
                .limit(2)
                .toList();
        if (lengths.isEmpty()) {
            return Optional.empty();
        }
        String now = Units.shown(lengths.get(0), Unit.Of.LENGTH);
        return Optional.of(
                lengths.size() < 2
                        ? Wording.say("plantpage.plant-facts.first-was-measured", now)
                        : Wording.say(
                                "plantpage.plant-facts.than-last-thrives",
                                now,
                                feeds.leaf(lengths.get(0), lengths.get(1)).name(),
                                Units.shown(lengths.get(1), Unit.Of.LENGTH),
                                feeds.leaf(lengths.get(0), lengths.get(1)) == FeedPlan.LeafVerdict.BIGGER));
    }

    private static String held(PotAccount.Balance balance) {
        String words = Wording.say(
                "plantpage.plant-facts.roughly-mg-l-nitrogen",
                Math.round(balance.nitrogenPerLitre()),
                balance.conductivity());
        return words
                + (balance.flushDue()
                        ? Wording.say("plantpage.plant-facts.needs-flush")
                        : balance.hungry() ? Wording.say("plantpage.plant-facts.goes-short-feed-if") : "");
    }

    private static void fact(List<PlantViews.Want> facts, String what, String value) {
        facts.add(new PlantViews.Want(what, value, "", true));
    }
}

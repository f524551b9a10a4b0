package mildlantern.web.plantpage;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
import mildlantern.web.plant.PotWords;
import mildlantern.web.routine.FoodBook;
import mildlantern.web.routine.ScheduleRow;
import org.springframework.stereotype.Component;

/** What is known of a plant today, in short lines. */
@Component
class PlantFacts {
    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("d MMM", Locale.UK);

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
                ? "reckoned for its kind; a probe or a weight makes it this plant's own"
                : "%s readings: it drinks %s what is usual for its kind here"
                        .formatted(
                                row.observations(),
                                row.factor() > 1.15
                                        ? Limits.tenths(row.factor()) + " times"
                                        : row.factor() < 0.87
                                                ? "only " + Limits.tenths(row.factor()) + " times"
                                                : "about");
        return row.schedule()
                .water()
                .map(check -> "%s in %s (%s to %s). A soak lasts about %s days here; %s."
                        .formatted(
                                check.tray() ? "Tray empty" : "Dry enough",
                                days(today, check.likely()),
                                SHORT.format(check.early()),
                                SHORT.format(check.late()),
                                Limits.tenths(row.cycleDays()),
                                thirst))
                .orElse("No watering is written down yet. Note one, and the next look into the pot is worked out.");
    }

    private static String days(LocalDate from, LocalDate to) {
        long days = Math.max(0, ChronoUnit.DAYS.between(from, to));
        return days == 0 ? "less than a day" : days == 1 ? "about a day" : "about " + days + " days";
    }

    List<PlantViews.Want> facts(Plant plant, Profile profile, Optional<ScheduleRow> row, List<LogLine> log) {
        List<PlantViews.Want> facts = new ArrayList<>();
        Optional.ofNullable(plant.accession()).ifPresent(number -> fact(facts, "Number", number));
        String pot = Stream.of(
                        plant.potDiameterCm() == null ? "" : Limits.plain(plant.potDiameterCm()) + " cm",
                        PotWords.of(plant.potKind()),
                        Boolean.TRUE.equals(plant.outerPot()) ? "in an outer pot" : "",
                        plant.reservoirMl() > 0 ? "reservoir " + Limits.plain(plant.reservoirMl()) + " mL" : "")
                .filter(text -> !text.isEmpty())
                .reduce((a, b) -> a + ", " + b)
                .orElse("");
        fact(facts, "Pot", pot);
        Optional.ofNullable(plant.medium())
                .ifPresent(medium -> fact(
                        facts,
                        "Medium",
                        Words.spoken(medium)
                                + Optional.ofNullable(plant.pottedOn())
                                        .map(day -> ", since " + PlantPages.DAY.format(day))
                                        .orElse("")));
        Optional.ofNullable(plant.acquiredOn())
                .ifPresent(day -> fact(
                        facts,
                        "Came",
                        PlantPages.DAY.format(day)
                                + Optional.ofNullable(plant.source())
                                        .map(from -> ", " + from)
                                        .orElse("")));
        row.filter(it -> it.schedule().water().isPresent())
                .ifPresent(it -> fact(facts, "To wet it through", Math.round(it.wetThroughMl() / 10.0) * 10 + " mL"));
        if (plant.wetGrams() != null || plant.dryGrams() != null) {
            fact(
                    facts,
                    "Weighs",
                    Optional.ofNullable(plant.wetGrams()).map(g -> g + " g wet").orElse("wet not known") + ", "
                            + Optional.ofNullable(plant.dryGrams())
                                    .map(g -> g + " g dry")
                                    .orElse("dry not known"));
        }
        newLeaf(log).ifPresent(words -> fact(facts, "New leaf", words));
        food.balance(plant, profile, log, LocalDate.now(clock))
                .ifPresent(balance -> fact(facts, "In its pot", held(balance)));
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
        String now = Limits.plain(lengths.get(0)) + " cm";
        return Optional.of(
                lengths.size() < 2
                        ? now + ", the first that was measured"
                        : "%s, %s than the last (%s cm)%s"
                                .formatted(
                                        now,
                                        switch (feeds.leaf(lengths.get(0), lengths.get(1))) {
                                            case BIGGER -> "bigger";
                                            case ALIKE -> "no other";
                                            case SMALLER -> "smaller";
                                        },
                                        Limits.plain(lengths.get(1)),
                                        feeds.leaf(lengths.get(0), lengths.get(1)) == FeedPlan.LeafVerdict.BIGGER
                                                ? ": it thrives"
                                                : ""));
    }

    private static String held(PotAccount.Balance balance) {
        String words = "roughly %d mg/L nitrogen, salts %.1f mS/cm"
                .formatted(Math.round(balance.nitrogenPerLitre()), balance.conductivity());
        return words
                + (balance.flushDue()
                        ? ": wants a flush"
                        : balance.hungry() ? ": goes short, feed it if nothing holds" : "");
    }

    private static void fact(List<PlantViews.Want> facts, String what, String value) {
        facts.add(new PlantViews.Want(what, value, "", true));
    }
}

package mildlantern.web.feeding;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import mildlantern.mixing.Batch;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Tools;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.FeedProduct;
import mildlantern.nutrition.WaterAnalysis;
import mildlantern.nutrition.Waters;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Hold;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import mildlantern.web.words.Unit;
import mildlantern.web.words.Units;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** The feeds that are due, put together into as few mixes as there are strengths. */
@Component
class FeedMixes {
    private static final double LEAST_TO_MEASURE = 0.5;

    private final Plants plants;
    private final Schedules schedule;
    private final CaseTroubles troubles;
    private final FeedPlan feeds;
    private final Waters waters;
    private final OwnWaters ownWaters;
    private final Clock clock;

    FeedMixes(
            Plants plants,
            Schedules schedule,
            CaseTroubles troubles,
            FeedPlan feeds,
            Waters waters,
            OwnWaters ownWaters,
            Clock clock) {
        this.plants = plants;
        this.schedule = schedule;
        this.troubles = troubles;
        this.feeds = feeds;
        this.waters = waters;
        this.ownWaters = ownWaters;
        this.clock = clock;
    }

    record Due(Plant plant, Profile profile, ScheduleRow.Feed feed, double ml) {}

    /** Plants whose feed is due, without those that a case holds. */
    List<Due> due(CollectionId collection, List<Plant> plants) {
        CaseTroubles.Open open = troubles.open(collection);
        LocalDate today = LocalDate.now(clock);
        Map<PlantId, Plant> byId = plants.stream().collect(Collectors.toMap(Plant::id, plant -> plant));
        List<Due> due = new ArrayList<>();
        for (ScheduleRow row : schedule.feedDue(collection, today)) {
            Plant plant = byId.get(row.plant());
            if (plant == null
                    || row.feed().isEmpty()
                    // For prey nothing is mixed; the round asks for it.
                    || row.feed().get().way() == FeedPlan.Way.SNAP_TRAPS
                    || open.troubles().containsKey(plant.id())
                    || open.holds().getOrDefault(plant.id(), Set.of()).contains(Hold.FEED)) {
                continue;
            }
            ScheduleRow.Feed feed = row.feed().get();
            double ml = feed.ml() > 0 ? feed.ml() : Math.max(10, rounded(row.pourMl() * feeds.shareOfASoak()));
            due.add(new Due(plant, this.plants.profile(plant), feed, ml));
        }
        return due;
    }

    private static double rounded(double ml) {
        double step = ml < 100 ? 5 : ml < 500 ? 10 : 50;
        return Math.round(ml / step) * step;
    }

    /** By what is mixed: strength and whether it is for traps. */
    static Map<String, List<Due>> mixes(List<Due> due) {
        Map<String, List<Due>> mixes = new TreeMap<>(Comparator.comparing((String key) -> key.startsWith("trap"))
                .thenComparing(Comparator.comparingDouble(FeedMixes::strength).reversed()));
        due.forEach(
                one -> mixes.computeIfAbsent(key(one), key -> new ArrayList<>()).add(one));
        return mixes;
    }

    private static String key(Due one) {
        return (one.feed().way() == FeedPlan.Way.ROOTS ? "root-" : "trap-")
                + Math.round(one.feed().mgNitrogen());
    }

    private static double strength(String key) {
        return Double.parseDouble(key.substring(key.indexOf('-') + 1));
    }

    FeedingViews.Mix mix(
            CollectionId collection, String key, List<Due> group, FeedProduct chosen, Map<StopId, String> stops) {
        boolean traps = key.startsWith("trap");
        FeedProduct product = traps && !chosen.organic() ? feeds.trapFeed() : chosen;
        double strength = strength(key);
        FeedProduct.Litre litre = product.litreWith(strength);
        Batch batch = Batch.of(group.stream().map(Due::ml).toList());
        double amount = litre.amount() * batch.millilitres() / 1000;
        Measure.Kind kind = litre.unit().equals("mL") ? Measure.Kind.VOLUME : Measure.Kind.MASS;
        List<String> minds = new ArrayList<>();
        if (!traps) {
            minds.addAll(minds(collection, group, litre));
        } else {
            minds.add(Wording.say("feeding.feed-mixes.mineral-feed-burns-traps"));
        }
        return new FeedingViews.Mix(
                key,
                traps
                        ? Wording.say("feeding.feed-mixes.traps-organic-mg-l", Limits.plain(strength))
                        : Wording.say("feeding.feed-mixes.roots-mg-l-nitrogen", Limits.plain(strength)),
                amountWords(batch.millilitres()),
                Wording.say(
                        "feeding.feed-mixes.of",
                        Limits.plain(Math.round(amount * 100) / 100.0),
                        litre.unit(),
                        product.name()),
                measured(amount, kind),
                litreWords(litre),
                minds,
                group.stream()
                        .map(one -> new FeedingViews.Share(
                                one.plant().id(),
                                one.plant().name(),
                                stops.getOrDefault(one.plant().stop(), ""),
                                Units.shown(one.ml(), Unit.Of.VOLUME),
                                Wording.of(one.feed().how())))
                        .toList());
    }

    /** How it is measured out; what no spoon or scale holds goes by a stock a hundred times as thin. */
    private static String measured(double amount, Measure.Kind kind) {
        if (amount < LEAST_TO_MEASURE) {
            return Wording.say("feeding.feed-mixes.too-little-measure-dissolve", kind.unit(), Math.round(amount * 100));
        }
        return Tools.USUAL
                .measure(amount, kind)
                .map(found -> Wording.say(
                        "feeding.feed-mixes.with-the",
                        Limits.plain(found.amount()),
                        kind.unit(),
                        found.tool().name()))
                .orElse(Wording.say("feeding.feed-mixes.weigh"));
    }

    private static String amountWords(double ml) {
        return Units.shown(ml, Unit.Of.VOLUME);
    }

    private static String litreWords(FeedProduct.Litre litre) {
        List<String> parts = new ArrayList<>();
        element(parts, "P", litre.phosphorus());
        element(parts, "K", litre.potassium());
        element(parts, "Ca", litre.calcium());
        element(parts, "Mg", litre.magnesium());
        element(parts, "Fe", litre.iron());
        return Wording.say(
                "feeding.feed-mixes.mg-l-adds-ms",
                String.join(", ", parts),
                Limits.plain(Math.round(litre.conductivity() * 100) / 100.0));
    }

    private static void element(List<String> parts, String name, double mg) {
        if (mg >= 0.05) {
            parts.add("%s %s".formatted(name, Limits.plain(Math.round(mg * (mg < 2 ? 10 : 1)) / (mg < 2 ? 10.0 : 1))));
        }
    }

    /** Plants for which water and feed together conduct too much. */
    private List<String> minds(CollectionId collection, List<Due> group, FeedProduct.Litre litre) {
        Map<WaterSource, WaterAnalysis> analyses = ownWaters.analyses(collection);
        Map<String, List<String>> names = new LinkedHashMap<>();
        for (Due one : group) {
            WaterSource source = Optional.ofNullable(one.plant().waterSource()).orElse(WaterSource.RAIN);
            double together = Objects.requireNonNull(analyses.get(source)).conductivity() + litre.conductivity();
            double most = waters.allowedWithFeed(one.profile());
            if (together > most) {
                String words = Wording.say(
                        "feeding.feed-mixes.ms-cm-tolerates",
                        Limits.plain(Math.round(together * 100) / 100.0),
                        Wording.of(source),
                        Limits.plain(most));
                double inRain = waters.typical(WaterSource.RAIN).conductivity() + litre.conductivity();
                names.computeIfAbsent(
                                inRain > most
                                        ? Wording.say("feeding.feed-mixes.mix-weaker", words)
                                        : Wording.say("feeding.feed-mixes.mix-rain-water", words),
                                said -> new ArrayList<>())
                        .add(one.plant().name());
            }
        }
        return names.entrySet().stream()
                .map(entry ->
                        Wording.say("feeding.feed-mixes.minds", String.join(", ", entry.getValue()), entry.getKey()))
                .toList();
    }
}

package mildlantern.web.feeding;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import mildlantern.log.LogEntry;
import mildlantern.mixing.Batch;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Tools;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.FeedProduct;
import mildlantern.nutrition.SlowRelease;
import mildlantern.nutrition.WaterAnalysis;
import mildlantern.nutrition.Waters;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.quantity.Limits;
import mildlantern.treatment.Hold;
import mildlantern.web.casework.CaseTroubles;
import mildlantern.web.log.LogWords;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.Routine;
import mildlantern.web.routine.ScheduleRow;
import mildlantern.web.routine.Schedules;
import mildlantern.web.stop.Houses;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Today's feeds as few mixes, each made at once for all plants that get it. */
@Service
@Transactional(readOnly = true)
class FeedingService {
    private static final double LEAST_TO_MEASURE = 0.5;

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);

    private final Plants plants;
    private final Stops stops;
    private final Houses houses;
    private final Schedules upkeep;
    private final CaseTroubles troubles;
    private final RecordWriter log;
    private final Routine routine;
    private final WrittenForms forms;
    private final FeedPlan feeds;
    private final Waters waters;
    private final OwnWaters ownWaters;
    private final SlowRelease slow;
    private final FeedingRows.Feeds ownFeeds;
    private final Clock clock;

    FeedingService(
            Plants plants,
            Stops stops,
            Houses houses,
            Schedules upkeep,
            CaseTroubles troubles,
            RecordWriter log,
            Routine routine,
            WrittenForms forms,
            FeedPlan feeds,
            Waters waters,
            OwnWaters ownWaters,
            SlowRelease slow,
            FeedingRows.Feeds ownFeeds,
            Clock clock) {
        this.plants = plants;
        this.stops = stops;
        this.houses = houses;
        this.upkeep = upkeep;
        this.troubles = troubles;
        this.log = log;
        this.routine = routine;
        this.forms = forms;
        this.feeds = feeds;
        this.waters = waters;
        this.ownWaters = ownWaters;
        this.slow = slow;
        this.ownFeeds = ownFeeds;
        this.clock = clock;
    }

    /** The page. */
    record Page(
            List<Mix> mixes,
            List<String> held,
            List<Choice> products,
            String chosen,
            List<String> wanting,
            Optional<String> granules,
            List<WaterLine> waters,
            String standing,
            String season,
            FormKey form) {}

    /** A feed to choose. */
    record Choice(String id, String words, boolean chosen) {}

    /**
     * One mix.
     *
     * @param key by which it is sent
     * @param make what to make, in words
     * @param product how much of the feed, in words, and how it is measured out
     * @param litre what a litre of it holds
     */
    record Mix(
            String key,
            String name,
            String make,
            String product,
            String measured,
            String litre,
            List<String> minds,
            List<Share> shares) {}

    /** What one plant gets. */
    record Share(PlantId plant, String name, String stop, String amount, String words) {}

    /** A water of the house. */
    record WaterLine(WaterSource source, String name, String analysis, String from, String suits, List<String> bad) {}

    private record Due(Plant plant, Profile profile, ScheduleRow.Feed feed, double ml) {}

    /** All feeds that can be chosen: those that are commonly sold, and the house's own. */
    List<FeedProduct> products(CollectionId collection) {
        List<FeedProduct> all = new ArrayList<>();
        ownFeeds.findByCollectionOrderByName(collection).forEach(feed -> all.add(feed.product()));
        all.addAll(feeds.products());
        return all;
    }

    private FeedProduct chosen(CollectionId collection) {
        String id = houses.feed(collection).orElse(feeds.usual().id());
        return products(collection).stream()
                .filter(product -> product.id().equals(id))
                .findFirst()
                .orElseGet(feeds::usual);
    }

    Page page(CollectionId collection) {
        FeedProduct chosen = chosen(collection);
        List<Plant> plants = this.plants.plants(collection);
        Map<StopId, String> stops =
                this.stops.walk(collection).stream().collect(Collectors.toMap(Stop::id, Stop::name));
        List<Due> due = due(collection, plants);
        List<Mix> mixes = new ArrayList<>();
        mixes(due).forEach((key, group) -> mixes.add(mix(collection, key, group, chosen, stops)));
        return new Page(
                List.copyOf(mixes),
                held(collection, plants),
                products(collection).stream()
                        .filter(product -> product.form() != FeedProduct.Form.GRANULES
                                && product.label().nitrogen() > 0
                                && product.lopsided().isEmpty())
                        .map(product -> new Choice(
                                product.id(), product.name(), product.id().equals(chosen.id())))
                        .toList(),
                chosen.name(),
                chosen.wanting(),
                granules(collection),
                waterLines(collection, plants),
                Waters.standing(),
                houses.season(collection, LocalDate.now(clock)).name().toLowerCase(Locale.ROOT),
                FormKey.fresh());
    }

    /** Plants whose feed is due, without those that a case holds. */
    private List<Due> due(CollectionId collection, List<Plant> plants) {
        CaseTroubles.Open open = troubles.open(collection);
        LocalDate today = LocalDate.now(clock);
        Map<PlantId, Plant> byId = plants.stream().collect(Collectors.toMap(Plant::id, plant -> plant));
        List<Due> due = new ArrayList<>();
        for (ScheduleRow row : upkeep.feedDue(collection, today)) {
            Plant plant = byId.get(row.plant());
            if (plant == null
                    || row.feed().isEmpty()
                    || open.troubles().containsKey(plant.id())
                    || open.holds().getOrDefault(plant.id(), Set.of()).contains(Hold.FEED)) {
                continue;
            }
            ScheduleRow.Feed feed = row.feed().get();
            double ml = feed.ml() > 0 ? feed.ml() : Math.max(10, rounded(row.wetThroughMl() * feeds.shareOfASoak()));
            due.add(new Due(plant, this.plants.profile(plant), feed, ml));
        }
        return due;
    }

    private static double rounded(double ml) {
        double step = ml < 100 ? 5 : ml < 500 ? 10 : 50;
        return Math.round(ml / step) * step;
    }

    /** By what is mixed: strength and whether it is for traps. */
    private static Map<String, List<Due>> mixes(List<Due> due) {
        Map<String, List<Due>> mixes = new TreeMap<>(Comparator.comparing((String key) -> key.startsWith("trap"))
                .thenComparing(
                        Comparator.comparingDouble(FeedingService::strength).reversed()));
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

    private Mix mix(
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
            minds.add("Mineral feed burns traps and kills by osmosis: organic feed only, never on the medium.");
        }
        return new Mix(
                key,
                traps
                        ? "For traps, organic, %s mg/L nitrogen".formatted(Limits.plain(strength))
                        : "For roots, %s mg/L nitrogen".formatted(Limits.plain(strength)),
                amountWords(batch.millilitres()),
                "%s %s of %s".formatted(Limits.plain(Math.round(amount * 100) / 100.0), litre.unit(), product.name()),
                measured(amount, kind),
                litreWords(litre),
                minds,
                group.stream()
                        .map(one -> new Share(
                                one.plant().id(),
                                one.plant().name(),
                                stops.getOrDefault(one.plant().stop(), ""),
                                Math.round(one.ml()) + " mL",
                                one.feed().words()))
                        .toList());
    }

    /** How it is measured out; what no spoon or scale holds goes by a stock a hundred times as thin. */
    private static String measured(double amount, Measure.Kind kind) {
        if (amount < LEAST_TO_MEASURE) {
            return "too little to measure: dissolve 1 %s in 100 mL, and take %d mL of that; keep none of it"
                    .formatted(kind.unit(), Math.round(amount * 100));
        }
        return Tools.USUAL
                .measure(amount, kind)
                .map(found -> "%s %s with the %s"
                        .formatted(
                                Limits.plain(found.amount()),
                                kind.unit(),
                                found.tool().name()))
                .orElse("weigh it");
    }

    private static String amountWords(double ml) {
        return ml < 1000 ? Math.round(ml) + " mL" : Limits.plain(Math.round(ml / 10) / 100.0) + " L";
    }

    private static String litreWords(FeedProduct.Litre litre) {
        List<String> parts = new ArrayList<>();
        element(parts, "P", litre.phosphorus());
        element(parts, "K", litre.potassium());
        element(parts, "Ca", litre.calcium());
        element(parts, "Mg", litre.magnesium());
        element(parts, "Fe", litre.iron());
        return "with %s mg/L; adds %s mS/cm"
                .formatted(String.join(", ", parts), Limits.plain(Math.round(litre.conductivity() * 100) / 100.0));
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
                names.computeIfAbsent(
                                "%s mS/cm with %s, and it bears %s"
                                        .formatted(
                                                Limits.plain(Math.round(together * 100) / 100.0),
                                                LogWords.water(source),
                                                Limits.plain(most)),
                                words -> new ArrayList<>())
                        .add(one.plant().name());
            }
        }
        return names.entrySet().stream()
                .map(entry -> String.join(", ", entry.getValue()) + ": " + entry.getKey() + "; mix it with rain water.")
                .toList();
    }

    private List<String> held(CollectionId collection, List<Plant> plants) {
        CaseTroubles.Open open = troubles.open(collection);
        Set<PlantId> due = upkeep.feedDue(collection, LocalDate.now(clock)).stream()
                .map(ScheduleRow::plant)
                .collect(Collectors.toSet());
        return plants.stream()
                .filter(plant -> due.contains(plant.id())
                        && (open.troubles().containsKey(plant.id())
                                || open.holds()
                                        .getOrDefault(plant.id(), Set.of())
                                        .contains(Hold.FEED)))
                .map(Plant::name)
                .toList();
    }

    /** Until when granules that are laid today would last. */
    private Optional<String> granules(CollectionId collection) {
        return products(collection).stream()
                .filter(product -> product.form() == FeedProduct.Form.GRANULES)
                .findFirst()
                .map(product -> {
                    LocalDate today = LocalDate.now(clock);
                    LocalDate end = slow.usedUp(product.months(), today, day -> 21, 800);
                    LocalDate warm = slow.usedUp(product.months(), today, day -> 26, 800);
                    String grams = feeds.gramsOnSquareMetre(product)
                            .map(gramsPer -> ", %s g/m² of medium".formatted(Limits.plain(gramsPer)))
                            .orElse("");
                    return "Laid today, %s would last until %s at 21 °C, until %s at 26 °C%s. Lay them in early spring, so that they are used up before winter."
                            .formatted(product.name(), DAY.format(end), DAY.format(warm), grams);
                });
    }

    private List<WaterLine> waterLines(CollectionId collection, List<Plant> plants) {
        Map<WaterSource, List<Plant>> users = new EnumMap<>(WaterSource.class);
        plants.stream()
                .filter(plant -> plant.waterSource() != null)
                .forEach(plant -> users.computeIfAbsent(
                                Objects.requireNonNull(plant.waterSource()), source -> new ArrayList<>())
                        .add(plant));
        Map<WaterSource, WaterAnalysis> analyses = ownWaters.analyses(collection);
        Map<WaterSource, LocalDate> analysed = ownWaters.analysed(collection);
        Set<WaterSource> sources = EnumSet.noneOf(WaterSource.class);
        sources.addAll(users.keySet());
        sources.addAll(analysed.keySet());
        List<WaterLine> lines = new ArrayList<>();
        for (WaterSource source : sources) {
            WaterAnalysis water = Objects.requireNonNull(analyses.get(source));
            List<String> bad = new ArrayList<>();
            for (Plant plant : users.getOrDefault(source, List.of())) {
                Waters.Judged judged = waters.judge(this.plants.profile(plant), water, 0);
                if (judged.verdict() != Waters.Verdict.SUITS) {
                    bad.add(plant.name() + ": " + String.join(" ", judged.reasons()));
                }
            }
            int all = users.getOrDefault(source, List.of()).size();
            lines.add(new WaterLine(
                    source,
                    LogWords.water(source),
                    analysis(water),
                    Optional.ofNullable(analysed.get(source))
                            .map(day -> "your analysis of " + DAY.format(day))
                            .orElse("a usual analysis; yours takes its place"),
                    all == 0
                            ? "no plant gets it"
                            : bad.isEmpty()
                                    ? (all == 1
                                            ? "the plant that gets it bears it"
                                            : "all " + all + " that get it bear it")
                                    : (all - bad.size()) + " of " + all + " that get it bear it",
                    List.copyOf(bad)));
        }
        return lines;
    }

    private String analysis(WaterAnalysis water) {
        List<String> parts = new ArrayList<>();
        parts.add("%s mS/cm, about %d mg/L"
                .formatted(Limits.plain(water.conductivity()), Math.round(waters.dissolvedMg(water))));
        water.hardness().ifPresent(mg -> parts.add("hardness " + Limits.plain(mg)));
        water.alkalinity().ifPresent(mg -> parts.add("alkalinity " + Limits.plain(mg)));
        water.sodium().ifPresent(mg -> parts.add("sodium " + Limits.plain(mg)));
        return String.join(", ", parts);
    }

    /** Chooses the feed that is mixed; an unknown one is left aside. */
    @Transactional
    void choose(CollectionId collection, String id) {
        if (products(collection).stream().anyMatch(product -> product.id().equals(id))) {
            houses.feedWith(collection, id);
        }
    }

    /** Writes down that the plants of a mix were fed, but for those left out; once a form. */
    @Transactional
    Optional<BatchId> fed(CollectionId collection, FormKey form, String key, Set<PlantId> plants) {
        return routine.change(collection, plants, () -> {
            // Whoever was quicker has fed them: what is due is read under the lock.
            List<Due> group =
                    mixes(due(collection, this.plants.plants(collection))).getOrDefault(key, List.of()).stream()
                            .filter(one -> plants.contains(one.plant().id()))
                            .toList();
            if (group.isEmpty() || !forms.firstTime(collection, form)) {
                return Optional.<BatchId>empty();
            }
            FeedProduct chosen = chosen(collection);
            BatchId batch = BatchId.fresh();
            LocalDate today = LocalDate.now(clock);
            for (Due one : group) {
                LogEntry entry = one.feed().way() == FeedPlan.Way.ROOTS
                        ? new LogEntry.Fed(
                                Optional.of(chosen.name()),
                                OptionalDouble.of(one.feed().mgNitrogen()))
                        : new LogEntry.TrapFed(
                                OptionalInt.of(one.feed().counts()),
                                OptionalDouble.of(one.feed().mgNitrogen()));
                log.write(
                        collection, one.plant().id(), today, List.of(RecordWriter.Line.of(entry)), Optional.of(batch));
            }
            return Optional.of(batch);
        });
    }

    boolean stored(CollectionId collection, FormKey form) {
        return forms.stored(collection, form);
    }

    boolean named(CollectionId collection, String name) {
        return ownFeeds.existsByCollectionAndName(collection, name);
    }

    @Transactional
    void keep(OwnFeed feed) {
        ownFeeds.save(feed);
    }
}

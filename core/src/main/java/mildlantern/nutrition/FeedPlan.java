package mildlantern.nutrition;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.plant.Family;
import mildlantern.plant.Profile;
import mildlantern.plant.Stage;
import mildlantern.plant.Wants;
import mildlantern.quantity.Limits;
import mildlantern.quantity.Range;

/** How a plant is fed at its time of the year: weak and often in growth, plain water between, nothing in rest; carnivorous plants through their traps. */
public final class FeedPlan {
    /** A feed that is due more seldom than that is due with the next growth. */
    private static final double MOST_DAYS = 120;

    private final Map<String, FeedProduct> products = new LinkedHashMap<>();
    private final Map<String, Double> squareMetre = new LinkedHashMap<>();
    private final FeedProduct usual;
    private final FeedProduct trapFeed;
    private final double ofASoak;
    private final double returnShare;
    private final int returnFeeds;
    private final int pauseDays;
    private final List<Double> steps;
    private final double trapNitrogen;
    private final double trapRootsNitrogen;
    private final double pitcherPotCm;
    private final Range pitcherTimes;
    private final Set<String> mouthDown;
    private final Range trapDays;
    private final double trapShare;
    private final Map<String, Double> pitcherMl = new LinkedHashMap<>();
    private final Set<String> prey;
    private final Set<String> unfed;
    private final double mistMl;
    private final double bigger;
    private final double smaller;

    private FeedPlan(Entry file) {
        file.at("products").children().forEach((id, entry) -> {
            products.put(id, product(id, entry));
            entry.optionalNumber("square-metre", 1, 500).ifPresent(grams -> squareMetre.put(id, grams));
        });
        usual = named(file, "usual");
        trapFeed = named(file, "trap-feed");
        ofASoak = file.number("of-a-soak", 0.05, 1);
        returnShare = file.number("return-share", 0.1, 1);
        returnFeeds = (int) file.number("return-feeds", 0, 10);
        pauseDays = (int) file.number("pause-days", 10, 365);
        steps = file.at("steps").members().stream()
                .map(step -> step.number(1, 500))
                .toList();
        Entry traps = file.at("traps");
        trapNitrogen = traps.number("mg-nitrogen", 1, 200);
        trapDays = traps.range("days", 1, 90);
        trapShare = traps.number("share", 0.05, 1);
        traps.at("pitcher-ml").children().forEach((id, ml) -> pitcherMl.put(id, ml.number(0.1, 500)));
        trapRootsNitrogen = traps.number("roots-mg-nitrogen", 1, 100);
        pitcherPotCm = traps.number("pitcher-pot-cm", 3, 60);
        pitcherTimes = traps.range("pitcher-times", 0.05, 20);
        prey = Set.copyOf(traps.words("prey"));
        mouthDown = Set.copyOf(traps.words("mouth-down"));
        unfed = Set.copyOf(traps.words("unfed"));
        mistMl = traps.number("mist-ml", 0.05, 20);
        bigger = file.at("leaf").number("bigger", 1, 2);
        smaller = file.at("leaf").number("smaller", 0.3, 1);
    }

    private FeedProduct named(Entry file, String key) {
        FeedProduct product = products.get(file.text(key));
        if (product == null) {
            throw file.at(key).failure("'" + file.text(key) + "' is no feed");
        }
        return product;
    }

    private static FeedProduct product(String id, Entry entry) {
        List<Double> npk = entry.at("npk").members().stream()
                .map(share -> share.number(0, 1000))
                .toList();
        Feed label = switch (entry.text("says")) {
            case "oxides" -> Feed.oxides(npk.get(0), npk.get(1), npk.get(2));
            case "elements" -> Feed.elements(npk.get(0), npk.get(1), npk.get(2));
            case "ratio" -> Feed.ratio(npk.get(0), npk.get(1), npk.get(2), entry.number("total", 0.1, 100));
            default -> throw entry.failure("a label says oxides, elements or ratio");
        };
        return new FeedProduct(
                id,
                entry.text("name"),
                entry.constant(FeedProduct.Form.class, "form"),
                entry.optionalNumber("density", 0.5, 2).orElse(1),
                label,
                entry.optionalNumber("calcium", 0, 100).orElse(0),
                entry.optionalNumber("magnesium", 0, 100).orElse(0),
                entry.optionalNumber("iron", 0, 100).orElse(0),
                entry.has("micros") && entry.flag("micros"),
                entry.has("organic") && entry.flag("organic"),
                entry.number("ec", 0, 5),
                entry.optionalNumber("months", 1, 24).orElse(0),
                entry.optionalText("lopsided"));
    }

    /**
     * @throws mildlantern.knowledge.KnowledgeException if {@code feeds.yaml} is wrong; the message names the key
     */
    public static FeedPlan load() {
        return new FeedPlan(KnowledgeFiles.open("feeds.yaml"));
    }

    /** The feed that is mixed where a house has chosen none. */
    public FeedProduct usual() {
        return usual;
    }

    /** The feed for traps where the chosen one is mineral. */
    public FeedProduct trapFeed() {
        return trapFeed;
    }

    /** Feed to the roots as a share of what wets a pot through, as it is given on moist roots. */
    public double shareOfASoak() {
        return ofASoak;
    }

    /** All feeds that are known. */
    public List<FeedProduct> products() {
        return List.copyOf(products.values());
    }

    public Optional<FeedProduct> product(String id) {
        return Optional.ofNullable(products.get(id));
    }

    /** Granules on a square metre of medium, g; empty for what is dissolved. */
    public Optional<Double> gramsOnSquareMetre(FeedProduct product) {
        return Optional.ofNullable(squareMetre.get(product.id()));
    }

    /** Where the feed goes. */
    public enum Way {
        ROOTS,
        PITCHERS,
        STICKY_LEAVES,
        SNAP_TRAPS
    }

    /**
     * The next feed of a plant.
     *
     * @param wants what it wants at its time of the year; where that is a share of its growing feed, it is fed as strongly and so much less often, as weak
     *     feeds keep it from salt as well as from hunger
     * @param usualDays days between feeds at the roots in growth
     * @return empty where it is not fed: in its rest, because its kind wants none, or as its traps catch their own outdoors
     */
    public Optional<NextFeed> next(Profile profile, Wants wants, FedSoFar known, Range usualDays) {
        if (wants.feed() <= 0 || profile.isAmong(unfed)) {
            return Optional.empty();
        }
        if (profile.family() == Family.CARNIVOROUS) {
            return known.plant().outdoors() ? Optional.empty() : Optional.of(traps(profile, known.plant()));
        }
        if (profile.feedMgN().high() <= 0) {
            return Optional.empty();
        }
        boolean gently = known.pausedDays() >= pauseDays && known.feedsSince() < returnFeeds;
        double mix = mix(profile.feedMgN().middle() * (gently ? returnShare : 1));
        Range days = new Range(
                Math.rint(usualDays.low() / wants.feed()),
                Math.min(MOST_DAYS, Math.rint(usualDays.high() / wants.feed())));
        return Optional.of(new NextFeed(Way.ROOTS, mix, days, 0, 0, gently));
    }

    private double mix(double wanted) {
        return steps.stream()
                .filter(step -> step <= wanted * 1.1)
                .reduce((low, high) -> high)
                .orElse(steps.get(0));
    }

    private NextFeed traps(Profile profile, FedPlant plant) {
        if (plant.stage() == Stage.SEEDLING || profile.isAmong(mouthDown)) {
            return new NextFeed(Way.ROOTS, trapRootsNitrogen, trapDays, 0, 0, false);
        }
        int some = Math.max(1, (int) Math.round(trapShare * Math.max(plant.growths(), 1)));
        if (profile.isAmong(prey)) {
            return new NextFeed(Way.SNAP_TRAPS, 0, trapDays, some, 0, false);
        }
        return switch (profile.form()) {
            case UPRIGHT_PITCHER, HANGING_PITCHER -> {
                double each = thirdOfAPitcherMl(profile, plant.acrossCm());
                yield new NextFeed(Way.PITCHERS, trapNitrogen, trapDays, some, some * each, false);
            }
            case FLAT_STICKY_ROSETTE -> {
                int leaves = Math.max(1, plant.leaves());
                yield new NextFeed(Way.STICKY_LEAVES, trapNitrogen, trapDays, leaves, leaves * mistMl, false);
            }
            default -> new NextFeed(Way.SNAP_TRAPS, 0, trapDays, 1, 0, false);
        };
    }

    /** What a third of one pitcher takes, mL: that of its kind, larger or smaller with the pot that the plant has filled. */
    private double thirdOfAPitcherMl(Profile profile, double acrossCm) {
        double usualMl = profile.among(pitcherMl)
                .orElseGet(() -> Objects.requireNonNull(pitcherMl.get(Words.id(profile.form()))));
        double times = Math.pow(acrossCm / pitcherPotCm, 2);
        return usualMl * Math.min(pitcherTimes.high(), Math.max(pitcherTimes.low(), times));
    }

    /**
     * The days since which a run of feeds goes on.
     *
     * @param daysAgo days since each feed, in any order
     */
    public FedSoFar known(FedPlant plant, List<Long> daysAgo) {
        List<Long> order = new ArrayList<>(daysAgo.stream().distinct().sorted().toList());
        if (order.isEmpty()) {
            return FedSoFar.never(plant);
        }
        if (order.get(0) >= pauseDays) {
            return new FedSoFar(plant, (int) (long) order.get(0), 0);
        }
        for (int i = 0; i + 1 < order.size(); i++) {
            long pause = order.get(i + 1) - order.get(i);
            if (pause >= pauseDays) {
                return new FedSoFar(plant, (int) pause, i + 1);
            }
        }
        return new FedSoFar(plant, 0, order.size());
    }

    /** How a new leaf compares. */
    public enum LeafVerdict {
        BIGGER,
        ALIKE,
        SMALLER
    }

    /**
     * A new leaf against the one before: bigger means thriving.
     *
     * @param length of the new leaf, any unit
     * @param before of the last one, same unit
     */
    public LeafVerdict leaf(double length, double before) {
        double times = required(length) / required(before);
        return times >= bigger ? LeafVerdict.BIGGER : times < smaller ? LeafVerdict.SMALLER : LeafVerdict.ALIKE;
    }

    private static double required(double length) {
        return Limits.require("length of a leaf", length, 0.1, 300, "cm");
    }
}

package mildlantern.nutrition;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.knowledge.Words;
import mildlantern.message.Message;
import mildlantern.plant.Profile;
import mildlantern.plant.WaterSource;
import mildlantern.plant.WaterWant;
import mildlantern.quantity.FactorCurve;
import mildlantern.quantity.Range;

/** Judges waters for kinds of plants: by what is dissolved in them, by alkalinity, and by sodium. */
public final class Waters {
    private final Map<WaterSource, WaterAnalysis> typical = new EnumMap<>(WaterSource.class);
    private final Map<WaterWant, Double> dissolved = new EnumMap<>(WaterWant.class);
    private final Map<WaterWant, Double> borne = new EnumMap<>(WaterWant.class);
    private final Map<WaterWant, Double> withFeed = new EnumMap<>(WaterWant.class);
    private final Map<String, Double> kinds = new LinkedHashMap<>();
    private final Map<String, Double> kindsWithFeed = new LinkedHashMap<>();
    private final Range alkalinity;
    private final FactorCurve bufferedByPot;
    private final double sodium;
    private final double milligrams;

    private Waters(Entry file) {
        for (WaterSource source : WaterSource.values()) {
            Entry water = file.at("waters").at(Words.id(source));
            typical.put(
                    source,
                    new WaterAnalysis(
                            water.number("conductivity", 0, 10),
                            OptionalDouble.of(water.number("hardness", 0, 2000)),
                            OptionalDouble.of(water.number("alkalinity", 0, 2000)),
                            OptionalDouble.of(water.number("sodium", 0, 2000))));
        }
        Entry limits = file.at("water-limits");
        for (WaterWant want : WaterWant.values()) {
            dissolved.put(want, limits.at("dissolved").number(Words.id(want), 1, 5000));
            borne.put(want, limits.at("alkalinity-borne").number(Words.id(want), 1, 1000));
            withFeed.put(want, limits.at("with-feed").number(Words.id(want), 0.01, 5));
        }
        limits.at("kinds").children().forEach((kind, mg) -> kinds.put(kind, mg.number(1, 5000)));
        limits.at("kinds-with-feed").children().forEach((kind, ms) -> kindsWithFeed.put(kind, ms.number(0.01, 5)));
        alkalinity = limits.range("alkalinity", 1, 1000);
        Map<Double, Double> byPot = new TreeMap<>();
        limits.at("alkalinity-by-pot")
                .children()
                .forEach((cm, share) -> byPot.put(Double.valueOf(cm), share.number(0.1, 1)));
        bufferedByPot = new FactorCurve(byPot);
        sodium = limits.number("sodium", 1, 1000);
        milligrams = limits.number("mg-in-millisiemens", 400, 800);
    }

    /**
     * @throws mildlantern.knowledge.KnowledgeException if {@code feeds.yaml} is wrong; the message names the key
     */
    public static Waters load() {
        return new Waters(KnowledgeFiles.open("feeds.yaml"));
    }

    /** How well a water suits. */
    public enum Verdict {
        SUITS,
        WITH_CARE,
        UNSUITABLE
    }

    /**
     * A judgement.
     *
     * @param verdict how well it suits
     * @param dissolvedMg dissolved in the bare water, mg/L, about
     * @param allowedMg that the kind bears, mg/L
     * @param reasons as sentences; empty where nothing speaks against it
     */
    public record Judged(Verdict verdict, double dissolvedMg, double allowedMg, List<Message> reasons) {}

    /** A usual analysis of a water; a grower's own takes its place. */
    public WaterAnalysis typical(WaterSource source) {
        return Objects.requireNonNull(typical.get(source));
    }

    /** Dissolved solids, mg/L, from conductivity; right to a fifth, as it depends on which salts they are. */
    public double dissolvedMg(WaterAnalysis water) {
        return water.conductivity() * milligrams;
    }

    /** What the bare water may hold for a kind, mg/L. */
    public double allowedMg(Profile profile) {
        return ofItsSort(profile, kinds, dissolved);
    }

    /** The limit of its sort of water; a kind's own figure where it is of that sort, which a kind of one's own may not share with its nearest. */
    private static double ofItsSort(Profile profile, Map<String, Double> kinds, Map<WaterWant, Double> sorts) {
        double most = Objects.requireNonNull(sorts.get(profile.water()));
        double purer = sorts.values().stream()
                .mapToDouble(limit -> limit)
                .filter(limit -> limit < most)
                .max()
                .orElse(0);
        return profile.among(kinds).filter(own -> own > purer && own <= most).orElse(most);
    }

    /** A small pot is watered often and buffers little. */
    private double alkalinityBorne(Profile profile, OptionalDouble potCm) {
        double inALargePot = Objects.requireNonNull(borne.get(profile.water()));
        return potCm.isPresent() ? inALargePot * Math.exp(bufferedByPot.logAt(potCm.getAsDouble())) : inALargePot;
    }

    /** What water and feed together may conduct for a kind, mS/cm. */
    public double allowedWithFeed(Profile profile) {
        return ofItsSort(profile, kindsWithFeed, withFeed);
    }

    /**
     * Judges a water for a kind.
     *
     * @param feedConductivity what the usual feed adds to it, mS/cm, 0 for none
     */
    public Judged judge(Profile profile, WaterAnalysis water, double feedConductivity) {
        double mg = dissolvedMg(water);
        double allowed = allowedMg(profile);
        List<Message> reasons = new ArrayList<>();
        Verdict verdict = Verdict.SUITS;
        if (mg > allowed) {
            verdict = mg > 1.5 * allowed ? Verdict.UNSUITABLE : Verdict.WITH_CARE;
            reasons.add(WaterReason.DISSOLVED.with(Math.round(mg), Math.round(allowed)));
        }
        double together = water.conductivity() + feedConductivity;
        double most = allowedWithFeed(profile);
        if (feedConductivity > 0 && together > most) {
            verdict = worse(verdict, Verdict.WITH_CARE);
            reasons.add(WaterReason.WITH_FEED.with(together, most));
        }
        if (water.alkalinity().isPresent() && water.alkalinity().getAsDouble() >= alkalinity.low()) {
            boolean locks = water.alkalinity().getAsDouble() > alkalinity.high();
            verdict = worse(verdict, Verdict.WITH_CARE);
            reasons.add((locks ? WaterReason.LOCKS_IRON : WaterReason.ALKALINE)
                    .with(Math.round(water.alkalinity().getAsDouble())));
        }
        if (water.sodium().isPresent() && water.sodium().getAsDouble() > sodium) {
            verdict = worse(verdict, Verdict.UNSUITABLE);
            reasons.add(WaterReason.SODIUM.with(Math.round(water.sodium().getAsDouble())));
        }
        return new Judged(verdict, mg, allowed, List.copyOf(reasons));
    }

    /**
     * What harms in a water besides what is dissolved in all.
     *
     * @param reason as a sentence
     * @param times the limit that it holds, 1 or more
     */
    public record Harm(Message reason, double times) {}

    /**
     * Sodium that harms the roots of any kind, or more alkalinity than a kind bears in its pot; sodium first.
     *
     * @param potCm the pot's width, cm; as in a large pot where it is not known
     */
    public Optional<Harm> harm(Profile profile, WaterAnalysis water, OptionalDouble potCm) {
        double salt = water.sodium().orElse(0);
        if (salt > sodium) {
            return Optional.of(new Harm(WaterReason.SODIUM.with(Math.round(salt)), salt / sodium));
        }
        double lime = water.alkalinity().orElse(0);
        double borne = alkalinityBorne(profile, potCm);
        return lime > borne
                ? Optional.of(new Harm(WaterReason.LOCKS_IRON.with(Math.round(lime)), lime / borne))
                : Optional.empty();
    }

    /**
     * How much of a harder water a kind bears in a blend: by what is dissolved, and by sodium and alkalinity.
     *
     * @param potCm the pot's width, cm; as in a large pot where it is not known
     * @return share of the harder water, 0 to 1
     */
    public double shareBorne(Profile profile, WaterAnalysis tap, WaterAnalysis pure, OptionalDouble potCm) {
        return Math.min(
                share(tap.conductivity(), pure.conductivity(), allowedMg(profile) / milligrams),
                Math.min(
                        share(tap.sodium().orElse(0), pure.sodium().orElse(0), sodium),
                        share(
                                tap.alkalinity().orElse(0),
                                pure.alkalinity().orElse(0),
                                alkalinityBorne(profile, potCm))));
    }

    private static double share(double tap, double pure, double allowed) {
        if (tap <= allowed) {
            return 1;
        }
        return allowed <= pure ? 0 : Blend.shareOfTap(tap, pure, allowed);
    }

    private static Verdict worse(Verdict one, Verdict other) {
        return one.compareTo(other) > 0 ? one : other;
    }
}

package mildlantern.treatment;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.Words;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.mixing.Rate;
import mildlantern.pest.Place;
import mildlantern.pest.StageKind;
import mildlantern.plant.SprayKind;
import mildlantern.quantity.Range;

/** Reads one means from the knowledge base; what is wrong fails with file and key. */
final class MeansReader {
    private MeansReader() {}

    static final Set<String> KEYS = Set.of(
            "name",
            "short",
            "called",
            "ingredients",
            "entry",
            "styles",
            "as",
            "product",
            "wash",
            "thorough",
            "takes-leaves",
            "pots",
            "crown",
            "against",
            "kills",
            "reach",
            "lasting",
            "interval",
            "interval-for",
            "share-for",
            "uses",
            "in-row",
            "effort",
            "rate",
            "most",
            "celsius",
            "medium-celsius",
            "humidity",
            "sun",
            "rinse",
            "time",
            "test",
            "thirsty",
            "flowering",
            "before-flower",
            "edible",
            "indoors",
            "water",
            "ph",
            "never-on",
            "mind-on",
            "only-on",
            "group",
            "cancels",
            "gear",
            "caution",
            "away",
            "reentry",
            "aquarium",
            "pets",
            "refused",
            "instead",
            "source",
            "sure");
    private static final Set<String> SOURCES = Set.of("handbook", "label", "practice", "reckoned");

    static Set<String> known(Entry entry, List<String> words, Set<String> known) {
        for (String word : words) {
            if (!known.contains(word)) {
                throw entry.failure("'" + word + "' is unknown");
            }
        }
        return Collections.unmodifiableSet(new LinkedHashSet<>(words));
    }

    static <E extends Enum<E>> Set<E> constants(Class<E> type, Entry entry, String key) {
        Set<E> found = EnumSet.noneOf(type);
        for (String word : entry.words(key)) {
            found.add(Words.find(type, word)
                    .orElseThrow(
                            () -> entry.at(key).failure("'" + word + "' is unknown; known are " + Words.ids(type))));
        }
        return Collections.unmodifiableSet(found);
    }

    static Means means(String id, Entry entry, Map<String, Set<String>> kinds, Set<String> ids, Set<String> traits) {
        entry.allowOnly(KEYS);
        entry.requireSource(SOURCES);
        return new Means(
                id,
                entry.text("name"),
                entry.text("short"),
                constants(Style.class, entry, "styles"),
                entry.constant(Means.Way.class, "as"),
                entry.find("product").map(Entry::flag).orElse(true),
                entry.flag("wash"),
                works(entry),
                pace(entry),
                entry.find("rate").map(MeansReader::rate),
                entry.find("most").map(MeansReader::rate),
                terms(entry),
                new Means.Plants(
                        known(entry, entry.words("never-on"), traits),
                        known(entry, entry.words("mind-on"), traits),
                        known(entry, entry.words("only-on"), traits)),
                entry.optionalText("group"),
                cancels(entry, kinds, ids),
                care(entry),
                entry.optionalText("refused"),
                entry.optionalText("instead"),
                known(entry));
    }

    private static Means.Works works(Entry entry) {
        Map<DisorderId, Double> shareFor = shareFor(entry);
        return new Means.Works(
                Set.copyOf(entry.disorders("against")),
                entry.find("kills").map(MeansReader::kills).orElse(Map.of()),
                entry.find("reach").map(MeansReader::reach).orElse(Map.of()),
                entry.find("lasting")
                        .map(lasting -> new Means.Lasting(
                                (int) lasting.number("days", 1, 365),
                                (int) lasting.number("starts", 0, 60),
                                kills(lasting),
                                reach(lasting.at("reach")),
                                lasting.has("share-for") ? shareFor(lasting) : shareFor)),
                shareFor,
                entry.flag("thorough"));
    }

    private static Map<DisorderId, Double> shareFor(Entry entry) {
        Map<DisorderId, Double> shareFor = new LinkedHashMap<>();
        entry.find("share-for")
                .map(Entry::children)
                .orElse(Map.of())
                .forEach((pest, share) -> shareFor.put(new DisorderId(pest), share.number(0, 1)));
        return shareFor;
    }

    private static Means.Pace pace(Entry entry) {
        Map<DisorderId, Range> intervalFor = new LinkedHashMap<>();
        entry.find("interval-for")
                .map(Entry::keys)
                .orElse(Set.of())
                .forEach(pest -> intervalFor.put(
                        new DisorderId(pest), entry.at("interval-for").range(pest, 1, 120)));
        int uses = (int) entry.number("uses", 1, 50);
        return new Means.Pace(
                entry.range("interval", 1, 120),
                intervalFor,
                uses,
                (int) entry.optionalNumber("in-row", 1, 50).orElse(uses),
                entry.find("effort")
                        .map(effort -> new Means.Effort(
                                effort.number("minutes", 0, 240),
                                effort.optionalNumber("per-leaf", 0, 10).orElse(0),
                                effort.number("stress", 0, 3)))
                        .orElse(new Means.Effort(5, 0, 0)));
    }

    private static List<Means.Cancel> cancels(Entry entry, Map<String, Set<String>> kinds, Set<String> ids) {
        List<Means.Cancel> cancels = new ArrayList<>();
        entry.find("cancels").map(Entry::children).orElse(Map.of()).forEach((other, clash) -> {
            Set<String> others = kinds.containsKey(other) ? kinds.get(other) : known(clash, List.of(other), ids);
            int days = (int) clash.number("days", 1, 365);
            cancels.add(new Means.Cancel(
                    others, days, (int) clash.optionalNumber("then", 1, 365).orElse(days), clash.text("why")));
        });
        return List.copyOf(cancels);
    }

    private static Means.Care care(Entry entry) {
        OptionalDouble hours = entry.optionalNumber("reentry", 1, 240);
        return new Means.Care(
                entry.words("gear"),
                entry.optionalText("caution"),
                entry.optionalText("away"),
                hours.isPresent() ? OptionalInt.of((int) hours.getAsDouble()) : OptionalInt.empty(),
                entry.flag("aquarium"),
                entry.optionalText("pets"));
    }

    static Means.Known known(Entry entry) {
        Map<String, Optional<String>> ingredients = new LinkedHashMap<>();
        entry.find("ingredients")
                .map(Entry::children)
                .orElse(Map.of())
                .forEach((name, group) ->
                        ingredients.put(name, Optional.of(group.text()).filter(code -> !code.equals("none"))));
        return new Means.Known(
                List.copyOf(entry.words("called")),
                Collections.unmodifiableMap(ingredients),
                entry.has("entry") ? Optional.of(entry.constant(SprayKind.class, "entry")) : Optional.empty());
    }

    static Means.Terms terms(Entry entry) {
        boolean edible = !entry.optionalText("edible").equals(Optional.of("never"));
        return new Means.Terms(
                entry.range("celsius", -10, 45),
                entry.has("medium-celsius") ? Optional.of(entry.range("medium-celsius", 0, 45)) : Optional.empty(),
                entry.optionalNumber("humidity", 0, 100),
                entry.find("sun").map(Entry::flag).orElse(true),
                entry.has("rinse") ? Optional.of(entry.range("rinse", 0, 48)) : Optional.empty(),
                entry.has("time") ? Optional.of(entry.constant(Means.TimeOfDay.class, "time")) : Optional.empty(),
                entry.flag("test"),
                entry.find("thirsty").map(Entry::flag).orElse(true),
                entry.find("flowering").map(Entry::flag).orElse(true),
                (int) entry.optionalNumber("before-flower", 1, 365).orElse(0),
                edible,
                edible ? (int) entry.optionalNumber("edible", 0, 365).orElse(0) : 0,
                entry.find("indoors").map(Entry::flag).orElse(true),
                entry.optionalText("water").equals(Optional.of("soft")),
                entry.has("ph") ? Optional.of(entry.range("ph", 3, 11)) : Optional.empty(),
                entry.flag("crown"),
                entry.flag("takes-leaves"),
                entry.flag("pots"));
    }

    static Map<StageKind, Range> kills(Entry entry) {
        Map<StageKind, Range> kills = new EnumMap<>(StageKind.class);
        for (StageKind kind : StageKind.values()) {
            if (entry.has(Words.id(kind))) {
                kills.put(kind, entry.range(Words.id(kind), 0, 1));
            }
        }
        return Collections.unmodifiableMap(kills);
    }

    static Map<Place, Double> reach(Entry entry) {
        Map<Place, Double> reach = new EnumMap<>(Place.class);
        entry.allowOnly(Set.copyOf(Words.ids(Place.class)));
        for (Place place : Place.values()) {
            entry.find(Words.id(place)).ifPresent(share -> reach.put(place, share.number(0, 1)));
        }
        return Collections.unmodifiableMap(reach);
    }

    static Rate rate(Entry entry) {
        return new Rate(
                entry.number("amount", 0.001, 1e6),
                entry.constant(Measure.class, "unit"),
                entry.constant(Carrier.class, "on"));
    }
}

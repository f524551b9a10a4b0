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
            "against",
            "kills",
            "reach",
            "lasting",
            "interval",
            "interval-for",
            "share-for",
            "uses",
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
            "never-on",
            "mind-on",
            "group",
            "cancels",
            "gear",
            "caution",
            "away",
            "refused",
            "instead",
            "source");

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
        List<Means.Cancel> cancels = new ArrayList<>();
        entry.find("cancels").map(Entry::children).orElse(Map.of()).forEach((other, clash) -> {
            Set<String> others = kinds.containsKey(other) ? kinds.get(other) : known(clash, List.of(other), ids);
            cancels.add(new Means.Cancel(others, (int) clash.number("days", 1, 365), clash.text("why")));
        });
        Map<DisorderId, Range> intervalFor = new LinkedHashMap<>();
        entry.find("interval-for")
                .map(Entry::keys)
                .orElse(Set.of())
                .forEach(pest -> intervalFor.put(
                        new DisorderId(pest), entry.at("interval-for").range(pest, 1, 120)));
        Map<DisorderId, Double> shareFor = new LinkedHashMap<>();
        entry.find("share-for")
                .map(Entry::children)
                .orElse(Map.of())
                .forEach((pest, share) -> shareFor.put(new DisorderId(pest), share.number(0, 1)));
        return new Means(
                id,
                entry.text("name"),
                entry.text("short"),
                constants(Style.class, entry, "styles"),
                entry.constant(Means.Way.class, "as"),
                entry.find("product").map(Entry::flag).orElse(true),
                Set.copyOf(entry.disorders("against")),
                entry.find("kills").map(MeansReader::kills).orElse(Map.of()),
                entry.find("reach").map(MeansReader::reach).orElse(Map.of()),
                entry.find("lasting")
                        .map(lasting -> new Means.Lasting(
                                (int) lasting.number("days", 1, 365),
                                (int) lasting.number("starts", 0, 60),
                                kills(lasting),
                                reach(lasting.at("reach")))),
                entry.range("interval", 1, 120),
                intervalFor,
                shareFor,
                (int) entry.number("uses", 1, 50),
                entry.find("rate").map(MeansReader::rate),
                entry.find("most").map(MeansReader::rate),
                terms(entry),
                known(entry, entry.words("never-on"), traits),
                known(entry, entry.words("mind-on"), traits),
                entry.optionalText("group"),
                List.copyOf(cancels),
                new Means.Care(entry.words("gear"), entry.optionalText("caution"), entry.optionalText("away")),
                entry.optionalText("refused"),
                entry.optionalText("instead"),
                known(entry));
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
        return new Means.Terms(
                entry.range("celsius", -10, 45),
                entry.has("medium-celsius") ? Optional.of(entry.range("medium-celsius", 0, 45)) : Optional.empty(),
                entry.optionalNumber("humidity", 0, 100),
                entry.find("sun").map(Entry::flag).orElse(true),
                entry.has("rinse") ? Optional.of(entry.range("rinse", 0, 48)) : Optional.empty(),
                entry.optionalText("time"),
                entry.flag("test"),
                entry.find("thirsty").map(Entry::flag).orElse(true),
                entry.find("flowering").map(Entry::flag).orElse(true));
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

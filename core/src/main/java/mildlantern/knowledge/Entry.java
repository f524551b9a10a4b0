package mildlantern.knowledge;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.quantity.Range;
import tools.jackson.databind.JsonNode;

/** One place in a knowledge file. Every reading checks what it finds and fails with file and key. */
public final class Entry {
    private static final Set<String> SURE = Set.of("high", "medium", "low");

    private final String where;
    private final JsonNode node;

    Entry(String where, JsonNode node) {
        this.where = where;
        this.node = node;
    }

    /** File and keys down to here, as in {@code trials.yaml > pot-on > again}. */
    public String where() {
        return where;
    }

    public KnowledgeException failure(String problem) {
        return new KnowledgeException(where, problem);
    }

    public boolean has(String key) {
        return node.has(key);
    }

    public boolean isMapping() {
        return node.isObject();
    }

    public boolean isList() {
        return node.isArray();
    }

    public boolean isNumber() {
        return node.isNumber();
    }

    /** The keys of a mapping in the order of the file. */
    public Set<String> keys() {
        requireMapping();
        return new LinkedHashSet<>(node.propertyNames());
    }

    /** Entry by entry of a mapping, in the order of the file. */
    public Map<String, Entry> children() {
        Map<String, Entry> children = new LinkedHashMap<>();
        for (String key : keys()) {
            children.put(key, at(key));
        }
        return children;
    }

    /** The members of a list. */
    public List<Entry> members() {
        if (!node.isArray()) {
            throw failure("a list is wanted here");
        }
        List<Entry> members = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            members.add(new Entry(where + " > " + (i + 1), node.get(i)));
        }
        return members;
    }

    /** The entry under a key that must be there. */
    public Entry at(String key) {
        requireMapping();
        if (!node.has(key)) {
            throw failure("'" + key + "' is missing");
        }
        return new Entry(where + " > " + key, node.get(key));
    }

    /** The entry under a key, if it is there. */
    public Optional<Entry> find(String key) {
        requireMapping();
        return node.has(key) ? Optional.of(at(key)) : Optional.empty();
    }

    /** Fails on a key that nobody reads: a misspelt key must not be lost silently. */
    public void allowOnly(Set<String> allowed) {
        for (String key : keys()) {
            if (!allowed.contains(key)) {
                throw failure("'" + key + "' is not a key of this entry; known are " + String.join(", ", allowed));
            }
        }
    }

    /**
     * Fails where an entry does not say where its figures come from and how sure they are.
     *
     * @param sources kinds of source that are known here
     */
    public void requireSource(Set<String> sources) {
        if (!sources.contains(text("source"))) {
            throw at("source").failure("is no kind of source; known are " + sources);
        }
        if (!SURE.contains(text("sure"))) {
            throw at("sure").failure("is no certainty; known are " + SURE);
        }
    }

    public String text() {
        if (!node.isValueNode() || node.isNull() || node.asString().isBlank()) {
            throw failure("a text is wanted here");
        }
        return node.asString();
    }

    public String text(String key) {
        return at(key).text();
    }

    public Optional<String> optionalText(String key) {
        return find(key).map(Entry::text);
    }

    /**
     * @param low lowest allowed number
     * @param high highest allowed number
     */
    public double number(double low, double high) {
        if (!node.isNumber()) {
            throw failure("a number is wanted here");
        }
        double value = node.asDouble();
        if (!(value >= low && value <= high)) {
            throw failure(value + " is outside " + low + " to " + high);
        }
        return value;
    }

    public double number(String key, double low, double high) {
        return at(key).number(low, high);
    }

    public OptionalDouble optionalNumber(String key, double low, double high) {
        return find(key)
                .map(entry -> OptionalDouble.of(entry.number(low, high)))
                .orElse(OptionalDouble.empty());
    }

    /** True or false, as the file says it. */
    public boolean flag() {
        if (!node.isBoolean()) {
            throw failure("true or false is wanted here");
        }
        return node.asBoolean();
    }

    public boolean flag(String key) {
        return find(key).map(Entry::flag).orElse(false);
    }

    /** A list of words; a missing key is an empty list. */
    public List<String> words(String key) {
        return find(key).map(Entry::words).orElse(List.of());
    }

    /** A list of words. */
    public List<String> words() {
        return members().stream().map(Entry::text).toList();
    }

    /** A list of ids of findings; a missing key is an empty list. */
    public List<FindingId> findings(String key) {
        return words(key).stream().map(FindingId::new).toList();
    }

    /** A list of ids of disorders; a missing key is an empty list. */
    public List<DisorderId> disorders(String key) {
        return words(key).stream().map(DisorderId::new).toList();
    }

    /** A range written as [low, high]. */
    public Range range(String key, double low, double high) {
        List<Entry> ends = at(key).members();
        if (ends.size() != 2) {
            throw at(key).failure("a range is written [low, high]");
        }
        try {
            return new Range(ends.get(0).number(low, high), ends.get(1).number(low, high));
        } catch (IllegalArgumentException e) {
            throw new KnowledgeException(at(key).where, "a range runs from low to high", e);
        }
    }

    /** The constant whose name is the word under a key, in capitals and with underscores. */
    public <E extends Enum<E>> E constant(Class<E> type, String key) {
        return at(key).constant(type);
    }

    /** The constants that a list under a key names; at least one. */
    public <E extends Enum<E>> Set<E> constants(Class<E> type, String key) {
        List<Entry> members = at(key).members();
        if (members.isEmpty()) {
            throw at(key).failure("names nothing");
        }
        return members.stream().map(member -> member.constant(type)).collect(Collectors.toUnmodifiableSet());
    }

    private <E extends Enum<E>> E constant(Class<E> type) {
        return Words.find(type, text())
                .orElseThrow(() -> failure("'" + text() + "' is unknown; known are " + Words.ids(type)));
    }

    private void requireMapping() {
        if (!node.isObject()) {
            throw failure("a mapping of keys is wanted here");
        }
    }
}

package mildlantern.treatment;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Recognises what was used on a plant in whatever words it was written down: the grower's own product, an active ingredient, a means' name, its
 * id, or what growers call it. Of several that fit, the longest says most: "systemic fungicide" is no "systemic".
 */
public final class Recognition {
    private final Map<String, Used> phrases = new LinkedHashMap<>();

    /**
     * What was used.
     *
     * @param means what it is
     * @param product the grower's own product or the active ingredient, where either was named
     * @param group mode-of-action group: of the label, else of the ingredient, else of the means
     */
    public record Used(Means means, Optional<String> product, Optional<String> group) {}

    /**
     * @param labels the grower's own products; they are known by the names that he gave them
     */
    public Recognition(TreatmentKnowledge knowledge, List<Label> labels) {
        for (Means means : knowledge.all()) {
            Used plain = new Used(means, Optional.empty(), means.group());
            put(means.id(), plain);
            put(means.name(), plain);
            means.known().words().forEach(word -> put(word, plain));
            means.known()
                    .ingredients()
                    .forEach((name, group) -> put(name, new Used(means, Optional.of(name), group.or(means::group))));
        }
        for (Label label : labels) {
            knowledge
                    .find(label.means())
                    .ifPresent(means -> phrases.put(
                            plain(label.name()),
                            new Used(
                                    means,
                                    Optional.of(label.name()),
                                    label.group()
                                            .or(() -> ingredient(knowledge, label.ingredient()))
                                            .or(means::group))));
        }
    }

    private static Optional<String> ingredient(TreatmentKnowledge knowledge, String said) {
        return knowledge.all().stream()
                .flatMap(means -> means.known().ingredients().entrySet().stream())
                .filter(one -> contains(plain(said), plain(one.getKey())))
                .flatMap(one -> one.getValue().stream())
                .findFirst();
    }

    private void put(String phrase, Used used) {
        phrases.putIfAbsent(plain(phrase), used);
    }

    /** Small letters and figures with single spaces between. */
    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}%]+", " ")
                .strip();
    }

    private static boolean contains(String text, String phrase) {
        return !phrase.isEmpty() && (" " + text + " ").contains(" " + phrase + " ");
    }

    /** What a text says was used; empty where it names nothing that is known. */
    public Optional<Used> find(String text) {
        String said = plain(text);
        return phrases.entrySet().stream()
                .filter(one -> contains(said, one.getKey()))
                .max(Comparator.comparingInt(one -> one.getKey().length()))
                .map(Map.Entry::getValue);
    }
}

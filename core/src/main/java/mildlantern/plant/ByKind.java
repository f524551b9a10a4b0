package mildlantern.plant;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.Words;

/**
 * What a file says of each growth form, and of kinds that differ from theirs.
 *
 * @param <T> what it says
 */
public final class ByKind<T> {
    private final Map<GrowthForm, T> forms = new EnumMap<>(GrowthForm.class);
    private final Map<String, T> kinds = new HashMap<>();

    private ByKind(Entry file, PlantKnowledge plants, Function<Entry, T> reads) {
        file.at("forms")
                .children()
                .forEach((id, entry) -> forms.put(
                        Words.find(GrowthForm.class, id).orElseThrow(() -> entry.failure("is no growth form")),
                        reads.apply(entry)));
        for (GrowthForm form : GrowthForm.values()) {
            if (!forms.containsKey(form)) {
                throw file.at("forms").failure("says nothing of " + Words.id(form));
            }
        }
        file.find("kinds")
                .ifPresent(differing -> differing.children().forEach((id, entry) -> {
                    if (plants.profile(id).isEmpty()) {
                        throw entry.failure("is no kind");
                    }
                    kinds.put(id, reads.apply(entry));
                }));
    }

    /**
     * Reads {@code forms}, which must name every growth form, and {@code kinds}, which may be missing.
     *
     * @param plants the kinds that may be named
     * @param reads reads one entry
     * @throws KnowledgeException if a form is missing or a name unknown
     */
    public static <T> ByKind<T> read(Entry file, PlantKnowledge plants, Function<Entry, T> reads) {
        return new ByKind<>(file, plants, reads);
    }

    /** What is so of a kind; a kind of one's own is like its nearest, and in its own growth form where that says nothing. */
    public T of(Profile kind) {
        return kind.among(kinds).orElseGet(() -> Objects.requireNonNull(forms.get(kind.form())));
    }
}

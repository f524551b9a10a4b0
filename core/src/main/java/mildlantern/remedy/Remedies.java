package mildlantern.remedy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;

/** The remedies that the knowledge base knows. */
public final class Remedies {
    private static final Set<String> KEYS = Set.of(
            "name",
            "called",
            "told",
            "does",
            "does-not",
            "answer",
            "terms",
            "why",
            "means",
            "instead",
            "source",
            "sure");
    private static final Set<String> SOURCES = Set.of("handbook", "practice", "reckoned");

    private final List<Remedy> all;

    private Remedies(List<Remedy> all) {
        this.all = all;
    }

    /**
     * Reads the remedies.
     *
     * @throws KnowledgeException if the file is wrong; the message names the key
     */
    public static Remedies load() {
        List<Remedy> all = new ArrayList<>();
        Set<String> names = new HashSet<>();
        KnowledgeFiles.open("remedies.yaml").children().forEach((id, entry) -> {
            Remedy remedy = remedy(id, entry);
            for (String name : remedy.called()) {
                if (!names.add(name)) {
                    throw entry.at("called").failure("'" + name + "' names two remedies");
                }
            }
            all.add(remedy);
        });
        all.sort(Comparator.comparing(Remedy::name));
        return new Remedies(List.copyOf(all));
    }

    private static Remedy remedy(String id, Entry entry) {
        entry.allowOnly(KEYS);
        entry.requireSource(SOURCES);
        Remedy.Answer answer = entry.constant(Remedy.Answer.class, "answer");
        if (answer == Remedy.Answer.ONLY_SO && !entry.has("terms")) {
            throw entry.failure("says only-so and names no terms");
        }
        return new Remedy(
                id,
                entry.text("name"),
                entry.words("called").stream().map(Remedies::plain).toList(),
                entry.text("told"),
                entry.text("does"),
                entry.text("does-not"),
                answer,
                entry.optionalText("terms"),
                entry.text("why"),
                entry.optionalText("means"),
                entry.optionalText("instead"));
    }

    /** All, by name. */
    public List<Remedy> all() {
        return all;
    }

    /**
     * The remedy that somebody writes: by one of its names, or by the longest of them that stands in what was written.
     *
     * @param written as typed, in any letters
     */
    public Optional<Remedy> find(String written) {
        String words = " " + plain(written) + " ";
        Remedy found = null;
        int longest = 0;
        for (Remedy remedy : all) {
            for (String name : remedy.called()) {
                if (name.length() > longest && words.contains(" " + name + " ")) {
                    found = remedy;
                    longest = name.length();
                }
            }
        }
        return Optional.ofNullable(found);
    }

    /** Those that a search finds: by the beginning of a word of their names. */
    public List<Remedy> search(String typed) {
        String words = plain(typed);
        return words.isEmpty()
                ? all
                : all.stream()
                        .filter(remedy -> remedy.called().stream().anyMatch(name -> (" " + name).contains(" " + words))
                                || (" " + plain(remedy.name())).contains(" " + words))
                        .toList();
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}0-9]+", " ").strip();
    }
}

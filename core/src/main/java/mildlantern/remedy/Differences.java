package mildlantern.remedy;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;

/** Where the answers here are others than those of many growers. */
public final class Differences {
    private static final Set<String> KEYS = Set.of("many", "here", "because", "topics", "source", "sure");
    private static final Set<String> SOURCES = Set.of("handbook", "practice", "reckoned");

    private final List<Difference> all;

    private Differences(List<Difference> all) {
        this.all = all;
    }

    /**
     * @throws KnowledgeException if {@code differs.yaml} is wrong; the message names the key
     */
    public static Differences load() {
        List<Difference> all = new ArrayList<>();
        KnowledgeFiles.open("differs.yaml").children().forEach((id, entry) -> all.add(difference(id, entry)));
        return new Differences(List.copyOf(all));
    }

    private static Difference difference(String id, Entry entry) {
        entry.allowOnly(KEYS);
        entry.requireSource(SOURCES);
        return new Difference(
                id,
                entry.text("many"),
                entry.text("here"),
                entry.text("because"),
                Set.copyOf(entry.at("topics").words()));
    }

    public List<Difference> all() {
        return all;
    }

    /** Those about a means, by its id, or about what a page is about. */
    public List<Difference> about(String topic) {
        return all.stream().filter(one -> one.topics().contains(topic)).toList();
    }
}

package mildlantern.diagnosis;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;

/**
 * Causes that show alike until the sign that tells them apart is seen: {@code cause-groups.yaml}.
 *
 * @param of the group of each cause that is in one
 * @param unlike where the likeliest is this many times likelier than the next, it can be told from it
 */
record CauseGroups(Map<DisorderId, Group> of, double unlike) {
    /**
     * A group.
     *
     * @param id its id
     * @param name what it is called as long as it cannot be told which
     */
    record Group(String id, String name) {}

    /**
     * @param known ids of all causes
     * @throws KnowledgeException if the file is wrong, or names a cause that is unknown or in two groups; the message names the key
     */
    static CauseGroups load(Set<DisorderId> known) {
        Entry file = KnowledgeFiles.open("cause-groups.yaml");
        file.allowOnly(Set.of("unlike", "groups"));
        Map<DisorderId, Group> of = new HashMap<>();
        file.at("groups").children().forEach((id, entry) -> {
            entry.allowOnly(Set.of("name", "members"));
            Group group = new Group(id, entry.text("name"));
            for (DisorderId member : entry.disorders("members")) {
                if (!known.contains(member) || of.put(member, group) != null) {
                    throw entry.failure("'" + member + "' is no cause, or in two groups");
                }
            }
        });
        return new CauseGroups(Map.copyOf(of), file.number("unlike", 1, 100));
    }

    Optional<Group> group(Disorder disorder) {
        return Optional.ofNullable(of.get(disorder.id()));
    }
}

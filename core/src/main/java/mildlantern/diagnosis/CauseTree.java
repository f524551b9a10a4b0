package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/** The ladder as a tree: causes of one group that cannot be told apart yet hang on one branch. */
public final class CauseTree {
    private final CauseGroups groups;
    private final ToDoubleFunction<Predicate<Disorder>> without;

    /** @param without the chance that no cause of some sort is there */
    CauseTree(CauseGroups groups, ToDoubleFunction<Predicate<Disorder>> without) {
        this.groups = groups;
        this.without = without;
    }

    /**
     * A branch of the tree.
     *
     * @param group what its causes are called together; empty for a cause that stands on its own
     * @param probability the chance that at least one of its group is there
     * @param members its causes, the likeliest first
     */
    public record Branch(Optional<String> group, double probability, List<Cause> members) {}

    /**
     * @param causes the first causes of a ladder, the likeliest first
     * @return all of them, each on one branch, the likeliest branch first
     */
    public List<Branch> of(List<Cause> causes) {
        Map<Object, List<Cause>> together = causes.stream()
                .collect(Collectors.groupingBy(
                        cause -> groups.group(cause.disorder())
                                .<Object>map(group -> group)
                                .orElse(cause),
                        LinkedHashMap::new,
                        Collectors.toList()));
        List<Branch> branches = new ArrayList<>();
        for (List<Cause> members : together.values()) {
            if (members.size() > 1 && alike(members)) {
                branches.add(folded(members));
            } else {
                members.forEach(
                        cause -> branches.add(new Branch(Optional.empty(), cause.probability(), List.of(cause))));
            }
        }
        branches.sort(Comparator.comparingDouble(Branch::probability).reversed());
        return List.copyOf(branches);
    }

    private boolean alike(Collection<Cause> members) {
        double[] likeliest =
                members.stream().mapToDouble(Cause::probability).limit(2).toArray();
        return likeliest[0] < groups.unlike() * likeliest[1];
    }

    private Branch folded(List<Cause> members) {
        Optional<CauseGroups.Group> group = groups.group(members.get(0).disorder());
        return new Branch(
                group.map(CauseGroups.Group::name),
                1 - without.applyAsDouble(disorder -> groups.group(disorder).equals(group)),
                List.copyOf(members));
    }
}

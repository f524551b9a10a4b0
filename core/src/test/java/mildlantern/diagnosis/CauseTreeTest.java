package mildlantern.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.knowledge.DisorderId;
import org.junit.jupiter.api.Test;

/** What cannot be told apart yet is called by what it has in common; what can be told stands on its own. */
class CauseTreeTest {
    private static List<CauseTree.Branch> tree(Differential differential, int first) {
        return differential.tree().of(differential.ladder().subList(0, first));
    }

    @Test
    void spotsOnALeafAreALeafSpot_beforeTheHaloOrThePitsSayWhich() {
        Differential spots =
                Known.DIAGNOSIS.consider(Known.bare("cattleya"), Known.seen("leaf.spots-brown", "present"));
        CauseTree.Branch branch = tree(spots, 8).stream()
                .filter(it -> it.group().isPresent())
                .filter(it -> it.members().stream()
                        .anyMatch(cause -> cause.disorder().id().equals(new DisorderId("fungal-leaf-spot"))))
                .findFirst()
                .orElseThrow();
        assertThat(branch.group()).contains("Leaf spot");
        assertThat(branch.members()).hasSizeGreaterThan(1);
    }

    @Test
    void eachCauseHangsOnOneBranch_andTheLikeliestBranchComesFirst() {
        for (String kind : List.of("phalaenopsis", "sarracenia", "juniper-bonsai", "cactus", "calathea")) {
            Differential differential =
                    Known.DIAGNOSIS.consider(Known.bare(kind), Known.seen("leaf.tip-brown", "present"));
            List<Cause> first = differential.ladder().subList(0, 12);
            List<CauseTree.Branch> branches = differential.tree().of(first);
            assertThat(branches.stream().flatMap(it -> it.members().stream()).collect(Collectors.toSet()))
                    .isEqualTo(Set.copyOf(first));
            assertThat(branches.stream().mapToInt(it -> it.members().size()).sum())
                    .isEqualTo(12);
            assertThat(branches).isSortedAccordingTo((a, b) -> Double.compare(b.probability(), a.probability()));
        }
    }

    /** Causes that exclude each other add up; those that can stand together add up to less. */
    @Test
    void aBranchIsAsLikelyAsThatAnyOfItsGroupIsThere() {
        Differential wet = Known.DIAGNOSIS.consider(
                Known.bare("phalaenopsis"), Known.seen("leaf.limp", "present", "soil.deep", "wet"));
        CauseTree.Branch branch = tree(wet, wet.ladder().size()).stream()
                .filter(it -> it.group().isPresent())
                .findFirst()
                .orElseThrow();
        double sum = branch.members().stream().mapToDouble(Cause::probability).sum();
        assertThat(branch.probability())
                .isGreaterThanOrEqualTo(branch.members().get(0).probability())
                .isLessThanOrEqualTo(sum + 1e-12);
        Set<DisorderId> ids =
                branch.members().stream().map(it -> it.disorder().id()).collect(Collectors.toSet());
        double counted = 0;
        double all = 0;
        for (int set = 0; set < wet.weights().length; set++) {
            all += wet.weights()[set];
            counted += wet.causesOf(set).stream().anyMatch(ids::contains) ? wet.weights()[set] : 0;
        }
        assertThat(branch.probability()).isCloseTo(counted / all, within(1e-12));
    }
}

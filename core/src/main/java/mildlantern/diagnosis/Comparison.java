package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mildlantern.message.MessageKey;

/**
 * A look again beside the look before: finding by finding, and in all.
 *
 * @param changes what became of each finding that was answered both times, in the order of the knowledge base
 * @param verdict what it comes to
 */
public record Comparison(List<Change> changes, Verdict verdict) {
    /** What a look again comes to. */
    public enum Verdict implements MessageKey {
        BETTER,
        SAME,
        WORSE
    }

    /**
     * What became of one finding.
     *
     * @param finding the finding
     * @param before its state at the look before
     * @param after its state now
     * @param verdict whether that is better for the plant
     */
    public record Change(Finding finding, Finding.State before, Finding.State after, Verdict verdict) {}

    /**
     * Compares two looks. Findings that were not answered both times, or of which no state is better than another, do not
     * count. Worse counts first: one finding gone worse is not outweighed by one gone better, two are.
     *
     * @param findings all findings, in the order of the knowledge base
     * @param before evidence of the look before
     * @param after evidence of the look again
     */
    public static Comparison of(Collection<Finding> findings, Evidence before, Evidence after) {
        List<Change> changes = new ArrayList<>();
        int better = 0;
        int worse = 0;
        for (Finding finding : findings) {
            Optional<Finding.State> was = before.state(finding.id()).flatMap(finding::state);
            Optional<Finding.State> is = after.state(finding.id()).flatMap(finding::state);
            if (was.isEmpty() || is.isEmpty()) {
                continue;
            }
            Verdict verdict = verdict(finding, was.get(), is.get());
            changes.add(new Change(finding, was.get(), is.get(), verdict));
            better += verdict == Verdict.BETTER ? 1 : 0;
            worse += verdict == Verdict.WORSE ? 1 : 0;
        }
        Verdict all = worse > 0 && better < 2 * worse ? Verdict.WORSE : better > 0 ? Verdict.BETTER : Verdict.SAME;
        return new Comparison(List.copyOf(changes), all);
    }

    private static Verdict verdict(Finding finding, Finding.State was, Finding.State is) {
        int before = finding.best().indexOf(was.id());
        int after = finding.best().indexOf(is.id());
        if (before < 0 || after < 0 || before == after) {
            return Verdict.SAME;
        }
        return after < before ? Verdict.BETTER : Verdict.WORSE;
    }
}

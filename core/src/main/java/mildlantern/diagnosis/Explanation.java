package mildlantern.diagnosis;

import java.util.Comparator;
import java.util.List;

/**
 * Why a cause stands where it stands.
 *
 * @param start log-odds of the cause before any fact was heard
 * @param end log-odds with all facts
 * @param reasons what each fact added; start plus all weights is end
 */
public record Explanation(double start, double end, List<Reason> reasons) {
    /** The strongest facts that speak for the cause. */
    public List<Reason> strongestFor(int most, double least) {
        return reasons.stream()
                .filter(reason -> reason.weight() >= least)
                .sorted(Comparator.comparingDouble(Reason::weight).reversed())
                .limit(most)
                .toList();
    }

    /** The strongest facts that speak against it. */
    public List<Reason> strongestAgainst(int most, double least) {
        return reasons.stream()
                .filter(reason -> reason.weight() <= -least)
                .sorted(Comparator.comparingDouble(Reason::weight))
                .limit(most)
                .toList();
    }
}

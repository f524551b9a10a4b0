package mildlantern.pest;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What every interval comes to.
 *
 * @param byInterval the fewest applications that reach the aim at each interval, or the most allowed and what they leave
 */
public record Search(List<At> byInterval) {
    /** A plan at an interval, in days. */
    public record At(int interval, Plan plan) {}

    /** The plan with the fewest applications, and of those the one that leaves least; nothing if none reaches the aim. */
    public Optional<At> best() {
        return byInterval.stream()
                .filter(at -> at.plan().reached())
                .min(Comparator.comparingInt((At at) -> at.plan().applications())
                        .thenComparingDouble(at -> at.plan().moving()));
    }
}

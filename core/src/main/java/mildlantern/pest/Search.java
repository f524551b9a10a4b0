package mildlantern.pest;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What every interval comes to.
 *
 * @param byInterval the fewest applications that end it at each interval, or the most allowed and their risk
 */
public record Search(List<Plan> byInterval) {
    /** The plan with the fewest applications, and of those the one with the least risk; nothing if none ends it. */
    public Optional<Plan> best() {
        return byInterval.stream()
                .filter(Plan::ends)
                .min(Comparator.comparingInt(Plan::applications).thenComparingDouble(Plan::risk));
    }
}

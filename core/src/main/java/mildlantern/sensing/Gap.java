package mildlantern.sensing;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A time of which nothing was read. It is said, never bridged.
 *
 * @param from the last moment before it
 * @param to the first moment after it
 */
public record Gap(Instant from, Instant to) {
    /** A pause longer than so many usual steps is a gap. */
    private static final int STEPS = 3;

    private static final Duration SHORTEST = Duration.ofMinutes(30);

    public Duration length() {
        return Duration.between(from, to);
    }

    /**
     * Where readings pause for more than three times their usual step, and for more than half an hour.
     *
     * @param moments in order of time
     */
    public static List<Gap> in(List<Instant> moments) {
        if (moments.size() < 3) {
            return List.of();
        }
        long[] steps = new long[moments.size() - 1];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = Duration.between(moments.get(i), moments.get(i + 1)).toSeconds();
        }
        long[] sorted = steps.clone();
        Arrays.sort(sorted);
        long longest = Math.max(SHORTEST.toSeconds(), STEPS * sorted[sorted.length / 2]);
        List<Gap> gaps = new ArrayList<>();
        for (int i = 0; i < steps.length; i++) {
            if (steps[i] > longest) {
                gaps.add(new Gap(moments.get(i), moments.get(i + 1)));
            }
        }
        return List.copyOf(gaps);
    }
}

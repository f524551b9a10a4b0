package mildlantern.bench;

import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * How one course went on a made-up plant.
 *
 * @param pest against which
 * @param promised whether its first plan said that it reaches control
 * @param planned uses of the first plan
 * @param uses uses that were really made
 * @param left share of the moving ones at the start that was there when two looks had found none, or at the end
 * @param how how it ended
 * @param alive whether any was alive then
 */
record CourseEnd(String pest, boolean promised, int planned, int uses, double left, How how, boolean alive) {
    /** How a course ends. */
    enum How {
        /** It was not begun: the plan said that nothing brings it under control. */
        ADVISED_AGAINST,
        RELEASED,
        GIVEN_UP,
        /** It went on for a year. */
        NOT_YET
    }

    /** No more than this share of those that moved at the start is control. */
    private static final double CONTROL = 0.05;

    static void print(String what, List<CourseEnd> ends) {
        List<CourseEnd> released = ends.stream().filter(CourseEnd::released).toList();
        System.out.printf(
                Locale.ROOT,
                "%-26s %4d plants, planned %4.1f uses, made %4.1f (median), %5.1f %% under control, %5.1f %% released, %5.1f %% of these too early, %5.1f %% given up%n",
                what,
                ends.size(),
                median(ends.stream().mapToInt(CourseEnd::planned)),
                median(ends.stream().mapToInt(CourseEnd::uses)),
                share(ends, end -> end.left() <= CONTROL),
                share(ends, CourseEnd::released),
                share(released, CourseEnd::alive),
                share(ends, end -> end.how() == How.GIVEN_UP));
    }

    boolean released() {
        return how == How.RELEASED;
    }

    private static double share(List<CourseEnd> ends, Predicate<CourseEnd> of) {
        return ends.isEmpty() ? 0 : 100.0 * ends.stream().filter(of).count() / ends.size();
    }

    private static double median(IntStream numbers) {
        int[] sorted = numbers.sorted().toArray();
        int half = sorted.length / 2;
        return sorted.length == 0 ? 0 : sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2.0;
    }
}

package mildlantern.comparison;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Two groups of plants of one kind that are kept alike but for one thing, and how much each plant gained.
 *
 * <p>What chance alone would do is counted exactly: of all ways in which the same gains could have fallen into two groups of these
 * sizes, the share in which the means lie at least as far apart (Fisher's permutation test, two-sided).
 */
public final class Comparison {
    /** Below this share of arrangements, chance is no longer a good explanation. */
    static final double SURE = 0.05;

    /** Below this it points one way. */
    static final double HINT = 0.2;

    /** Most plants in both groups together: all arrangements are counted. */
    public static final int MOST = 20;

    private Comparison() {}

    /** What can be told. */
    public enum Verdict {
        /** Too few plants: whatever happened, chance would do it as often. */
        TOO_FEW,
        NO_DIFFERENCE,
        HINT,
        DIFFERENT
    }

    /**
     * What was found.
     *
     * @param verdict what can be told
     * @param meanA mean gain of the first group
     * @param meanB mean gain of the second
     * @param chance share of arrangements that differ at least as much, 0 to 1
     * @param leastChance the smallest share that groups of these sizes can show, however much they differ
     */
    public record Result(Verdict verdict, double meanA, double meanB, double chance, double leastChance) {}

    /**
     * The smallest share of arrangements that two groups can show, both ways counted.
     *
     * @param a plants in the first group, 1 or more
     * @param b plants in the second
     */
    public static double leastChance(int a, int b) {
        double ways = 1;
        for (int i = 1; i <= a; i++) {
            ways = ways * (b + i) / i;
        }
        // With groups alike in size, each arrangement has a mirror that differs as much.
        return Math.min(1, (a == b ? 2 : 1) / ways);
    }

    /** How many plants each of two equal groups needs before a difference can be told from chance. */
    public static int plantsNeeded() {
        return IntStream.rangeClosed(1, MOST / 2)
                .filter(each -> leastChance(each, each) <= SURE)
                .findFirst()
                .orElseThrow();
    }

    /**
     * Compares the gains of two groups.
     *
     * @param a gains in the first group; at least one
     * @param b gains in the second; at least one
     * @throws IllegalArgumentException if a group is empty, or there are more than {@value #MOST} plants
     */
    public static Result of(List<Double> a, List<Double> b) {
        if (a.isEmpty() || b.isEmpty() || a.size() + b.size() > MOST) {
            throw new IllegalArgumentException("1 or more plants in each group, and at most " + MOST + " together");
        }
        double[] all = IntStream.range(0, a.size() + b.size())
                .mapToDouble(i -> i < a.size() ? a.get(i) : b.get(i - a.size()))
                .toArray();
        double meanA = mean(a);
        double meanB = mean(b);
        double chance = share(all, a.size(), Math.abs(meanA - meanB));
        double least = leastChance(a.size(), b.size());
        return new Result(verdict(chance, least), meanA, meanB, chance, least);
    }

    private static Verdict verdict(double chance, double least) {
        if (least > HINT) {
            return Verdict.TOO_FEW;
        }
        return chance <= SURE ? Verdict.DIFFERENT : chance <= HINT ? Verdict.HINT : Verdict.NO_DIFFERENCE;
    }

    private static double mean(List<Double> gains) {
        return gains.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    }

    private static double share(double[] all, int first, double apart) {
        double sum = 0;
        for (double one : all) {
            sum += one;
        }
        int as = 0;
        int ways = 0;
        for (int chosen = 0; chosen < 1 << all.length; chosen++) {
            if (Integer.bitCount(chosen) == first) {
                double part = 0;
                for (int i = 0; i < all.length; i++) {
                    part += (chosen >> i & 1) * all[i];
                }
                double difference = Math.abs(part / first - (sum - part) / (all.length - first));
                ways++;
                // What differs only in the last digits differs as much.
                as += difference >= apart - 1e-9 ? 1 : 0;
            }
        }
        return (double) as / ways;
    }
}

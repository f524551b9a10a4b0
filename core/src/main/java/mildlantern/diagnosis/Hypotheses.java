package mildlantern.diagnosis;

import java.util.Arrays;
import java.util.List;

/**
 * All sets of up to three causes out of a list, the empty set first. A set is three positions in the list; unused places hold
 * the list's size, so that tables with one neutral value at the end can be read without a branch. Sets with two causes that
 * exclude each other are left out.
 */
final class Hypotheses {
    final int causes;
    final int count;
    final int[] first;
    final int[] second;
    final int[] third;
    /** Where each run of sets begins that share their first two causes, and at last the number of sets. */
    final int[] runs;

    private Hypotheses(int causes, int[] first, int[] second, int[] third) {
        this.causes = causes;
        this.count = first.length;
        this.first = first;
        this.second = second;
        this.third = third;
        this.runs = runs(first, second);
    }

    private static int[] runs(int[] first, int[] second) {
        int[] starts = new int[first.length + 1];
        int found = 0;
        for (int h = 0; h < first.length; h++) {
            if (h == 0 || first[h] != first[h - 1] || second[h] != second[h - 1]) {
                starts[found++] = h;
            }
        }
        starts[found++] = first.length;
        return Arrays.copyOf(starts, found);
    }

    static Hypotheses over(List<Disorder> disorders) {
        int n = disorders.size();
        boolean[][] apart = new boolean[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                if (disorders.get(i).excludes().contains(disorders.get(j).id())) {
                    apart[i][j] = true;
                    apart[j][i] = true;
                }
            }
        }
        int most = 1 + n + n * (n - 1) / 2 + n * (n - 1) * (n - 2) / 6;
        int[] a = new int[most];
        int[] b = new int[most];
        int[] c = new int[most];
        Arrays.fill(a, n);
        Arrays.fill(b, n);
        Arrays.fill(c, n);
        int h = 1;
        for (int i = 0; i < n; i++) {
            a[h++] = i;
            for (int j = i + 1; j < n; j++) {
                if (apart[i][j]) {
                    continue;
                }
                a[h] = i;
                b[h++] = j;
                for (int k = j + 1; k < n; k++) {
                    if (apart[i][k] || apart[j][k]) {
                        continue;
                    }
                    a[h] = i;
                    b[h] = j;
                    c[h++] = k;
                }
            }
        }
        return new Hypotheses(n, Arrays.copyOf(a, h), Arrays.copyOf(b, h), Arrays.copyOf(c, h));
    }

    /** Which sets weigh at least a share of the heaviest in one of the weightings. */
    boolean[] matter(double share, double[]... weightings) {
        boolean[] kept = new boolean[count];
        for (double[] weights : weightings) {
            double heaviest = 0;
            for (double weight : weights) {
                heaviest = Math.max(heaviest, weight);
            }
            for (int h = 0; h < count; h++) {
                kept[h] |= weights[h] >= share * heaviest;
            }
        }
        return kept;
    }

    /** A selection of sets, in their order. */
    Hypotheses only(boolean[] kept) {
        return new Hypotheses(causes, pick(kept, first), pick(kept, second), pick(kept, third));
    }

    /** The weights of a selection of sets. */
    double[] only(boolean[] kept, double[] weights) {
        double[] picked = new double[weights.length];
        int next = 0;
        for (int h = 0; h < weights.length; h++) {
            if (kept[h]) {
                picked[next++] = weights[h];
            }
        }
        return Arrays.copyOf(picked, next);
    }

    private static int[] pick(boolean[] kept, int[] members) {
        int[] picked = new int[members.length];
        int next = 0;
        for (int h = 0; h < members.length; h++) {
            if (kept[h]) {
                picked[next++] = members[h];
            }
        }
        return Arrays.copyOf(picked, next);
    }

    /** How many causes a set has. */
    int size(int hypothesis) {
        return first[hypothesis] == causes ? 0 : second[hypothesis] == causes ? 1 : third[hypothesis] == causes ? 2 : 3;
    }

    /**
     * Sums of weights by member: place d holds the weight of all sets with cause d, the last place the weight of all sets.
     */
    double[] sumByCause(double[] weights) {
        double[] sums = new double[causes + 1];
        double total = 0;
        for (int h = 0; h < count; h++) {
            double w = weights[h];
            total += w;
            sums[first[h]] += w;
            sums[second[h]] += w;
            sums[third[h]] += w;
        }
        sums[causes] = total;
        return sums;
    }

    /** Sums of weights by pair: the weight of all sets that hold both causes. */
    double[][] sumByPair(double[] weights) {
        double[][] sums = new double[causes + 1][causes + 1];
        for (int h = 0; h < count; h++) {
            double w = weights[h];
            int a = first[h];
            int b = second[h];
            int c = third[h];
            sums[a][b] += w;
            sums[b][a] += w;
            sums[a][c] += w;
            sums[c][a] += w;
            sums[b][c] += w;
            sums[c][b] += w;
        }
        return sums;
    }
}

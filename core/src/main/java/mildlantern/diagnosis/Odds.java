package mildlantern.diagnosis;

import java.util.Arrays;

/** Arithmetic of odds over sets of causes. */
final class Odds {
    private Odds() {}

    static double logBaseOdds(Disorder disorder) {
        return Math.log(disorder.base() / (1 - disorder.base()));
    }

    static double logFactor(Disorder disorder, Fact fact) {
        double sum = 0;
        for (RecordRule rule : disorder.rules()) {
            if (rule.fact().equals(fact.id())) {
                sum += rule.logFactor(fact);
            }
        }
        return sum;
    }

    /** For each set the product of the values of its members. */
    static double[] products(Hypotheses sets, double[] byCause) {
        double[] padded = Arrays.copyOf(byCause, byCause.length + 1);
        padded[byCause.length] = 1;
        double[] weights = new double[sets.count];
        for (int h = 0; h < sets.count; h++) {
            weights[h] = padded[sets.first[h]] * padded[sets.second[h]] * padded[sets.third[h]];
        }
        return weights;
    }

    static double[] shares(double[] sums) {
        double total = sums[sums.length - 1];
        double[] shares = new double[sums.length - 1];
        for (int d = 0; d < shares.length; d++) {
            shares[d] = sums[d] / total;
        }
        return shares;
    }
}

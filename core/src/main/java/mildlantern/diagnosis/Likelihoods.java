package mildlantern.diagnosis;

import java.util.Arrays;
import java.util.List;

/**
 * How likely each state of one finding is under any set of causes.
 *
 * <p>A yes/no finding follows a noisy-or (Pearl 1988, section 4.3): it stays away only if every present cause fails to
 * bring it and it does not come anyway. A finding with several states follows a log-linear mix: each state's usual share
 * times the factors of all present causes, made to add up to 1.
 */
final class Likelihoods {
    private final boolean yesNo;
    private final double[] usual;
    /**
     * What each cause contributes, by state, then by cause; for yes/no one row, the chance to fail. The place past the last cause is
     * neutral.
     */
    private final double[][] byState;

    Likelihoods(Finding finding, List<Disorder> causes) {
        yesNo = finding.yesNo();
        usual = finding.states().stream().mapToDouble(Finding.State::usual).toArray();
        byState = new double[yesNo ? 1 : usual.length][causes.size() + 1];
        for (double[] row : byState) {
            Arrays.fill(row, 1);
        }
        for (int d = 0; d < causes.size(); d++) {
            Disorder.Sign sign = causes.get(d).signs().get(finding.id());
            if (sign != null) {
                for (int s = 0; s < byState.length; s++) {
                    byState[s][d] =
                            yesNo ? 1 - sign.weights().get(0) : sign.weights().get(s);
                }
            }
        }
    }

    /** Whether a state's log-likelihood is a sum over the members of a set: so it is where a yes/no finding is not there. */
    boolean sumsOverMembers(int state) {
        return yesNo && state == 1;
    }

    /** Natural logarithm of what each cause contributes, where {@link #sumsOverMembers} holds. */
    double[] logByCause() {
        double[] logs = new double[byState[0].length - 1];
        for (int d = 0; d < logs.length; d++) {
            logs[d] = Math.log(byState[0][d]);
        }
        return logs;
    }

    /** How likely each state is under one set of causes; the states add up to 1. */
    double[] of(Hypotheses sets, int set) {
        double[] shares = new double[usual.length];
        double[] pair = pair(sets.first[set], sets.second[set]);
        int third = sets.third[set];
        double all = 0;
        for (int s = 0; s < shares.length; s++) {
            double away = yesNo ? pair[0] * byState[0][third] : 0;
            shares[s] = !yesNo ? pair[s] * byState[s][third] : s == 0 ? 1 - away : away;
            all += shares[s];
        }
        for (int s = 0; s < shares.length; s++) {
            shares[s] /= all;
        }
        return shares;
    }

    /** Multiplies odds by cause with what each cause contributes, where {@link #sumsOverMembers} holds. */
    void weighByCause(double[] odds) {
        for (int d = 0; d < odds.length; d++) {
            odds[d] *= byState[0][d];
        }
    }

    /**
     * The chance that a finding which is there came anyway, and not from any cause of a set; 0 for findings with states.
     *
     * @param sets the sets
     * @param weights their weights
     */
    double cameAnyway(Hypotheses sets, double[] weights) {
        if (!yesNo) {
            return 0;
        }
        double[] fails = byState[0];
        double anyway = 0;
        double total = 0;
        for (int h = 0; h < weights.length; h++) {
            double failed = fails[sets.first[h]] * fails[sets.second[h]] * fails[sets.third[h]];
            anyway += weights[h] * usual[0] * failed / (1 - usual[1] * failed);
            total += weights[h];
        }
        return anyway / total;
    }

    /**
     * Multiplies each set's weight by the likelihood of a state. What two causes contribute is worked out once for the run of sets
     * that share them.
     */
    void weigh(Hypotheses sets, int state, double[] weights) {
        for (int r = 0; r + 1 < sets.runs.length; r++) {
            int from = sets.runs[r];
            int to = sets.runs[r + 1];
            double[] pair = pair(sets.first[from], sets.second[from]);
            if (yesNo) {
                weighYesNo(sets.third, from, to, pair[0], state == 0, weights);
            } else {
                weighStates(sets.third, from, to, pair, state, weights);
            }
        }
    }

    /** What two causes together make of each state; for yes/no the one chance that the finding stays away. */
    private double[] pair(int a, int b) {
        double[] pair = new double[Finding.MOST_STATES];
        for (int s = 0; s < byState.length; s++) {
            pair[s] = (yesNo ? usual[1] : usual[s]) * byState[s][a] * byState[s][b];
        }
        return pair;
    }

    private void weighYesNo(int[] third, int from, int to, double stays, boolean present, double[] weights) {
        double[] fails = byState[0];
        for (int h = from; h < to; h++) {
            double away = stays * fails[third[h]];
            weights[h] *= present ? 1 - away : away;
        }
    }

    /** Written out for the most states that a finding may have, as this is where most of the time goes; absent states weigh nothing. */
    private void weighStates(int[] third, int from, int to, double[] pair, int state, double[] weights) {
        double seen = pair[state];
        double[] row = byState[state];
        double[] row0 = row(0);
        double[] row1 = row(1);
        double[] row2 = row(2);
        double[] row3 = row(3);
        double[] row4 = row(4);
        double pair0 = pair[0];
        double pair1 = pair[1];
        double pair2 = pair[2];
        double pair3 = pair[3];
        double pair4 = pair[4];
        for (int h = from; h < to; h++) {
            int c = third[h];
            double all = pair0 * row0[c] + pair1 * row1[c] + pair2 * row2[c] + pair3 * row3[c] + pair4 * row4[c];
            weights[h] *= seen * row[c] / all;
        }
    }

    private double[] row(int state) {
        return byState[Math.min(state, byState.length - 1)];
    }

    /**
     * For each state the sums of weights by member, as {@link Hypotheses#sumByCause}, if that state were seen. As they add up to the
     * sums of now, the last state follows from the others.
     *
     * @param now sums of the weights as they are
     */
    double[][] sumsByState(Hypotheses sets, double[] weights, double[] now) {
        int last = yesNo ? 0 : usual.length - 1;
        double[][] sums = new double[usual.length][];
        sums[last] = now.clone();
        for (int s = 0; s < usual.length; s++) {
            if (s != last) {
                double[] then = weights.clone();
                weigh(sets, s, then);
                sums[s] = sets.sumByCause(then);
                for (int d = 0; d < now.length; d++) {
                    sums[last][d] = Math.max(0, sums[last][d] - sums[s][d]);
                }
            }
        }
        return sums;
    }
}

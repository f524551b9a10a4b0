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
    /** By state (for yes/no: one row, the chance to fail), then by cause; the place past the last cause is neutral. */
    private final double[][] byState;
    /** Which causes say nothing about the finding; so does the place past the last. */
    private final boolean[] silent;

    Likelihoods(Finding finding, List<Disorder> causes) {
        yesNo = finding.yesNo();
        usual = finding.states().stream().mapToDouble(Finding.State::usual).toArray();
        byState = new double[yesNo ? 1 : usual.length][causes.size() + 1];
        for (double[] row : byState) {
            Arrays.fill(row, 1);
        }
        silent = new boolean[causes.size() + 1];
        Arrays.fill(silent, true);
        for (int d = 0; d < causes.size(); d++) {
            Disorder.Sign sign = causes.get(d).signs().get(finding.id());
            if (sign != null) {
                silent[d] = false;
                for (int s = 0; s < byState.length; s++) {
                    byState[s][d] =
                            yesNo ? 1 - sign.weights().get(0) : sign.weights().get(s);
                }
            }
        }
    }

    int states() {
        return usual.length;
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
        double all = 0;
        for (int s = 0; s < shares.length; s++) {
            double[] row = byState[yesNo ? 0 : s];
            double product = row[sets.first[set]] * row[sets.second[set]] * row[sets.third[set]];
            shares[s] = yesNo ? (s == 1 ? usual[1] * product : 1 - usual[1] * product) : usual[s] * product;
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
     * Multiplies each set's weight by the likelihood of a state. Sets that share their first two causes stand together, so what
     * these two contribute is worked out once for all of them, and a third cause that says nothing about the finding adds nothing.
     */
    void weigh(Hypotheses sets, int state, double[] weights) {
        if (yesNo) {
            weighYesNo(sets, state == 0, weights);
        } else {
            weighStates(sets, state, weights);
        }
    }

    private void weighYesNo(Hypotheses sets, boolean present, double[] weights) {
        double[] fails = byState[0];
        int a = -1;
        int b = -1;
        double pair = 0;
        for (int h = 0; h < weights.length; h++) {
            if (sets.first[h] != a || sets.second[h] != b) {
                a = sets.first[h];
                b = sets.second[h];
                pair = usual[1] * fails[a] * fails[b];
            }
            double away = pair * fails[sets.third[h]];
            weights[h] *= present ? 1 - away : away;
        }
    }

    private void weighStates(Hypotheses sets, int state, double[] weights) {
        int states = usual.length;
        double[] pair = new double[states];
        int a = -1;
        int b = -1;
        double ofPair = 0;
        for (int h = 0; h < weights.length; h++) {
            if (sets.first[h] != a || sets.second[h] != b) {
                a = sets.first[h];
                b = sets.second[h];
                double all = 0;
                for (int s = 0; s < states; s++) {
                    pair[s] = usual[s] * byState[s][a] * byState[s][b];
                    all += pair[s];
                }
                ofPair = pair[state] / all;
            }
            int c = sets.third[h];
            if (silent[c]) {
                weights[h] *= ofPair;
                continue;
            }
            double all = 0;
            for (int s = 0; s < states; s++) {
                all += pair[s] * byState[s][c];
            }
            weights[h] *= pair[state] * byState[state][c] / all;
        }
    }
}

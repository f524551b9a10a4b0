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

    int states() {
        return usual.length;
    }

    /** Multiplies each set's weight by the likelihood of a state. */
    void weigh(Hypotheses sets, int state, double[] weights) {
        int[] a = sets.first;
        int[] b = sets.second;
        int[] c = sets.third;
        if (yesNo) {
            double[] fails = byState[0];
            double awayAnyway = usual[1];
            boolean present = state == 0;
            for (int h = 0; h < weights.length; h++) {
                double away = awayAnyway * fails[a[h]] * fails[b[h]] * fails[c[h]];
                weights[h] *= present ? 1 - away : away;
            }
            return;
        }
        for (int h = 0; h < weights.length; h++) {
            double all = 0;
            double wanted = 0;
            for (int s = 0; s < usual.length; s++) {
                double[] row = byState[s];
                double share = usual[s] * row[a[h]] * row[b[h]] * row[c[h]];
                all += share;
                if (s == state) {
                    wanted = share;
                }
            }
            weights[h] *= wanted / all;
        }
    }
}

package mildlantern.diagnosis;

import java.util.List;

/**
 * What is thought of a plant before anything was looked for: base rates and its record.
 *
 * @param disorders the causes that can befall it
 * @param facts what its record tells
 * @param furtherCause what each cause beyond the first multiplies the weight of a set by
 */
record Prior(List<Disorder> disorders, List<Fact> facts, double furtherCause) {
    /** Odds by cause with the record heard: base rate times what the facts say. */
    double[] odds() {
        double[] odds = baseOdds();
        for (int d = 0; d < odds.length; d++) {
            double logFactor = 0;
            for (Fact fact : facts) {
                logFactor += Odds.logFactor(disorders.get(d), fact);
            }
            odds[d] *= Math.exp(logFactor);
        }
        return odds;
    }

    /** Odds by cause before the record is heard. */
    double[] baseOdds() {
        return disorders.stream()
                .mapToDouble(disorder -> Math.exp(Odds.logBaseOdds(disorder)))
                .toArray();
    }

    /** The weight of each set: the odds of its members, and for each member beyond the first what company costs. */
    double[] weights(Hypotheses of, double[] odds) {
        double[] weights = Odds.products(of, odds);
        for (int h = 0; h < weights.length; h++) {
            weights[h] *= of.size(h) == 3 ? furtherCause * furtherCause : of.size(h) == 2 ? furtherCause : 1;
        }
        return weights;
    }
}

package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Works out how much each fact pulls on the log-odds of each cause. Each fact's share is its mean pull while all facts are faded
 * in together (Aumann and Shapley 1974, applied to log-odds): no fact is favoured by its place in a list, and the shares add up.
 *
 * <p>With weights w(S) = base(S) · exp(t · Σ log L(S)), the derivative of a cause's log-odds by t is, fact by fact, the mean of its
 * log L over the sets with the cause less its mean over the sets without. The integral from 0 to 1 is taken by quadrature over
 * the sets that matter; what little that misses is spread in proportion. Where log L is a sum over the members of a set (facts of the record, findings
 * that are not there) the means follow from how often causes stand together, so that no set needs to be visited again.
 */
final class Explainer {
    /** Nodes and weights of the six-point Gauss-Legendre rule on 0 to 1 (Abramowitz and Stegun 1964, table 25.4). */
    private static final double[][] QUADRATURE = onUnitInterval(
            new double[] {0.2386191860831969, 0.6612093864662645, 0.9324695142031521},
            new double[] {0.4679139345726910, 0.3607615730481386, 0.1713244923791704});

    private final List<Disorder> disorders;
    private final List<Term> terms = new ArrayList<>();
    private final double[][] pulls;
    private final double[] start;
    private final double[] end;

    /**
     * @param sets all sets
     * @param kept those that are not too light to matter
     * @param before the weights of all before any fact
     * @param after the same with all facts
     * @param observations what was seen
     * @param facts what the record tells
     */
    static Explainer over(
            List<Disorder> disorders,
            Hypotheses sets,
            boolean[] kept,
            double[] before,
            double[] after,
            List<Observation> observations,
            List<Fact> facts) {
        return new Explainer(
                disorders,
                sets.only(kept),
                sets.only(kept, before),
                sets.only(kept, after),
                observations,
                facts,
                logOdds(sets.sumByCause(before)),
                logOdds(sets.sumByCause(after)));
    }

    /**
     * @param disorders the causes
     * @param sets the sets that matter
     * @param before their weights before any fact
     * @param after their weights with all facts
     * @param observations what was seen
     * @param facts what the record tells
     * @param start log-odds of each cause before any fact, over all sets
     * @param end log-odds of each cause with all facts, over all sets
     */
    private Explainer(
            List<Disorder> disorders,
            Hypotheses sets,
            double[] before,
            double[] after,
            List<Observation> observations,
            List<Fact> facts,
            double[] start,
            double[] end) {
        this.disorders = disorders;
        this.start = start;
        this.end = end;
        for (Observation observation : observations) {
            terms.add(Term.of(observation, sets));
        }
        for (Fact fact : facts) {
            double[] byCause = disorders.stream()
                    .mapToDouble(disorder -> Odds.logFactor(disorder, fact))
                    .toArray();
            if (Arrays.stream(byCause).anyMatch(value -> value != 0)) {
                terms.add(new Term(Optional.empty(), Optional.of(fact), Optional.of(byCause), new double[0]));
            }
        }
        pulls = new double[terms.size()][disorders.size()];
        double[] logBefore = logOf(before);
        double[] logAll = logOf(after);
        for (int h = 0; h < logAll.length; h++) {
            logAll[h] -= logBefore[h];
        }
        for (double[] node : QUADRATURE) {
            addPulls(sets, faded(logBefore, logAll, node[0]), node[1]);
        }
    }

    private static double[] faded(double[] logBefore, double[] logAll, double share) {
        double[] weights = new double[logBefore.length];
        double highest = Double.NEGATIVE_INFINITY;
        for (int h = 0; h < weights.length; h++) {
            weights[h] = logBefore[h] + share * logAll[h];
            highest = Math.max(highest, weights[h]);
        }
        for (int h = 0; h < weights.length; h++) {
            weights[h] = Math.exp(weights[h] - highest);
        }
        return weights;
    }

    /** Adds one node of the quadrature to the pulls of all terms on all causes. */
    private void addPulls(Hypotheses sets, double[] weights, double nodeWeight) {
        int n = disorders.size();
        double[] with = sets.sumByCause(weights);
        double[][] together = sets.sumByPair(weights);
        for (int t = 0; t < terms.size(); t++) {
            Term term = terms.get(t);
            double[] sums = term.byCause().isPresent()
                    ? memberSums(term.byCause().get(), with, together)
                    : setSums(sets, weights, term.bySet());
            for (int d = 0; d < n; d++) {
                double mean = sums[d] / with[d] - (sums[n] - sums[d]) / (with[n] - with[d]);
                pulls[t][d] += nodeWeight * mean;
            }
        }
    }

    private static double[] memberSums(double[] byCause, double[] with, double[][] together) {
        int n = byCause.length;
        double[] sums = new double[n + 1];
        for (int e = 0; e < n; e++) {
            if (byCause[e] != 0) {
                for (int d = 0; d < n; d++) {
                    sums[d] += byCause[e] * (d == e ? with[e] : together[d][e]);
                }
                sums[n] += byCause[e] * with[e];
            }
        }
        return sums;
    }

    private static double[] setSums(Hypotheses sets, double[] weights, double[] bySet) {
        double[] products = new double[weights.length];
        for (int h = 0; h < products.length; h++) {
            products[h] = weights[h] * bySet[h];
        }
        return sets.sumByCause(products);
    }

    Explanation explain(int cause) {
        double sum = 0;
        double absolute = 0;
        for (double[] pull : pulls) {
            sum += pull[cause];
            absolute += Math.abs(pull[cause]);
        }
        double missed = end[cause] - start[cause] - sum;
        List<Reason> reasons = new ArrayList<>();
        for (int t = 0; t < pulls.length; t++) {
            double spread = absolute == 0 ? 0 : missed * Math.abs(pulls[t][cause]) / absolute;
            reasons.add(terms.get(t).reason(disorders.get(cause), pulls[t][cause] + spread));
        }
        return new Explanation(start[cause], end[cause], List.copyOf(reasons));
    }

    private static double[] logOdds(double[] sums) {
        int n = sums.length - 1;
        double[] logOdds = new double[n];
        for (int d = 0; d < n; d++) {
            logOdds[d] = Math.log(sums[d] / (sums[n] - sums[d]));
        }
        return logOdds;
    }

    private static double[] logOf(double[] values) {
        double[] logs = new double[values.length];
        for (int i = 0; i < logs.length; i++) {
            logs[i] = Math.log(values[i]);
        }
        return logs;
    }

    private static double[][] onUnitInterval(double[] nodes, double[] weights) {
        double[][] rule = new double[nodes.length * 2][];
        for (int i = 0; i < nodes.length; i++) {
            rule[2 * i] = new double[] {(1 - nodes[i]) / 2, weights[i] / 2};
            rule[2 * i + 1] = new double[] {(1 + nodes[i]) / 2, weights[i] / 2};
        }
        return rule;
    }

    /** A finding or a fact that is weighed. */
    private record Term(
            Optional<Observation> observation, Optional<Fact> fact, Optional<double[]> byCause, double[] bySet) {
        static Term of(Observation observation, Hypotheses sets) {
            Likelihoods likelihoods = observation.likelihoods();
            if (likelihoods.sumsOverMembers(observation.state())) {
                return new Term(
                        Optional.of(observation),
                        Optional.empty(),
                        Optional.of(likelihoods.logByCause()),
                        new double[0]);
            }
            double[] bySet = new double[sets.count];
            Arrays.fill(bySet, 1);
            likelihoods.weigh(sets, observation.state(), bySet);
            return new Term(Optional.of(observation), Optional.empty(), Optional.empty(), logOf(bySet));
        }

        Reason reason(Disorder disorder, double weight) {
            return observation
                    .map(seen -> new Reason(
                            Optional.of(seen.finding().id()),
                            disorder.signs().containsKey(seen.finding().id()),
                            seen.words(),
                            weight))
                    .orElseGet(() -> ofFact(fact.orElseThrow(), disorder, weight));
        }

        private static Reason ofFact(Fact fact, Disorder disorder, double weight) {
            return new Reason(
                    Optional.empty(),
                    disorder.rules().stream().anyMatch(rule -> rule.fact().equals(fact.id())),
                    weight >= 0 ? fact.speaksFor() : fact.speaksAgainst(),
                    weight);
        }
    }
}

package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import mildlantern.plant.PlantRecord;

/**
 * What can be the matter with one plant, given its record and what was seen: the exact posterior over all sets of up to
 * three causes. Same record and evidence, same answer, whatever the order of looks.
 */
public final class Differential {
    /** Sets lighter than this share of the heaviest are left out of next looks and explanations, not of the ladder. */
    private static final double NEGLIGIBLE = 1e-4;

    /** With at least this probability that something urgent is present, the plant is treated as urgent. */
    private static final double URGENT_FROM = 0.4;

    /** A bit about how far a cause has gone counts this much against a bit about which cause it is. */
    private static final double EXTENT_COUNTS = 0.5;

    /** How many of the first causes a next look tells the shifts of. */
    private static final int SHIFTS = 5;

    private final DiagnosisKnowledge knowledge;
    private final PlantRecord record;
    private final Evidence evidence;
    private final List<Disorder> disorders;
    private final List<Observation> observations;
    private final List<Fact> facts;
    private final Hypotheses sets;
    private final double[] posterior;
    private final double[] marginals;
    private final List<Cause> ladder;

    Differential(DiagnosisKnowledge knowledge, PlantRecord record, Evidence evidence) {
        this.knowledge = knowledge;
        this.record = record;
        this.evidence = evidence;
        this.disorders = knowledge.befalling(record);
        this.observations = observations();
        this.facts = knowledge.facts(record);
        this.sets = knowledge.setsOf(disorders);
        this.posterior = priorOf(sets, factOdds());
        for (Observation observation : observations) {
            observation.likelihoods().weigh(sets, observation.state(), posterior);
        }
        this.marginals = shares(sets.sumByCause(posterior));
        this.ladder = rungs();
    }

    private List<Observation> observations() {
        List<Observation> seen = new ArrayList<>();
        int heard = 0;
        for (Finding finding : knowledge.findings()) {
            Optional<String> state = evidence.state(finding.id());
            if (state.isPresent()) {
                int index = finding.indexOf(state.get());
                if (index < 0) {
                    throw new IllegalArgumentException("'" + state.get() + "' is no state of " + finding.id());
                }
                seen.add(new Observation(finding, index, new Likelihoods(finding, disorders)));
                heard++;
            }
        }
        if (heard != evidence.states().size()) {
            throw new IllegalArgumentException("evidence names a finding that the knowledge base lacks: "
                    + evidence.states().keySet().stream()
                            .filter(id -> knowledge.finding(id).isEmpty())
                            .sorted()
                            .toList());
        }
        return seen;
    }

    /** Prior odds by cause: base rate times what the facts of the record say. */
    private double[] factOdds() {
        double[] odds = new double[disorders.size()];
        for (int d = 0; d < odds.length; d++) {
            double logOdds = logBaseOdds(disorders.get(d));
            for (Fact fact : facts) {
                logOdds += logFactor(disorders.get(d), fact);
            }
            odds[d] = Math.exp(logOdds);
        }
        return odds;
    }

    private static double logBaseOdds(Disorder disorder) {
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

    /** The prior weight of each set: the odds of its members, and for each member beyond the first what company costs. */
    private double[] priorOf(Hypotheses of, double[] odds) {
        double[] weights = products(of, odds);
        double further = knowledge.furtherCause();
        for (int h = 0; h < weights.length; h++) {
            weights[h] *= of.size(h) == 3 ? further * further : of.size(h) == 2 ? further : 1;
        }
        return weights;
    }

    /** For each set the product of the values of its members. */
    private static double[] products(Hypotheses sets, double[] byCause) {
        double[] padded = Arrays.copyOf(byCause, byCause.length + 1);
        padded[byCause.length] = 1;
        double[] weights = new double[sets.count];
        for (int h = 0; h < sets.count; h++) {
            weights[h] = padded[sets.first[h]] * padded[sets.second[h]] * padded[sets.third[h]];
        }
        return weights;
    }

    private static double[] shares(double[] sums) {
        double total = sums[sums.length - 1];
        double[] shares = new double[sums.length - 1];
        for (int d = 0; d < shares.length; d++) {
            shares[d] = sums[d] / total;
        }
        return shares;
    }

    private List<Cause> rungs() {
        List<Cause> rungs = new ArrayList<>();
        for (int d = 0; d < disorders.size(); d++) {
            rungs.add(new Cause(disorders.get(d), marginals[d]));
        }
        rungs.sort(Comparator.comparingDouble(Cause::probability).reversed());
        return List.copyOf(rungs);
    }

    /** All causes that can befall this plant, the likeliest first. */
    public List<Cause> ladder() {
        return ladder;
    }

    /** The probability of one cause; 0 if it cannot befall this plant. */
    public double probability(String disorderId) {
        return ladder.stream()
                .filter(cause -> cause.disorder().id().equals(disorderId))
                .mapToDouble(Cause::probability)
                .findFirst()
                .orElse(0);
    }

    /** The probability that nothing harmful is present: no cause at all, or harmless ones only. */
    public double allWell() {
        return shareOfSetsWithout(disorder -> !disorder.nature().harmless());
    }

    /** Whether the plant asks for isolation or a deed today. */
    public boolean actNow() {
        return 1 - shareOfSetsWithout(disorder -> disorder.nature().actNow()) >= URGENT_FROM;
    }

    private double shareOfSetsWithout(Predicate<Disorder> unwanted) {
        double[] allowed = new double[disorders.size()];
        for (int d = 0; d < allowed.length; d++) {
            allowed[d] = unwanted.test(disorders.get(d)) ? 0 : 1;
        }
        double[] kept = products(sets, allowed);
        double with = 0;
        double total = 0;
        for (int h = 0; h < sets.count; h++) {
            with += posterior[h] * kept[h];
            total += posterior[h];
        }
        return with / total;
    }

    /**
     * The looks not yet taken that would tell most for their price.
     *
     * @param most how many
     * @return at most that many, the most worthwhile first
     */
    public List<NextLook> nextLooks(int most) {
        boolean[] matter = sets.matter(NEGLIGIBLE, posterior);
        Hypotheses likely = sets.only(matter);
        double[] now = sets.only(matter, posterior);
        List<NextLook> looks = new ArrayList<>();
        for (Finding finding : knowledge.findings()) {
            if (evidence.state(finding.id()).isEmpty() && finding.appliesTo(record)) {
                look(finding, likely, now).ifPresent(looks::add);
            }
        }
        looks.sort(Comparator.comparingDouble(NextLook::worth).reversed());
        return List.copyOf(looks.subList(0, Math.min(most, looks.size())));
    }

    private Optional<NextLook> look(Finding finding, Hypotheses likely, double[] now) {
        Likelihoods likelihoods = new Likelihoods(finding, disorders);
        double[] sums = likely.sumByCause(now);
        double[] before = shares(sums);
        double total = sums[sums.length - 1];
        double expected = 0;
        List<double[]> afters = new ArrayList<>();
        double[] chances = new double[likelihoods.states()];
        for (int state = 0; state < likelihoods.states(); state++) {
            double[] then = now.clone();
            likelihoods.weigh(likely, state, then);
            double[] thenSums = likely.sumByCause(then);
            chances[state] = thenSums[thenSums.length - 1] / total;
            double[] after = shares(thenSums);
            afters.add(after);
            expected += chances[state] * uncertainty(after);
        }
        double gain = uncertainty(before) - expected + tellsExtent(finding, before, chances);
        if (!(gain > 1e-4)) {
            return Optional.empty();
        }
        List<NextLook.Answer> answers = new ArrayList<>();
        for (int state = 0; state < chances.length; state++) {
            answers.add(new NextLook.Answer(
                    finding.states().get(state), chances[state], shifts(before, afters.get(state))));
        }
        return Optional.of(new NextLook(finding, gain, gain / price(finding), answers));
    }

    private List<NextLook.Shift> shifts(double[] before, double[] after) {
        List<NextLook.Shift> shifts = new ArrayList<>();
        for (Cause cause : ladder.subList(0, Math.min(SHIFTS, ladder.size()))) {
            int d = disorders.indexOf(cause.disorder());
            shifts.add(new NextLook.Shift(cause.disorder(), before[d], after[d]));
        }
        return shifts;
    }

    /** Price of a look: one for starting it, one more for every four minutes, two for each degree of stress. */
    private static double price(Finding finding) {
        return 1 + finding.minutes() / 4 + 2 * finding.stress();
    }

    /** Entropy of the marginals in bits, each by how much hangs on it. */
    private double uncertainty(double[] probabilities) {
        double bits = 0;
        for (int d = 0; d < probabilities.length; d++) {
            double p = probabilities[d];
            bits += weight(disorders.get(d).nature()) * (bits(p) + bits(1 - p));
        }
        return bits;
    }

    private static double bits(double p) {
        return p > 1e-12 ? -p * Math.log(p) / Math.log(2) : 0;
    }

    /** How much hangs on knowing whether a cause is there: what must be acted on counts most, what is harmless least. */
    private static double weight(Disorder.Nature nature) {
        if (nature.harmless()) {
            return 0.4;
        }
        return switch (nature.urgency()) {
            case TODAY -> 1.2;
            case WEEK -> 1;
            case CALM -> 0.7;
        };
    }

    /**
     * What a look tells about how far the likely causes have gone, in bits: a cause that is certain still leaves open whether
     * the roots or the twigs are alive, and what is done depends on it.
     */
    private double tellsExtent(Finding finding, double[] before, double[] chances) {
        double open = 0;
        for (double chance : chances) {
            open += bits(chance);
        }
        double sure = 0;
        for (int d = 0; d < before.length; d++) {
            if (disorders.get(d).extent().contains(finding.id())) {
                sure = Math.max(sure, before[d]);
            }
        }
        return EXTENT_COUNTS * sure * open;
    }

    /**
     * Why a cause stands where it stands. Each fact's share is its mean pull on the log-odds while all facts are faded in
     * together (Aumann and Shapley 1974, applied to log-odds): no fact is favoured by its place in a list, and the shares add
     * up. The integral is taken by Gauss-Legendre quadrature; what little the quadrature misses is spread in proportion.
     *
     * @param disorderId a cause of the ladder
     * @throws IllegalArgumentException if the cause cannot befall this plant
     */
    public Explanation explain(String disorderId) {
        int cause = -1;
        for (int d = 0; d < disorders.size(); d++) {
            if (disorders.get(d).id().equals(disorderId)) {
                cause = d;
            }
        }
        if (cause < 0) {
            throw new IllegalArgumentException("'" + disorderId + "' cannot befall this plant");
        }
        return explainer().explain(cause);
    }

    private Optional<Explainer> explainer = Optional.empty();

    private Explainer explainer() {
        if (explainer.isEmpty()) {
            double[] base = disorders.stream()
                    .mapToDouble(disorder -> Math.exp(logBaseOdds(disorder)))
                    .toArray();
            double[] before = priorOf(sets, base);
            boolean[] kept = sets.matter(NEGLIGIBLE, before, posterior);
            explainer = Optional.of(new Explainer(
                    disorders,
                    sets.only(kept),
                    sets.only(kept, before),
                    sets.only(kept, posterior),
                    observations,
                    facts,
                    Explainer.logOdds(sets.sumByCause(before)),
                    Explainer.logOdds(sets.sumByCause(posterior))));
        }
        return explainer.get();
    }
}

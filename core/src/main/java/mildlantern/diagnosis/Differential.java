package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.plant.PlantRecord;

/**
 * What can be the matter with one plant, given its record and what was seen: the exact posterior over all sets of up to
 * three causes. Same record and evidence, same answer, whatever the order of looks.
 */
public final class Differential {
    /** Sets lighter than this share of the heaviest are left out of next looks and explanations, not of the ladder. */
    private static final double NEGLIGIBLE = 1e-5;

    /** With at least this probability that something urgent is present, the plant is treated as urgent. */
    private static final double URGENT_FROM = 0.4;

    /** With at least this probability that nothing harms the plant, the page says so. */
    private static final double ALL_WELL_FROM = 0.6;

    /** A cause with at least this probability is a name that need not be forced. */
    private static final double SURE_FROM = 0.5;

    /** A finding that came anyway with more than this probability is explained by nothing that is weighed. */
    private static final double UNEXPLAINED_FROM = 0.5;

    private final DiagnosisKnowledge knowledge;
    private final PlantRecord record;
    private final Evidence evidence;
    private final List<Disorder> disorders;
    private final List<Observation> observations;
    private final List<Fact> facts;
    private final Prior prior;
    private final Hypotheses sets;
    private final double[] posterior;
    private final double[] marginals;
    private final List<Cause> ladder;

    Differential(DiagnosisKnowledge knowledge, PlantRecord record, Evidence evidence) {
        this.knowledge = knowledge;
        this.record = record;
        this.evidence = evidence;
        this.disorders = knowledge.befalling(record);
        this.observations = Observation.all(knowledge, evidence, disorders);
        this.facts = knowledge.facts(record);
        this.sets = knowledge.setsOf(disorders);
        this.prior = new Prior(disorders, facts, knowledge.furtherCause());
        this.posterior = posterior(prior.odds());
        this.marginals = Odds.shares(sets.sumByCause(posterior));
        this.ladder = rungs();
    }

    /** Weights of all sets with everything heard. What multiplies over the members of a set goes into their odds at once. */
    private double[] posterior(double[] odds) {
        for (Observation observation : observations) {
            if (observation.likelihoods().sumsOverMembers(observation.state())) {
                observation.likelihoods().weighByCause(odds);
            }
        }
        double[] weights = prior.weights(sets, odds);
        for (Observation observation : observations) {
            if (!observation.likelihoods().sumsOverMembers(observation.state())) {
                observation.likelihoods().weigh(sets, observation.state(), weights);
            }
        }
        return weights;
    }

    private List<Cause> rungs() {
        List<Cause> rungs = new ArrayList<>();
        for (int d = 0; d < disorders.size(); d++) {
            rungs.add(new Cause(disorders.get(d), marginals[d]));
        }
        rungs.sort(Comparator.comparingDouble(Cause::probability).reversed());
        return List.copyOf(rungs);
    }

    /** The sets that are weighed. */
    Hypotheses sets() {
        return sets;
    }

    /** Their weights, in their order; they do not add up to 1. */
    double[] weights() {
        return posterior;
    }

    /** The causes that can befall this plant, in the order in which sets count them. */
    List<Disorder> disorders() {
        return disorders;
    }

    /** Ids of the causes in one set. */
    Set<DisorderId> causesOf(int set) {
        return IntStream.of(sets.first[set], sets.second[set], sets.third[set])
                .filter(d -> d < disorders.size())
                .mapToObj(d -> disorders.get(d).id())
                .collect(Collectors.toUnmodifiableSet());
    }

    /** All causes that can befall this plant, the likeliest first. */
    public List<Cause> ladder() {
        return ladder;
    }

    /** The ladder as a tree: what cannot be told apart yet hangs together. */
    public CauseTree tree() {
        return new CauseTree(knowledge.groups(), this::shareOfSetsWithout);
    }

    /** The probability of one cause; 0 if it cannot befall this plant. */
    public double probability(DisorderId disorderId) {
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

    /** What it all comes to. */
    public Standing standing() {
        if (actNow()) {
            return Standing.ACT_TODAY;
        }
        if (!unexplained().isEmpty() && ladder.get(0).probability() < SURE_FROM) {
            return Standing.UNEXPLAINED;
        }
        return !evidence.states().isEmpty() && allWell() >= ALL_WELL_FROM ? Standing.ALL_WELL : Standing.OPEN;
    }

    private double shareOfSetsWithout(Predicate<Disorder> unwanted) {
        double[] allowed = new double[disorders.size()];
        for (int d = 0; d < allowed.length; d++) {
            allowed[d] = unwanted.test(disorders.get(d)) ? 0 : 1;
        }
        double[] kept = Odds.products(sets, allowed);
        double with = 0;
        double total = 0;
        for (int h = 0; h < sets.count; h++) {
            with += posterior[h] * kept[h];
            total += posterior[h];
        }
        return with / total;
    }

    /**
     * The looks not yet taken that are worth most: by what they change in what one would do, and in names, less their price.
     *
     * @param most how many
     * @param passedOver ids of findings that the grower passed over: they are not proposed, and no other look waits for them
     * @return at most that many, the most worthwhile first
     */
    public List<NextLook> nextLooks(int most, Set<FindingId> passedOver) {
        return ahead().nextLooks(most, passedOver);
    }

    /**
     * The single answer that would overturn what is thought of a cause: that brings one which is likelier than not below even, or
     * one which is not above it. Of several the likeliest.
     *
     * @param disorderId a cause of the ladder
     * @return the answer, or empty if no single look would do that
     */
    public Optional<Overturn> overturning(DisorderId disorderId) {
        return ahead().overturning(indexOf(disorderId));
    }

    /** How likely each look not yet taken shows something: what is looked for, or a state that is not the best. */
    public Map<FindingId, Double> showing() {
        return ahead().showing();
    }

    private Optional<LookAhead> lookAhead = Optional.empty();

    private LookAhead ahead() {
        if (lookAhead.isEmpty()) {
            lookAhead = Optional.of(ahead(LookAhead.A_PLANT_IN_BITS));
        }
        return lookAhead.get();
    }

    /** The same with another measure of how much it counts to save a plant: what changes only names is worth nothing at infinity, all at 0. */
    LookAhead ahead(double plantInBits) {
        boolean[] matter = sets.matter(NEGLIGIBLE, posterior);
        return new LookAhead(
                disorders,
                ladder,
                sets.only(matter),
                sets.only(matter, posterior),
                open(),
                knowledge.deeds(disorders),
                plantInBits);
    }

    /** Findings that make sense on this plant as it is and were not looked for. */
    List<Finding> open() {
        return knowledge.findings().stream()
                .filter(finding -> evidence.state(finding.id()).isEmpty() && finding.appliesTo(record))
                .filter(finding -> !knowledge.bare().hides(finding, evidence))
                .toList();
    }

    /** What a week costs in which nothing is done. */
    public Waiting waiting() {
        return knowledge.waiting(ladder);
    }

    /** The look whose answer would most gainfully put another change first; empty where none would. */
    public Optional<DeedChange> deedChange() {
        Optional<String> first = deeds().leastRisk();
        return first.stream()
                .flatMap(trial -> ahead().deedChanges(trial).stream())
                .flatMap(turn -> new Differential(
                                knowledge,
                                record,
                                evidence.with(turn.finding().id(), turn.state().id()))
                                .deeds()
                                .leastRisk()
                                .filter(then -> !first.equals(Optional.of(then)))
                                .map(then -> new DeedChange(turn.finding(), turn.state(), turn.chance(), then))
                                .stream())
                .findFirst();
    }

    /** Which change to make. */
    public DeedChoice deeds() {
        return new DeedChoice(knowledge.deeds(disorders), disorders, ladder, marginals, this::shareOfSetsWithout);
    }

    /**
     * Findings that were seen although nothing weighed explains them: more likely than not, they came from something else. Where
     * one stands here, no name should be forced on the plant.
     */
    public List<Finding> unexplained() {
        return observations.stream()
                .filter(seen -> seen.finding().yesNo()
                        && seen.state() == 0
                        && !seen.finding().neutral())
                .filter(seen -> seen.likelihoods().cameAnyway(sets, posterior) > UNEXPLAINED_FROM)
                .map(Observation::finding)
                .toList();
    }

    /**
     * Why a cause stands where it stands. Each fact's share is its mean pull on the log-odds while all facts are faded in
     * together (Aumann and Shapley 1974, applied to log-odds): no fact is favoured by its place in a list, and the shares add
     * up. The integral is taken by Gauss-Legendre quadrature; what little the quadrature misses is spread in proportion.
     *
     * @param disorderId a cause of the ladder
     * @throws IllegalArgumentException if the cause cannot befall this plant
     */
    public Explanation explain(DisorderId disorderId) {
        return explainer().explain(indexOf(disorderId));
    }

    private int indexOf(DisorderId disorderId) {
        for (int d = 0; d < disorders.size(); d++) {
            if (disorders.get(d).id().equals(disorderId)) {
                return d;
            }
        }
        throw new IllegalArgumentException("'" + disorderId + "' cannot befall this plant");
    }

    private Optional<Explainer> explainer = Optional.empty();

    private Explainer explainer() {
        if (explainer.isEmpty()) {
            double[] before = prior.weights(sets, prior.baseOdds());
            explainer = Optional.of(Explainer.over(
                    disorders,
                    sets,
                    sets.matter(NEGLIGIBLE, before, posterior),
                    before,
                    posterior,
                    observations,
                    facts));
        }
        return explainer.get();
    }
}

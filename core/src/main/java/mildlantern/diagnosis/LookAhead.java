package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import mildlantern.knowledge.FindingId;

/** What each look not yet taken could show, and what each answer would make of the ladder; worked out once. */
final class LookAhead {
    /** A bit about how far a cause has gone counts this much against a bit about which cause it is. */
    private static final double EXTENT_COUNTS = 0.5;

    /** How many of the first causes a next look tells the shifts of. */
    private static final int SHIFTS = 5;

    /** Looks that would gain less than this, in bits, are not worth their while. */
    private static final double LEAST_GAIN = 1e-4;

    private static final double EVEN = 0.5;

    /** How many bits about names count as much as a plant: found by trying what leads to the right change soonest. */
    static final double A_PLANT_IN_BITS = 8;

    /** Changes that answer only causes less likely than this are left out. */
    private static final double LIKELY_ENOUGH = 0.02;

    /** A cheap look that must come before a dear one is worth so much of what that would be worth, besides what it tells itself. */
    private static final double OPENS = 0.3;

    /** An answer that moves a cause by less than this does not overturn it, on whichever side of even it comes to lie. */
    private static final double OVERTURNS_FROM = 0.15;

    /** A look that would gain less than this share of a plant need not be taken before a change is chosen. */
    private static final double TURNS_FROM = 0.003;

    /** As light sets are left out here, so many of the most gainful turns are weighed anew with all. */
    private static final int TURNS = 4;

    /** A change is put first by an answer if it is then better by this share of a plant. */
    private static final double CLEARLY = 0.01;

    private final List<Disorder> disorders;
    private final List<Cause> ladder;
    private final double[] before;
    private final Deeds all;
    private final Deeds deeds;
    private final double plantInBits;
    private final List<Outlook> outlooks = new ArrayList<>();

    /** What one look could show: the chance of each answer, and all probabilities after it. */
    private record Outlook(Finding finding, List<Answer> answers) {}

    private record Answer(Finding.State state, double chance, double[] after) {}

    /**
     * @param disorders the causes
     * @param ladder the causes, the likeliest first
     * @param sets the sets that matter
     * @param weights their weights now
     * @param open findings not yet looked for
     * @param deeds what could be done
     * @param plantInBits how many bits it counts to save a plant
     */
    LookAhead(
            List<Disorder> disorders,
            List<Cause> ladder,
            Hypotheses sets,
            double[] weights,
            List<Finding> open,
            Deeds deeds,
            double plantInBits) {
        this.disorders = disorders;
        this.ladder = ladder;
        double[] sums = sets.sumByCause(weights);
        this.before = Odds.shares(sums);
        this.all = deeds;
        this.deeds = deeds.thatMatter(before, LIKELY_ENOUGH);
        this.plantInBits = plantInBits;
        double total = sums[sums.length - 1];
        for (Finding finding : open) {
            Likelihoods likelihoods = new Likelihoods(finding, disorders);
            List<Answer> answers = new ArrayList<>();
            double[][] then = likelihoods.sumsByState(sets, weights, sums);
            for (int state = 0; state < then.length; state++) {
                answers.add(new Answer(
                        finding.states().get(state), then[state][sums.length - 1] / total, Odds.shares(then[state])));
            }
            outlooks.add(new Outlook(finding, answers));
        }
    }

    List<NextLook> nextLooks(int most, Set<FindingId> passedOver) {
        Predicate<Finding> stillOpen = finding -> !passedOver.contains(finding.id());
        Set<FindingId> canBeAsked = outlooks.stream()
                .map(Outlook::finding)
                .filter(stillOpen)
                .map(Finding::id)
                .collect(Collectors.toSet());
        Map<FindingId, Double> opened = opened(stillOpen, canBeAsked);
        return outlooks.stream()
                .filter(outlook -> stillOpen.test(outlook.finding()))
                .filter(outlook -> !waits(outlook.finding(), canBeAsked))
                .flatMap(outlook -> worthwhile(outlook).stream())
                .map(look -> opening(look, opened.getOrDefault(look.finding().id(), 0.0)))
                .sorted(Comparator.comparingDouble(NextLook::worth).reversed())
                .limit(most)
                .toList();
    }

    /** What each cheap look is worth because a dear one waits for it. */
    private Map<FindingId, Double> opened(Predicate<Finding> stillOpen, Set<FindingId> canBeAsked) {
        Map<FindingId, Double> opened = new HashMap<>();
        outlooks.stream()
                .filter(outlook -> stillOpen.test(outlook.finding()) && waits(outlook.finding(), canBeAsked))
                .flatMap(outlook -> worthwhile(outlook).stream())
                .forEach(dear -> dear.finding()
                        .after()
                        .forEach(first -> opened.merge(first, OPENS * Math.max(0, dear.worth()), Math::max)));
        return opened;
    }

    private static NextLook opening(NextLook look, double worth) {
        return new NextLook(look.finding(), look.gain(), look.saves(), look.worth() + worth, look.answers());
    }

    /** How likely each look not yet taken shows something: what is looked for, or a state that is not the best. */
    Map<FindingId, Double> showing() {
        Map<FindingId, Double> showing = new HashMap<>();
        outlooks.forEach(outlook -> {
            Finding finding = outlook.finding();
            String sound = finding.yesNo()
                    ? Finding.ABSENT
                    : finding.best().stream().findFirst().orElse("");
            showing.put(
                    finding.id(),
                    outlook.answers().stream()
                            .filter(answer -> !answer.state().id().equals(sound))
                            .mapToDouble(Answer::chance)
                            .sum());
        });
        return showing;
    }

    /** A dear look waits until at least one of the cheap looks before it is taken or passed over. */
    private static boolean waits(Finding finding, Set<FindingId> canBeAsked) {
        return !finding.after().isEmpty() && canBeAsked.containsAll(finding.after());
    }

    private Optional<NextLook> worthwhile(Outlook outlook) {
        Finding finding = outlook.finding();
        double expected = 0;
        double cost = 0;
        for (Answer answer : outlook.answers()) {
            expected += answer.chance() * uncertainty(answer.after());
            cost += answer.chance() * deeds.least(answer.after());
        }
        double gain = uncertainty(before) - expected + tellsExtent(outlook);
        double saves = Math.max(0, deeds.least(before) - cost);
        if (!(gain > LEAST_GAIN)) {
            return Optional.empty();
        }
        List<NextLook.Answer> answers = outlook.answers().stream()
                .map(answer -> new NextLook.Answer(answer.state(), answer.chance(), shifts(answer)))
                .toList();
        return Optional.of(new NextLook(finding, gain, saves, names(gain) + saves - deeds.price(finding), answers));
    }

    private List<NextLook.Shift> shifts(Answer answer) {
        List<NextLook.Shift> shifts = new ArrayList<>();
        for (Cause cause : ladder.subList(0, Math.min(SHIFTS, ladder.size()))) {
            int d = disorders.indexOf(cause.disorder());
            shifts.add(new NextLook.Shift(cause.disorder(), before[d], answer.after()[d]));
        }
        return shifts;
    }

    Optional<Overturn> overturning(int cause) {
        double now = before[cause];
        return outlooks.stream()
                .flatMap(outlook -> outlook.answers().stream()
                        .filter(answer -> overturns(now, answer.after()[cause]))
                        .map(answer -> new Candidate(outlook.finding(), answer)))
                .max(Comparator.comparingDouble(candidate -> candidate.answer().chance()))
                .map(found -> new Overturn(
                        found.finding(),
                        found.answer().state(),
                        now,
                        found.answer().after()[cause]));
    }

    private static boolean overturns(double now, double after) {
        return after < EVEN != now < EVEN && Math.abs(after - now) >= OVERTURNS_FROM;
    }

    /**
     * Answers after which another change is first: those first by which most is gained, times how likely they are.
     *
     * @param first id of the change that is first now
     */
    List<DeedChange> deedChanges(String first) {
        return all.all().stream()
                .filter(deed -> deed.trial().equals(first))
                .flatMap(now -> outlooks.stream()
                        .flatMap(outlook -> outlook.answers().stream()
                                .flatMap(answer -> turning(now, outlook.finding(), answer).stream())))
                .filter(turn -> turn.gain() >= TURNS_FROM)
                .sorted(Comparator.comparingDouble(Turning::gain).reversed())
                .limit(TURNS)
                .map(Turning::change)
                .toList();
    }

    private Optional<Turning> turning(Deeds.Deed now, Finding finding, Answer answer) {
        return all.first(answer.after())
                .filter(then -> now.expected(answer.after()) - then.expected(answer.after()) >= CLEARLY)
                .map(then -> new Turning(
                        new DeedChange(finding, answer.state(), answer.chance(), then.trial()),
                        answer.chance() * (now.expected(answer.after()) - then.expected(answer.after()))
                                - deeds.price(finding)));
    }

    /** @param gain what would be gained by it, as a share of a plant */
    private record Turning(DeedChange change, double gain) {}

    private record Candidate(Finding finding, Answer answer) {}

    /** What it is worth to know names better, as a share of a plant. */
    private double names(double bits) {
        return bits / plantInBits;
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
    private double tellsExtent(Outlook outlook) {
        double open = 0;
        for (Answer answer : outlook.answers()) {
            open += bits(answer.chance());
        }
        double sure = 0;
        for (int d = 0; d < before.length; d++) {
            if (disorders.get(d).extent().contains(outlook.finding().id())) {
                sure = Math.max(sure, before[d]);
            }
        }
        return EXTENT_COUNTS * sure * open;
    }
}

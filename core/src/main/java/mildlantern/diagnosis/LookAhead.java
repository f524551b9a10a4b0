package mildlantern.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
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

    /** An answer that moves a cause by less than this does not overturn it, on whichever side of even it comes to lie. */
    private static final double OVERTURNS_FROM = 0.15;

    private final List<Disorder> disorders;
    private final List<Cause> ladder;
    private final double[] before;
    private final List<Outlook> outlooks = new ArrayList<>();

    /** What one look could show: the chance of each answer, and all probabilities after it. */
    private record Outlook(Finding finding, List<Answer> answers) {}

    private record Answer(Finding.State state, double chance, List<Double> after) {}

    /**
     * @param disorders the causes
     * @param ladder the causes, the likeliest first
     * @param sets the sets that matter
     * @param weights their weights now
     * @param open findings not yet looked for
     */
    LookAhead(List<Disorder> disorders, List<Cause> ladder, Hypotheses sets, double[] weights, List<Finding> open) {
        this.disorders = disorders;
        this.ladder = ladder;
        double[] sums = sets.sumByCause(weights);
        this.before = Odds.shares(sums);
        double total = sums[sums.length - 1];
        for (Finding finding : open) {
            Likelihoods likelihoods = new Likelihoods(finding, disorders);
            List<Answer> answers = new ArrayList<>();
            double[][] then = likelihoods.sumsByState(sets, weights, sums);
            for (int state = 0; state < then.length; state++) {
                answers.add(new Answer(
                        finding.states().get(state), then[state][sums.length - 1] / total, boxed(then[state])));
            }
            outlooks.add(new Outlook(finding, answers));
        }
    }

    private static List<Double> boxed(double[] sums) {
        List<Double> shares = new ArrayList<>();
        for (double share : Odds.shares(sums)) {
            shares.add(share);
        }
        return shares;
    }

    List<NextLook> nextLooks(int most, Set<FindingId> passedOver) {
        Predicate<Finding> stillOpen = finding -> !passedOver.contains(finding.id());
        Set<FindingId> canBeAsked = outlooks.stream()
                .map(Outlook::finding)
                .filter(stillOpen)
                .map(Finding::id)
                .collect(Collectors.toSet());
        return outlooks.stream()
                .filter(outlook -> stillOpen.test(outlook.finding()))
                .filter(outlook -> !waits(outlook.finding(), canBeAsked))
                .flatMap(outlook -> worthwhile(outlook).stream())
                .sorted(Comparator.comparingDouble(NextLook::worth).reversed())
                .limit(most)
                .toList();
    }

    /** A dear look waits until at least one of the cheap looks before it is taken or passed over. */
    private static boolean waits(Finding finding, Set<FindingId> canBeAsked) {
        return !finding.after().isEmpty() && canBeAsked.containsAll(finding.after());
    }

    private Optional<NextLook> worthwhile(Outlook outlook) {
        Finding finding = outlook.finding();
        double expected = 0;
        for (Answer answer : outlook.answers()) {
            expected += answer.chance() * uncertainty(answer.after());
        }
        List<Double> now = new ArrayList<>();
        for (double p : before) {
            now.add(p);
        }
        double gain = uncertainty(now) - expected + tellsExtent(outlook);
        if (!(gain > LEAST_GAIN)) {
            return Optional.empty();
        }
        List<NextLook.Answer> answers = outlook.answers().stream()
                .map(answer -> new NextLook.Answer(answer.state(), answer.chance(), shifts(answer)))
                .toList();
        return Optional.of(new NextLook(finding, gain, gain / price(finding), answers));
    }

    private List<NextLook.Shift> shifts(Answer answer) {
        List<NextLook.Shift> shifts = new ArrayList<>();
        for (Cause cause : ladder.subList(0, Math.min(SHIFTS, ladder.size()))) {
            int d = disorders.indexOf(cause.disorder());
            shifts.add(new NextLook.Shift(
                    cause.disorder(), before[d], answer.after().get(d)));
        }
        return shifts;
    }

    Optional<Overturn> overturning(int cause) {
        double now = before[cause];
        return outlooks.stream()
                .flatMap(outlook -> outlook.answers().stream()
                        .filter(answer -> overturns(now, answer.after().get(cause)))
                        .map(answer -> new Candidate(outlook.finding(), answer)))
                .max(Comparator.comparingDouble(candidate -> candidate.answer().chance()))
                .map(found -> new Overturn(
                        found.finding(),
                        found.answer().state(),
                        now,
                        found.answer().after().get(cause)));
    }

    private static boolean overturns(double now, double after) {
        return after < EVEN != now < EVEN && Math.abs(after - now) >= OVERTURNS_FROM;
    }

    private record Candidate(Finding finding, Answer answer) {}

    /** Price of a look: one for starting it, one more for every four minutes, two for each degree of stress. */
    private static double price(Finding finding) {
        return 1 + finding.minutes() / 4 + 2 * finding.stress();
    }

    /** Entropy of the marginals in bits, each by how much hangs on it. */
    private double uncertainty(List<Double> probabilities) {
        double bits = 0;
        for (int d = 0; d < probabilities.size(); d++) {
            double p = probabilities.get(d);
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

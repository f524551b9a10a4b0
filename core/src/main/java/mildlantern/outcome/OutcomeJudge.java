package mildlantern.outcome;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.care.Figure;
import mildlantern.care.Need;
import mildlantern.care.Needs;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Says what a change brought. What the season did is taken off first: against the stop that the plant left, or against neighbours that the change does
 * not touch (difference in differences). What remains is held against what was promised, with its error.
 */
public final class OutcomeJudge {
    /** Between the lowest and the highest of ten to twenty days lie so many standard deviations (Tippett 1925: 3.08 of ten, 3.47 of fifteen, 3.73 of twenty). */
    private static final double SPREAD_IN_DEVIATIONS = 3.5;

    private static final double NOTHING = 1e-3;

    /** Added to counts, so that none has a logarithm (Haldane 1956). */
    private static final double HALF = 0.5;

    private final OutcomeKnowledge knowledge;

    public OutcomeJudge(OutcomeKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    /** What a change brought for one need. */
    public Compared compare(Promised promised, Seen seen) {
        OutcomeKnowledge.Error scale = knowledge.error(promised.kind());
        double before = on(scale, promised.before());
        double wanted = on(scale, promised.promised()) - before;
        double now = on(scale, seen.now().value());
        double season = promised.elsewhere().isPresent() && seen.elsewhere().isPresent()
                ? on(scale, seen.elsewhere().getAsDouble())
                        - on(scale, promised.elsewhere().getAsDouble())
                : 0;
        double without = seen.left().map(left -> on(scale, left.value())).orElse(before + season);
        double length = Math.max(NOTHING, Math.abs(wanted));
        double share = (now - without) * Math.signum(wanted) / length;
        double errorWithout = seen.left().map(left -> error(scale, left)).orElse(scale.read());
        double error = Math.hypot(error(scale, seen.now()), errorWithout) / length;
        return judged(promised, seen.now(), off(scale, without), share, error);
    }

    private Compared judged(Promised promised, Figure now, double without, double share, double error) {
        NormalDistribution brought = NormalDistribution.of(share, Math.max(NOTHING, error));
        double better = brought.survivalProbability(knowledge.least);
        double worse = brought.cumulativeProbability(-knowledge.least);
        double same = 1 - better - worse;
        double most = Math.max(same, Math.max(better, worse));
        Verdict verdict = most < knowledge.sure
                ? Verdict.CANNOT_TELL
                : most == better ? Verdict.BETTER : most == worse ? Verdict.WORSE : Verdict.SAME;
        return new Compared(promised, now, without, share, error, verdict, most);
    }

    /**
     * What a plant misses more of with a change that was not to touch it.
     *
     * @param without its needs as they would be today without the change
     * @param now its needs
     * @param promised what the change was to bring something of
     * @return only what is sure
     */
    public List<Compared> worsened(List<Need> without, List<Need> now, Set<Need.Kind> promised) {
        List<Compared> worsened = new ArrayList<>();
        for (Need with : now) {
            without.stream()
                    .filter(other -> other.kind() == with.kind()
                            && !promised.contains(with.kind())
                            && Needs.noticed(with.miss() - other.miss()))
                    .findFirst()
                    .map(other -> other(with.gets(), other.gets(), with.kind()))
                    .filter(compared -> compared.sure() >= knowledge.sure)
                    .ifPresent(worsened::add);
        }
        return List.copyOf(worsened);
    }

    private Compared other(Figure now, Figure without, Need.Kind kind) {
        OutcomeKnowledge.Error scale = knowledge.error(kind);
        double error = Math.hypot(error(scale, now), error(scale, without));
        double sure = NormalDistribution.of(
                        Math.abs(on(scale, now.value()) - on(scale, without.value())), Math.max(NOTHING, error))
                .survivalProbability(0);
        return new Compared(
                Promised.nothing(kind, without.value()), now, without.value(), 0, error, Verdict.WORSE, sure);
    }

    /** Standard error of a figure: days on end are alike, so that many count as few. */
    private double error(OutcomeKnowledge.Error scale, Figure figure) {
        if (figure.days() < 2) {
            return scale.reckoned();
        }
        double spread =
                on(scale, figure.spread().high()) - on(scale, figure.spread().low());
        double days = Math.max(1, figure.days() / knowledge.daysAlike);
        return Math.hypot(spread / SPREAD_IN_DEVIATIONS / Math.sqrt(days), scale.read());
    }

    /** What is trusted in shares is compared by its logarithm. */
    private static double on(OutcomeKnowledge.Error scale, double value) {
        return scale.inShares() ? Math.log(Math.max(0.05, value)) : value;
    }

    private static double off(OutcomeKnowledge.Error scale, double value) {
        return scale.inShares() ? Math.exp(value) : value;
    }

    /**
     * What counts say of a course of treatment: fewer or more at its end than at its start. Counts scatter more than chance alone would have it (negative
     * binomial); the standard error of the logarithm of their ratio is by the delta method.
     *
     * @param first counted before anything was used
     * @param last counted at the end
     */
    public Verdict byCounts(int first, int last) {
        double before = first + HALF;
        double after = last + HALF;
        double error = Math.sqrt(1 / before + 1 / after + 2 / knowledge.countSize);
        double fewer = NormalDistribution.of(0, error).cumulativeProbability(Math.log(before / after));
        return fewer >= knowledge.sure
                ? Verdict.BETTER
                : 1 - fewer >= knowledge.sure ? Verdict.WORSE : Verdict.CANNOT_TELL;
    }

    /** Days before a change of which leaves are held against those since. */
    public int leavesBeforeDays() {
        return knowledge.leavesBefore;
    }

    /**
     * What the leaves say that came since: longer or shorter than those before, against neighbours of the kind.
     *
     * @param own lengths of the plant's own leaves
     * @param others of neighbours of its kind that the change does not touch; without any, nothing is taken off
     * @return empty where leaves of one time are missing
     */
    public Optional<Verdict> byLeaves(Leaves own, Leaves others) {
        if (own.before().isEmpty() || own.since().isEmpty()) {
            return Optional.empty();
        }
        boolean controlled = !others.before().isEmpty() && !others.since().isEmpty();
        double change = own.longer() - (controlled ? others.longer() : 0);
        double error = knowledge.leafSpread * Math.sqrt(own.weight() + (controlled ? others.weight() : 0));
        NormalDistribution grown = NormalDistribution.of(change, Math.max(NOTHING, error));
        if (grown.survivalProbability(0) >= knowledge.sure) {
            return Optional.of(Verdict.BETTER);
        }
        return Optional.of(grown.cumulativeProbability(0) >= knowledge.sure ? Verdict.WORSE : Verdict.SAME);
    }

    /**
     * The change as a whole. What the plant says goes first; but what did not reach it did not help it.
     *
     * @param plant how the plant itself stands; empty where nobody said, and no leaf told
     */
    public static Verdict overall(Effects effects, Optional<Verdict> plant) {
        Verdict reached = reached(effects);
        return switch (plant.orElse(Verdict.CANNOT_TELL)) {
            case WORSE -> Verdict.WORSE;
            case SAME -> reached == Verdict.WORSE ? Verdict.WORSE : Verdict.SAME;
            case BETTER -> reached == Verdict.SAME || reached == Verdict.WORSE ? Verdict.CANNOT_TELL : Verdict.BETTER;
            case CANNOT_TELL -> reached;
        };
    }

    /** What reached the plant; where something got worse besides, by whether it misses less or more in all. */
    private static Verdict reached(Effects effects) {
        Map<Boolean, List<Compared>> promised = effects.figures().stream()
                .collect(Collectors.partitioningBy(figure -> !figure.promised().isNothing()));
        Verdict reached = reached(promised.getOrDefault(true, List.of()));
        if (promised.getOrDefault(false, List.of()).isEmpty() || Needs.noticed(effects.eased())) {
            return reached;
        }
        return Needs.noticed(-effects.eased()) ? Verdict.WORSE : reached == Verdict.BETTER ? Verdict.SAME : reached;
    }

    /** Whether what was promised reached the plant: worse if any need is, better if any is and none is worse. */
    private static Verdict reached(List<Compared> figures) {
        for (Verdict verdict : List.of(Verdict.WORSE, Verdict.BETTER, Verdict.CANNOT_TELL, Verdict.SAME)) {
            if (figures.stream().anyMatch(figure -> figure.verdict() == verdict)) {
                return verdict;
            }
        }
        return Verdict.CANNOT_TELL;
    }
}

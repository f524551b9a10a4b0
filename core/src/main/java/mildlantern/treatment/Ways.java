package mildlantern.treatment;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import mildlantern.pest.Effect;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.Plan;
import mildlantern.pest.Schedule;
import mildlantern.quantity.Range;

/** The ways in which the means that a plant bears can be used against a pest, each with what the pest clock says of it. */
final class Ways {
    /** From so many days on, intervals are tried a week apart: a day more or less makes no difference then. */
    private static final int LONG_INTERVAL = 21;

    /** So many of the best are thought of together with another. */
    private static final int PROMISING = 4;

    private final TreatmentKnowledge knowledge;
    private final CourseRequest request;
    private final LifeTable pest;
    private final PestClock clock;
    private final List<Means> allowed;
    private final Optional<Means> cleaning;

    Ways(TreatmentKnowledge knowledge, CourseRequest request, LifeTable pest, PestClock clock, List<Means> allowed) {
        this.knowledge = knowledge;
        this.request = request;
        this.pest = pest;
        this.clock = clock;
        this.allowed = allowed;
        this.cleaning = allowed.stream()
                .filter(one -> !one.product() && !one.kills().isEmpty())
                .filter(one -> one.way() == Means.Way.SPRAY || one.way() == Means.Way.HAND)
                .findFirst();
    }

    /**
     * A way of going about it.
     *
     * @param uses the means of each use in turn, the last one going on
     * @param beside a means given beside them
     * @param clean what it begins with: what takes most off at once and needs no label
     * @param interval days between two uses
     * @param plan what the clock says
     */
    record Way(List<Means> uses, Optional<Means> beside, Optional<Means> clean, int interval, Plan plan) {
        Means main() {
            return uses.get(0);
        }

        boolean alone() {
            return beside.isEmpty() && uses.stream().distinct().count() == 1;
        }

        /** Day of the first use: the day after the cleaning or the test on one leaf. */
        int first() {
            return clean.isPresent() || main().terms().testLeaf() ? 1 : 0;
        }
    }

    /** Each means alone; and two together where none of the style's own ends it alone. */
    List<Way> all() {
        List<Way> ways = new ArrayList<>();
        allowed.forEach(one -> ways.add(way(uses(one), Optional.empty())));
        if (ways.stream().anyMatch(way -> way.plan().ends() && rank(way.main()) == 0)) {
            return ways;
        }
        List<Means> promising =
                ways.stream().sorted(BY_PLAN).limit(PROMISING).map(Way::main).toList();
        for (Means one : promising) {
            for (Means other : allowed) {
                if (inTurn(one, other)) {
                    List<Means> both = new ArrayList<>(uses(one));
                    both.addAll(uses(other));
                    ways.add(way(both, Optional.empty()));
                }
                if (sideBySide(one, other)) {
                    ways.add(way(uses(one), Optional.of(other)));
                }
            }
        }
        return ways;
    }

    /** What ends it comes first; then what the style is for; then what is least work and soonest over. */
    Way best(List<Way> ways) {
        return Collections.min(
                ways,
                Comparator.comparing((Way way) -> !way.plan().ends())
                        .thenComparingDouble(way ->
                                way.plan().ends() ? 0 : Math.rint(way.plan().risk() * 10))
                        .thenComparingInt(way -> rank(way.main()))
                        .thenComparing(way -> !way.alone())
                        .thenComparingInt(way -> way.plan().lastDay())
                        .thenComparingInt(way -> way.plan().applications()));
    }

    private List<Means> uses(Means one) {
        return Collections.nCopies(request.mostUses(one), one);
    }

    /** A product has had its uses, and another of another group, or of none, takes over. */
    private static boolean inTurn(Means one, Means other) {
        return !one.equals(other)
                && one.group().isPresent()
                && !one.group().equals(other.group())
                && one.way() == Means.Way.SPRAY
                && other.way() == Means.Way.SPRAY
                && other.product()
                && !cancel(one, other);
    }

    /** One that is repeated and one that lasts, of which at most one has a label, so that they never meet as two products on a day. */
    private static boolean sideBySide(Means one, Means other) {
        return !one.equals(other)
                && other.lasting().isPresent()
                && !(one.product() && other.product())
                && !cancel(one, other);
    }

    private static boolean cancel(Means one, Means other) {
        return names(one, other) || names(other, one);
    }

    private static boolean names(Means one, Means other) {
        return one.cancels().stream().anyMatch(cancel -> cancel.means().contains(other.id()));
    }

    private Way way(List<Means> uses, Optional<Means> beside) {
        Optional<Means> clean = cleaning.filter(one -> !uses.contains(one));
        Map<Integer, Effect> done =
                clean.map(one -> Map.of(0, knowledge.effect(one, pest))).orElse(Map.of());
        Range interval = interval(uses);
        Way best = null;
        int step = interval.low() < LONG_INTERVAL ? 1 : 7;
        for (int days = (int) interval.low(); days <= interval.high(); days += step) {
            Way tried = new Way(uses, beside, clean, days, new Plan(0, days, 1, false, 0));
            Schedule schedule = new Schedule(
                    uses.stream().map(one -> knowledge.effect(one, pest)).toList(),
                    tried.first(),
                    days,
                    beside.map(this::besides).orElse(Map.of()));
            Plan plan = clock.fewest(done, schedule, uses.size(), CourseComposer.RISK);
            Way found = new Way(uses, beside, clean, days, plan.applications() > 0 ? plan : once(plan, schedule));
            if (best == null || BY_PLAN.compare(found, best) < 0) {
                best = found;
            }
        }
        if (best == null) {
            throw new IllegalStateException(
                    "no interval is allowed for " + uses.get(0).id());
        }
        return best;
    }

    private static final Comparator<Way> BY_PLAN = Comparator.comparing(
                    (Way way) -> !way.plan().ends())
            .thenComparingDouble(way ->
                    way.plan().ends() ? way.plan().applications() : way.plan().risk())
            .thenComparingDouble(way -> way.plan().risk());

    /** Where cleaning alone would do, it is still used once: what was missed does the harm. */
    private static Plan once(Plan plan, Schedule schedule) {
        return new Plan(1, plan.intervalDays(), plan.risk(), plan.ends(), schedule.first());
    }

    private Range interval(List<Means> uses) {
        double low = 1;
        double high = 120;
        for (Means one : Set.copyOf(uses)) {
            Range range = one.intervalAgainst(request.disorder());
            double least = request.label(one)
                    .filter(label -> label.intervalDays().isPresent())
                    .map(label -> (double) label.intervalDays().getAsInt())
                    .orElse(range.low());
            low = Math.max(low, least);
            high = Math.min(high, Math.max(range.high(), least));
        }
        return new Range(low, Math.max(low, high));
    }

    /** Days on which a means is given beside the others. */
    Map<Integer, Effect> besides(Means one) {
        int every = (int) one.intervalAgainst(request.disorder()).low();
        Effect effect = knowledge.effect(one, pest);
        return IntStream.range(0, one.mostUses()).boxed().collect(Collectors.toMap(i -> 1 + i * every, i -> effect));
    }

    /** How near a means is to the heart of the style; 0 is nearest. */
    private int rank(Means means) {
        boolean living =
                means.styles().contains(Style.LIVING) && !means.styles().contains(Style.SYSTEMIC);
        boolean strong = means.styles().equals(Set.of(Style.SYSTEMIC));
        return switch (request.style()) {
            case LIVING -> living && means.way() != Means.Way.TRAP ? 0 : means.product() ? 2 : 1;
            case WASH -> means.product() && means.group().isEmpty() ? 0 : means.product() ? 2 : 1;
            case SYSTEMIC -> strong ? 0 : means.product() ? 1 : 2;
        };
    }
}

package mildlantern.treatment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mildlantern.pest.Application;
import mildlantern.pest.LifeTable;
import mildlantern.pest.PestClock;
import mildlantern.pest.Plan;

/**
 * Searches the programmes that a plant bears against a pest: each means alone, two in turn, a knock-down and then living controls, and one that
 * lasts beside one that is repeated. A wash goes before every spray where the plant bears it.
 */
final class Programmes {
    /** So many of the best alone are thought of together with another. */
    private static final int PROMISING = 4;

    /** So many of all are reckoned closely. */
    private static final int CLOSELY = 4;

    /** Where one means alone reaches the aim for so little, nothing else is thought of. */
    private static final double CHEAP = 60;

    /** Longer pauses between two means are no course any more, days. */
    private static final int LONGEST_PAUSE = 14;

    private final TreatmentKnowledge knowledge;
    private final CourseRequest request;
    private final LifeTable pest;
    private final PestClock clock;
    private final PestClock rough;
    private final List<Means> allowed;
    private final List<Means> helpers;
    private final Optional<Means> wash;
    private final Price price;
    private final Turns turns;

    /**
     * @param allowed what this plant bears here, of this style
     * @param helpers what it bears of the styles next to it, to go before or after
     */
    Programmes(
            TreatmentKnowledge knowledge,
            CourseRequest request,
            LifeTable pest,
            PestClock clock,
            List<Means> allowed,
            List<Means> helpers) {
        this.knowledge = knowledge;
        this.request = request;
        this.pest = pest;
        this.clock = clock;
        this.rough = clock.rough();
        this.helpers = helpers;
        this.price = new Price(request);
        this.turns = new Turns(request);
        this.wash = allowed.stream().filter(Means::wash).min(Comparator.comparingDouble(price::minutes));
        this.allowed = allowed.stream()
                .filter(one -> !wash.equals(Optional.of(one)) || allowed.size() == 1)
                .toList();
    }

    Optional<Means> wash() {
        return wash;
    }

    Found search() {
        List<Programme> alone = new ArrayList<>();
        wash.filter(one -> !allowed.contains(one))
                .ifPresent(one -> best(alone(one)).ifPresent(alone::add));
        allowed.forEach(one -> best(alone(one)).ifPresent(alone::add));
        List<Programme> all = new ArrayList<>(alone);
        Optional<Programme> single = best(alone);
        if (single.isEmpty() || !single.get().plan().reached() || single.get().cost() > CHEAP) {
            alone.stream()
                    .sorted(Programme::compare)
                    .map(Programme::main)
                    .limit(PROMISING)
                    .forEach(one -> together(one, all));
            withBeside(all);
            if (alone.stream().anyMatch(one -> one.main().living())) {
                helpers.stream().filter(Means::repeats).forEach(one -> thenLiving(one, allowed, all));
            }
        }
        Programme best = all.stream()
                .sorted(Programme::compare)
                .limit(CLOSELY)
                .map(one -> reckoned(one.turns(), one.beside(), clock))
                .min(Programme::compare)
                .orElseThrow();
        return new Found(
                best,
                alone.stream()
                        .map(one -> reckoned(one.turns(), one.beside(), clock))
                        .toList());
    }

    private static Optional<Programme> best(List<Programme> programmes) {
        return programmes.stream().min(Programme::compare);
    }

    private List<Programme> alone(Means one) {
        List<Programme> found = new ArrayList<>();
        int most = mostInRow(one);
        for (int gap : turns.gaps(one)) {
            if (most > 0) {
                found.add(reckoned(turns.alone(one, gap, most), Optional.empty(), rough));
            }
        }
        return found;
    }

    private void together(Means one, List<Programme> all) {
        for (Means other : allowed) {
            if (inTurn(one, other)) {
                for (int gap : turns.gaps(one)) {
                    all.add(reckoned(turns.inTurn(one, gap, other), Optional.empty(), rough));
                }
            }
            if (sideBySide(one, other)) {
                for (int gap : turns.gaps(one)) {
                    int most = mostInRow(one);
                    if (most > 0) {
                        all.add(reckoned(turns.alone(one, gap, most), Optional.of(other), rough));
                    }
                }
            }
        }
        if (one.repeats() && (one.product() || request.style() == Style.LIVING)) {
            thenLiving(one, helpers, all);
            thenLiving(one, allowed, all);
        }
        allowed.stream().filter(other -> thenLasts(one, other)).forEach(other -> then(one, other, all));
    }

    /** The best of those that take turns, with something that lasts beside them. */
    private void withBeside(List<Programme> all) {
        best(all.stream()
                        .filter(one -> one.beside().isEmpty() && one.means().size() > 1)
                        .toList())
                .filter(one -> !one.plan().reached())
                .ifPresent(one -> allowed.stream()
                        .filter(other -> one.turns().stream()
                                .map(Programme.Turn::means)
                                .distinct()
                                .allMatch(used -> sideBySide(used, other)))
                        .forEach(other -> all.add(reckoned(one.turns(), Optional.of(other), rough))));
    }

    /** A few uses that knock the pest down, then living controls once they bear it. */
    private void thenLiving(Means one, List<Means> others, List<Programme> all) {
        for (Means living : others) {
            if (living.living() && !living.repeats()) {
                then(one, living, all);
            }
        }
    }

    private void then(Means one, Means lasting, List<Programme> all) {
        int pause = Math.max(lasting.daysAfter(one), 1);
        int gap = (int) request.interval(one).low();
        int every = (int) request.interval(lasting).low();
        int most = Math.min(lasting.pace().inRow(), request.usesLeft(lasting));
        for (int uses = 1; uses <= mostInRow(one) && pause <= LONGEST_PAUSE && most > 0; uses++) {
            List<Programme.Turn> both = new ArrayList<>(turns.alone(one, gap, uses));
            for (int i = 0; i < most; i++) {
                both.add(new Programme.Turn(lasting, i == 0 ? pause : every));
            }
            all.add(reckoned(both, Optional.empty(), rough));
        }
    }

    private int mostInRow(Means one) {
        return Math.min(one.pace().inRow(), request.usesLeft(one));
    }

    /** What is taken up and lasts may follow what was done by hand or sprayed. */
    private boolean thenLasts(Means one, Means other) {
        return one.repeats()
                && !other.living()
                && !other.repeats()
                && other.works().lasting().isPresent()
                && (one.group().isEmpty() || !one.group().equals(other.group()));
    }

    /** One has had its uses in a row, and another of another group, or of none, takes over, turn and turn about. */
    private boolean inTurn(Means one, Means other) {
        return !one.equals(other)
                && one.repeats()
                && other.repeats()
                && !(one.terms().pots() && other.terms().pots())
                && (one.group().isEmpty() || !one.group().equals(other.group()))
                && request.usesLeft(one) > 0
                && request.usesLeft(other) > 0
                && one.daysAfter(other) <= LONGEST_PAUSE
                && other.daysAfter(one) <= LONGEST_PAUSE;
    }

    /** One that is repeated and one that lasts, of which at most one has a label, so that they never meet as two products on a day. */
    private boolean sideBySide(Means one, Means other) {
        return !one.equals(other)
                && other.works().lasting().isPresent()
                && !other.repeats()
                && !(one.product() && other.product())
                && !other.waitsFor(one)
                && one.cancel(other.id()).isEmpty()
                && other.cancel(one.id()).isEmpty();
    }

    /** Day of the first use: the day after the wash that comes before everything, or the test on one leaf. */
    int first(Means main) {
        return opening(main).isPresent() || main.terms().testLeaf() ? 1 : 0;
    }

    /** What takes off at once what it can, on the first day. */
    Optional<Means> opening(Means main) {
        return wash.filter(one -> !one.equals(main));
    }

    /** What goes before a use on its own day: not before the first, which follows the wash of the day before. */
    Optional<Means> before(int use, Means means) {
        return wash.filter(one -> use > 0 && !one.equals(means) && means.way() == Means.Way.SPRAY);
    }

    private Programme reckoned(List<Programme.Turn> uses, Optional<Means> beside, PestClock with) {
        Means main = uses.get(0).means();
        List<Application> done = opening(main)
                .map(one -> List.of(Application.of(0, knowledge.effect(one, pest, request.figures()))))
                .orElse(List.of());
        List<Application> toCome = new ArrayList<>();
        int day = first(main);
        for (int i = 0; i < uses.size(); i++) {
            Means means = uses.get(i).means();
            day += uses.get(i).gap();
            toCome.add(new Application(
                    day,
                    Stream.concat(before(i, means).stream(), Stream.of(means))
                            .map(one -> knowledge.effect(one, pest, request.figures()))
                            .toList()));
        }
        List<Application> given = beside.map(this::besides).orElse(List.of());
        Plan plan = with.fewest(done, toCome, given, request.aim());
        // What was missed does the harm: where the wash alone would do, it is still used once.
        Plan used = plan.applications() > 0
                ? plan
                : new Plan(
                        1,
                        plan.moving(),
                        plan.risk(),
                        plan.reached(),
                        toCome.get(0).day());
        double minutes = opening(main).map(price::minutes).orElse(0.0);
        double cost = opening(main).map(price::cost).orElse(0.0) + price.days(used.lastDay());
        for (int i = 0; i < used.applications(); i++) {
            Means means = uses.get(i).means();
            minutes +=
                    price.minutes(means) + before(i, means).map(price::minutes).orElse(0.0);
            cost += price.cost(means) + before(i, means).map(price::cost).orElse(0.0);
        }
        long besides = given.stream().filter(one -> one.day() <= used.lastDay()).count();
        cost += besides * beside.map(price::cost).orElse(0.0);
        return new Programme(uses, beside, request.aim(), used, cost, minutes);
    }

    /** What is given beside the others, on days of its own. */
    List<Application> besides(Means one) {
        int every = (int) request.interval(one).low();
        return IntStream.range(0, Math.max(1, mostInRow(one)))
                .mapToObj(i -> Application.of(1 + i * every, knowledge.effect(one, pest, request.figures())))
                .toList();
    }
}

package mildlantern.treatment;

import java.util.List;
import java.util.Optional;
import mildlantern.pest.Aim;
import mildlantern.pest.Plan;

/**
 * A way of going about a pest.
 *
 * @param turns each use in turn, as many as are allowed
 * @param beside a means given beside them
 * @param aim what it is to reach
 * @param plan what the clock says: how many of the turns are needed, and what they leave
 * @param cost what those uses cost, in minutes of a grower who would rather not
 * @param minutes how long they take
 */
record Programme(List<Turn> turns, Optional<Means> beside, Aim aim, Plan plan, double cost, double minutes) {
    /** More work than this nobody does, minutes. */
    private static final double MOST_MINUTES = 150;

    /** After so many uses nobody goes on. */
    static final int MOST_USES = 12;

    /** A means and the days after the use before it. */
    record Turn(Means means, int gap) {}

    Means main() {
        return turns.get(0).means();
    }

    int gap() {
        return turns.size() < 2
                ? (int) main().pace().interval().low()
                : turns.get(1).gap();
    }

    /** The turns that are needed. */
    List<Turn> used() {
        return turns.subList(0, plan.applications());
    }

    /** Means in the order in which they are used, each once. */
    List<Means> means() {
        return used().stream().map(Turn::means).distinct().toList();
    }

    boolean drudgery() {
        return minutes > MOST_MINUTES || plan.applications() > MOST_USES;
    }

    /** What is left, in steps of a third of a power of ten, or of a twentieth of the risk: finer differences say nothing. */
    private long left() {
        return plan.reached()
                ? Long.MIN_VALUE
                : aim == Aim.CONTROL
                        ? Math.round(3 * Math.log10(Math.max(1e-6, plan.moving())))
                        : Math.round(20 * plan.risk());
    }

    /** What reaches the aim comes first, and of those what costs least; of others, what leaves least. */
    static int compare(Programme one, Programme other) {
        int sooner = Boolean.compare(one.drudgery(), other.drudgery());
        int left = sooner != 0 ? sooner : Long.compare(one.left(), other.left());
        int cost = left != 0 ? left : Double.compare(one.cost, other.cost);
        return cost != 0 ? cost : Double.compare(one.plan.moving(), other.plan.moving());
    }
}

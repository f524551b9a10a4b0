package mildlantern.treatment;

import java.util.Map;
import mildlantern.knowledge.DisorderId;
import mildlantern.pest.LifeTable;
import mildlantern.quantity.Range;

/**
 * What a house has learned from its own counts: how well each means works there, and how fast each pest grows, beside the figures of the
 * knowledge base.
 *
 * @param killing by id of a means: how many times as hard it kills; 1 as the knowledge base says
 * @param growing by pest: how many times as much it lays
 */
public record HouseFigures(Map<String, Figure> killing, Map<DisorderId, Figure> growing) {
    /** A house that has counted nothing. */
    public static final HouseFigures NONE = new HouseFigures(Map.of(), Map.of());

    /** No count moves a figure further than this from the knowledge base, nor than its inverse. */
    static final double FURTHEST = 2.5;

    /**
     * What is known of a figure: its logarithm is normally distributed.
     *
     * @param log mean of the logarithm
     * @param sd its standard deviation
     * @param counts how many counts told of it
     */
    public record Figure(double log, double sd, int counts) {
        /** How many times the figure of the knowledge base. */
        public double times() {
            return Math.max(1 / FURTHEST, Math.min(FURTHEST, Math.exp(log)));
        }
    }

    /** A share that dies, where something kills so many times as hard: the share that lives is raised to that power. */
    Range at(String means, Range share) {
        Figure figure = killing.get(means);
        return figure == null ? share : new Range(harder(share.low(), figure), harder(share.high(), figure));
    }

    private static double harder(double share, Figure figure) {
        return 1 - Math.pow(1 - share, figure.times());
    }

    /** A pest as it grows here. */
    public LifeTable here(LifeTable pest) {
        Figure figure = growing.get(pest.id());
        return figure == null ? pest : pest.laying(figure.times());
    }
}

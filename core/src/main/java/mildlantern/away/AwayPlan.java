package mildlantern.away;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import mildlantern.plant.PlantId;

/**
 * What is to be expected and done.
 *
 * @param lines one a plant, the one most at risk first
 * @param visits when somebody must water, in order
 */
public record AwayPlan(List<Line> lines, List<Visit> visits) {
    /** The order of the lines. */
    public static final Comparator<Line> MOST_AT_RISK_FIRST =
            Comparator.comparingDouble(Line::harmAsItIs).reversed().thenComparing(Line::wantsOn);

    /**
     * A plant.
     *
     * @param wantsFrom the day from which it may want water, if nothing is done before
     * @param wantsOn the likeliest such day; after the return where it does not want any
     * @param harmAsItIs the chance that it is harmed by the return if nothing is done, 0 to 1
     * @param measure what is done before
     * @param helped whether somebody must water it in between besides
     * @param reservoirMl with how much in its reservoir, mL; 0 for none
     * @param harm the chance that is left then
     */
    public record Line(
            PlantId plant,
            LocalDate wantsFrom,
            LocalDate wantsOn,
            double harmAsItIs,
            Measure measure,
            boolean helped,
            int reservoirMl,
            double harm) {}

    /** A day on which somebody waters some plants. */
    public record Visit(LocalDate day, List<Portion> portions) {}

    /**
     * What a plant gets.
     *
     * @param ml about so much, mL
     */
    public record Portion(PlantId plant, int ml) {}
}

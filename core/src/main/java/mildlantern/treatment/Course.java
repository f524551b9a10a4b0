package mildlantern.treatment;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mildlantern.knowledge.DisorderId;

/**
 * A dated treatment of one plant.
 *
 * @param disorder id of what it is against
 * @param choice what it uses
 * @param from its first day
 * @param steps in order of their days
 * @param forecast what the pest clock says of it; nothing for a disease
 * @param weighed the means that were thought of, and what spoke for or against each
 * @param noCure what is said where nothing cures it
 * @param cost what a late or missed step cost, in a sentence, where the course was planned anew
 */
public record Course(
        DisorderId disorder,
        Choice choice,
        LocalDate from,
        List<Step> steps,
        Optional<Forecast> forecast,
        List<Weighed> weighed,
        Optional<String> noCure,
        Optional<String> cost) {

    /**
     * What a course uses.
     *
     * @param style the house style it follows
     * @param uses id of the means of each use that is allowed, in turn; empty for a disease
     * @param beside id of a means given beside them
     * @param clean id of the means it begins with
     * @param intervalDays days between two uses
     */
    public record Choice(
            Style style, List<String> uses, Optional<String> beside, Optional<String> clean, int intervalDays) {
        /** A course whose uses do not follow from the pest clock. */
        static Choice none(Style style) {
            return new Choice(style, List.of(), Optional.empty(), Optional.empty(), 1);
        }
    }

    /** The parts of a course in their order. */
    public enum Phase {
        ISOLATE("stand alone"),
        CLEAN("clean"),
        TEST("try one leaf"),
        ACT("act"),
        REPEAT("again"),
        LOOK("look"),
        RELEASE("release");

        private final String words;

        Phase(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One step.
     *
     * @param on its day
     * @param phase which part it belongs to
     * @param means id of the means it uses
     * @param what the instruction, in a sentence
     * @param terms conditions, rinsing, gear and cautions, a sentence each
     */
    public record Step(LocalDate on, Phase phase, Optional<String> means, String what, List<String> terms) {
        /** The same on another day. */
        Step movedTo(LocalDate day) {
            return new Step(day, phase, means, what, terms);
        }
    }

    /**
     * What the pest clock says.
     *
     * @param risk chance that any survives the course, 0 to 1
     * @param ends whether that is below 5 %
     * @param applications uses of what the course mainly uses
     * @param riskOfOne chance that any survives one single use
     * @param slowInterval a longer interval for comparison, days
     * @param riskSlow chance that any survives as many uses at that interval
     * @param doublingDays days in which numbers double without treatment
     * @param longestHidden the stage that is out of reach longest, with its days, in words
     */
    public record Forecast(
            double risk,
            boolean ends,
            int applications,
            double riskOfOne,
            int slowInterval,
            double riskSlow,
            Optional<Double> doublingDays,
            Optional<String> longestHidden) {
        Forecast with(double newRisk, boolean nowEnds, int uses) {
            return new Forecast(newRisk, nowEnds, uses, riskOfOne, slowInterval, riskSlow, doublingDays, longestHidden);
        }
    }

    /**
     * A means that was thought of.
     *
     * @param means id
     * @param name its name
     * @param chosen whether the course uses it
     * @param why what speaks for or against it
     */
    public record Weighed(String means, String name, boolean chosen, String why) {}

    /** The day on which it is looked at again last: the one that decides. */
    public LocalDate lookAgain() {
        return steps.stream()
                .filter(step -> step.phase() == Phase.LOOK)
                .map(Step::on)
                .max(LocalDate::compareTo)
                .orElse(from.plusDays(1));
    }
}

package mildlantern.treatment;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.knowledge.DisorderId;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import mildlantern.pest.Aim;
import mildlantern.pest.Place;

/**
 * A dated treatment of one plant.
 *
 * @param disorder id of what it is against
 * @param choice what it uses
 * @param from its first day
 * @param steps in order of their days
 * @param forecast what the pest clock says of it; nothing for a disease
 * @param options what was thought of, and what came of it
 * @param noCure why nothing is used, where that is so
 * @param cost what a late or missed step cost, where the course was planned anew
 */
public record Course(
        DisorderId disorder,
        Choice choice,
        LocalDate from,
        List<Step> steps,
        Optional<Forecast> forecast,
        List<Option> options,
        Optional<Message> noCure,
        Optional<Cost> cost) {

    /** Why a course uses nothing. */
    public enum NoCure implements MessageKey {
        /** What the knowledge base says of it. */
        INCURABLE,
        /** Nothing of this style suits this plant here. */
        NOTHING_SUITS
    }

    /**
     * What a course uses.
     *
     * @param style the house style it follows
     * @param aim what it is to reach
     * @param turns each use in turn, as many as are allowed; empty for a disease
     * @param wash id of what goes before every use but the first, and before all of them at the beginning
     * @param beside id of a means given beside them
     */
    public record Choice(Style style, Aim aim, List<Turn> turns, Optional<String> wash, Optional<String> beside) {
        /** A course whose uses do not follow from the pest clock. */
        static Choice none(Style style, Aim aim) {
            return new Choice(style, aim, List.of(), Optional.empty(), Optional.empty());
        }
    }

    /**
     * One use in turn.
     *
     * @param means its id
     * @param gap days after the use before it; 0 for the first
     */
    public record Turn(String means, int gap) {}

    /** The parts of a course, in the order in which they are done on one day: one looks before one sprays. */
    public enum Phase implements MessageKey {
        ISOLATE,
        ANTS,
        LOOK,
        CLEAN,
        TEST,
        ACT,
        REPEAT,
        RELEASE
    }

    /** What is looked for at a look, or what the release means. */
    public enum LookFor implements MessageKey {
        /** Fewer than before. */
        FEWER,
        /** Nothing, for the first time. */
        NONE,
        /** Nothing again, a hatch later. */
        STILL_NONE,
        /** A dry cut. */
        DRY_CUT,
        /** No new spot on the same leaves. */
        SAME_LEAVES,
        /** It goes back to its place. */
        BACK,
        /** It is over; it never had to stand alone. */
        OVER
    }

    /**
     * One step.
     *
     * @param on its day
     * @param phase which part it belongs to
     * @param means id of the means it uses
     * @param wash id of what goes before it on the same day
     * @param look what is looked for
     */
    public record Step(
            LocalDate on, Phase phase, Optional<String> means, Optional<String> wash, Optional<LookFor> look) {
        static Step of(LocalDate on, Phase phase) {
            return new Step(on, phase, Optional.empty(), Optional.empty(), Optional.empty());
        }

        static Step use(LocalDate on, Phase phase, Means means) {
            return new Step(on, phase, Optional.of(means.id()), Optional.empty(), Optional.empty());
        }

        static Step look(LocalDate on, LookFor what) {
            return new Step(
                    on,
                    what == LookFor.BACK || what == LookFor.OVER ? Phase.RELEASE : Phase.LOOK,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(what));
        }

        /** The same on another day. */
        Step movedTo(LocalDate day) {
            return new Step(day, phase, means, wash, look);
        }

        /** The same after a wash. */
        Step after(Optional<String> before) {
            return new Step(on, phase, means, before, look);
        }
    }

    /**
     * What the pest clock says.
     *
     * @param moving moving animals that are expected after the last use
     * @param risk chance that any is left then, 0 to 1
     * @param reached whether that is what the course is to reach
     * @param uses uses of what the course mainly uses
     * @param fewer share of those noticed at the start that is gone when the last use has done its work, 0 to 1
     * @param leftOfOne share of the moving ones that one single use leaves, 0 to 1
     * @param doublingDays days in which numbers double without treatment
     * @param hidden the stage that is out of reach longest
     */
    public record Forecast(
            double moving,
            double risk,
            boolean reached,
            int uses,
            double fewer,
            double leftOfOne,
            OptionalDouble doublingDays,
            Optional<Hidden> hidden) {}

    /**
     * A stage that nothing of a course reaches.
     *
     * @param stage its name in the knowledge base
     * @param days it takes
     * @param at where it sits
     */
    public record Hidden(String stage, double days, Place at) {}

    /** What became of something that was thought of. */
    public enum Role implements MessageKey {
        MAIN,
        /** It takes over when the first has had its uses in a row. */
        THEN,
        WASH,
        BESIDE,
        /** It would have served too. */
        POSSIBLE,
        /** It falls short alone. */
        SHORT,
        /** So much work that nobody does it. */
        DRUDGERY,
        OTHER_STYLE,
        REFUSED
    }

    /**
     * Something that was thought of.
     *
     * @param means id
     * @param role what became of it
     * @param uses how often it would be used alone, or is used; 0 where nothing was reckoned
     * @param gap days between two uses
     * @param moving moving animals it would leave
     */
    public record Option(String means, Role role, int uses, int gap, double moving) {
        static Option of(Means means, Role role) {
            return new Option(means.id(), role, 0, 0, 0);
        }
    }

    /**
     * What a late or missed step cost.
     *
     * @param uses further uses; below 0 where some are saved
     * @param days by which the last use comes later; below 0 sooner
     */
    public record Cost(int uses, int days) {}

    /** The day on which it is looked at again last: the one that decides. */
    public LocalDate lookAgain() {
        return steps.stream()
                .filter(step -> step.phase() == Phase.LOOK)
                .map(Step::on)
                .max(LocalDate::compareTo)
                .orElse(from.plusDays(1));
    }

    /** The last day on which something is used. */
    public Optional<LocalDate> lastUse() {
        return steps.stream()
                .filter(step -> step.phase() == Phase.ACT || step.phase() == Phase.REPEAT)
                .map(Step::on)
                .max(LocalDate::compareTo);
    }
}

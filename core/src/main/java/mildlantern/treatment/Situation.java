package mildlantern.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.plant.Profile;

/**
 * The plant that is to be treated, and its place, as far as they decide what may be used.
 *
 * @param profile its kind
 * @param states what is so of it and its place
 * @param celsius mean air temperature at its stop, °C
 * @param warmest the warmest of today and tomorrow there, °C
 * @param coldest the coldest of them, °C
 * @param humidity mean relative humidity there, percent
 * @param leaves how many leaves it has, where that is known
 * @param holds what must not be done meanwhile
 * @param uses what was used on it in the last year
 */
public record Situation(
        Profile profile,
        Set<State> states,
        double celsius,
        double warmest,
        double coldest,
        OptionalDouble humidity,
        OptionalInt leaves,
        Set<Hold> holds,
        List<Use> uses) {
    /** Days until a plant has settled in fresh medium. Kind of source: practice. */
    public static final int SETTLES_DAYS = 14;

    /** What can be so of a plant and its place. */
    public enum State {
        FLOWERING,
        /** Buds show, or it flowers within weeks. */
        IN_BUD,
        /** It wants water now. */
        THIRSTY,
        /** Potted in the last two weeks. */
        NEWLY_POTTED,
        /** The sun reaches it at some time of day. */
        SUNNY,
        OUTDOORS,
        /** The water at hand is hard. */
        HARD_WATER,
        /** It rests, or hardly grows for want of light. */
        RESTING,
        /** A seedling, or a cutting that has just rooted. */
        YOUNG
    }

    /**
     * One use of a means.
     *
     * @param means its id
     * @param on when
     * @param group mode-of-action group, where it has one
     * @param product whether it is a product with a label
     */
    public record Use(String means, LocalDate on, Optional<String> group, boolean product) {}

    /** Something of a kind at an even temperature, of which nothing else is known. */
    public static Situation of(Profile profile, double celsius) {
        return new Situation(
                profile,
                Set.of(),
                celsius,
                celsius,
                celsius,
                OptionalDouble.empty(),
                OptionalInt.empty(),
                Set.of(),
                List.of());
    }

    boolean is(State state) {
        return states.contains(state);
    }

    /** The same with one more use. */
    Situation after(Use use) {
        List<Use> all = new ArrayList<>(uses);
        all.add(use);
        return new Situation(profile, states, celsius, warmest, coldest, humidity, leaves, holds, List.copyOf(all));
    }
}

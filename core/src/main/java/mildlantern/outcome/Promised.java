package mildlantern.outcome;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import mildlantern.care.Need;
import mildlantern.care.Need.Standing;
import mildlantern.care.Needs;

/**
 * What a change was to bring for one need, in the unit of the need.
 *
 * @param before what the plant got when the change began
 * @param promised what it was to get with it
 * @param elsewhere the mean of what the stops gave then that the change does not touch; empty where nothing is known of any, or the stop does not give it
 */
public record Promised(Need.Kind kind, double before, double promised, OptionalDouble elsewhere) {
    /**
     * A need that a change was not to touch.
     *
     * @param without what the plant would get without the change
     */
    static Promised nothing(Need.Kind kind, double without) {
        return new Promised(kind, without, without, OptionalDouble.empty());
    }

    /** Whether nothing was promised of it. */
    public boolean isNothing() {
        return before == promised;
    }

    /**
     * What a move promises: what the other stop gives, where that matters to the plant.
     *
     * @param here needs of the plant where it stands
     * @param there needs of it at the other stop
     * @param elsewhere what the other stops give, by need
     */
    public static List<Promised> ofMove(
            List<Need> here, List<Need> there, Function<Need.Kind, OptionalDouble> elsewhere) {
        List<Promised> promised = new ArrayList<>();
        for (Need now : here) {
            there.stream()
                    .filter(other -> other.kind() == now.kind() && Needs.noticed(now.miss() - other.miss()))
                    .findFirst()
                    .ifPresent(other -> promised.add(new Promised(
                            now.kind(), now.gets().value(), other.gets().value(), elsewhere.apply(now.kind()))));
        }
        return List.copyOf(promised);
    }

    /**
     * What any other change promises: the near end of what the plant wants.
     *
     * @param here needs of the plant
     * @param answers needs that the change answers
     * @param elsewhere what the other stops give, by need
     */
    public static List<Promised> of(
            List<Need> here, Set<Need.Kind> answers, Function<Need.Kind, OptionalDouble> elsewhere) {
        return here.stream()
                .filter(now -> answers.contains(now.kind()) && now.standing() != Standing.FITS)
                .flatMap(now -> near(now)
                        .map(end -> new Promised(now.kind(), now.gets().value(), end, elsewhere.apply(now.kind())))
                        .stream())
                .toList();
    }

    /** The end of what the plant wants that it is off; empty where the figure alone does not say what is amiss. */
    private static Optional<Double> near(Need now) {
        double value = now.gets().value();
        double end = now.standing() == Standing.SHORT
                ? now.wanted().low()
                : now.wanted().high();
        boolean towards = now.standing() == Standing.SHORT ? end > value : end < value;
        return towards ? Optional.of(end) : Optional.empty();
    }
}

package mildlantern.outcome;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.care.Need;
import mildlantern.care.Needs;

/**
 * All that a change did to what a plant gets.
 *
 * @param figures what was promised, and what got worse that was not to be touched
 * @param eased how much less the plant misses than it would without the change, in the measure of a miss; below 0 it misses more. Only where something got
 *     worse
 */
public record Effects(List<Compared> figures, double eased) {
    /** Nothing is known. */
    public static final Effects NONE = new Effects(List.of(), 0);

    /**
     * @param without needs of the plant as they would be without the change
     * @param now its needs; what is known with the change only, or without it only, is left out
     */
    public static Effects of(List<Compared> figures, List<Need> without, List<Need> now) {
        return new Effects(List.copyOf(figures), missed(without, kinds(now)) - missed(now, kinds(without)));
    }

    private static Set<Need.Kind> kinds(List<Need> needs) {
        return needs.stream().map(Need::kind).collect(Collectors.toSet());
    }

    private static double missed(List<Need> needs, Set<Need.Kind> of) {
        return Needs.missed(
                needs.stream().filter(need -> of.contains(need.kind())).toList());
    }
}

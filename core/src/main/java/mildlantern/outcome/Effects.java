package mildlantern.outcome;

import java.util.List;

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
}

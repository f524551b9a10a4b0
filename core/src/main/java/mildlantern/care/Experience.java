package mildlantern.care;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import mildlantern.place.StopId;

/**
 * What changes did here, by kind of plant and by stop: how often such a change helped, drawn towards what the book expects, the more so the fewer there
 * were (a mean with so many made-up cases of the book, first for the kind of plant, then for the stop within it).
 *
 * @param cases changes that were looked at again and of which something can be said
 * @param book share of changes that the book expects to help, 0 to 1
 * @param weight as how many cases the book counts
 */
public record Experience(List<Case> cases, double book, double weight) {
    /**
     * A change that was looked at again.
     *
     * @param plantKind id of the kind of plant
     * @param stop where the plant stood with it
     * @param helped 1 it helped, 0 nothing came of it, -1 the plant is worse for it
     */
    public record Case(String plantKind, Change.Kind change, StopId stop, int helped) {}

    /** Nothing was tried here yet. */
    public static Experience none() {
        return new Experience(List.of(), 1, 1);
    }

    /** By how much what a change promises is to be multiplied: 1 as in the book, 0 where it never helped. */
    public double factor(String plantKind, Change.Kind change, Optional<StopId> stop) {
        if (cases.isEmpty()) {
            return 1;
        }
        Predicate<Case> alike = it -> it.plantKind().equals(plantKind) && it.change() == change;
        double ofKind = drawn(alike, book);
        double there = stop.map(at -> drawn(alike.and(it -> it.stop().equals(at)), ofKind))
                .orElse(ofKind);
        return Math.max(0, there / book);
    }

    private double drawn(Predicate<Case> which, double towards) {
        List<Case> found = cases.stream().filter(which).toList();
        double helped = found.stream().mapToInt(Case::helped).sum();
        return (helped + weight * towards) / (found.size() + weight);
    }
}

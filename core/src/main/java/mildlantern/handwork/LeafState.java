package mildlantern.handwork;

import java.util.OptionalInt;
import mildlantern.quantity.Limits;

/**
 * A damaged leaf and the plant that it is on.
 *
 * @param damage what it looks like
 * @param green share of it that is still green, 0 to 1
 * @param catching whether the plant has something that lives in its leaves and is catching, as far as is known
 * @param spreading whether it grew within the last week
 * @param alike how many leaves look so, 1 or more
 * @param leaves how many leaves the plant has, where that is known; never fewer than look so
 * @param shooting whether new growth is under way that lives on the old leaves
 */
public record LeafState(
        Damage damage,
        double green,
        boolean catching,
        boolean spreading,
        int alike,
        OptionalInt leaves,
        boolean shooting) {
    /**
     * @throws IllegalArgumentException if a figure lies outside its range
     */
    public LeafState {
        Limits.require("green share", green, 0, 1, "");
        Limits.require("leaves alike", alike, 1, 10_000, "");
        if (leaves.isPresent()) {
            Limits.require("leaves", leaves.getAsInt(), alike, 100_000, "");
        }
    }

    /** Whether it may go on to others, or through this leaf. */
    boolean goesOn() {
        return switch (damage) {
            case SOFT, TUNNELS -> true;
            case SPOTS -> catching || spreading;
            case YELLOW -> catching;
            case DRY_TIP, DRY_EDGE, OLD_SCAR, DRY -> false;
        };
    }
}

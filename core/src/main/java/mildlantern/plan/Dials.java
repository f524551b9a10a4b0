package mildlantern.plan;

import java.util.List;
import java.util.Set;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;

/**
 * What a plan may do.
 *
 * @param mostMoves most plants that are carried
 * @param lamps whether lamps may be proposed
 * @param money whether anything may be proposed that is bought
 * @param pinned plants that stay where they are
 * @param without stops at which nothing is put up
 * @param sameAir stops in whose rooms the air is left as it is
 * @param together plants that must not part, each set for itself; of those only who stand at one stop now
 */
public record Dials(
        int mostMoves,
        boolean lamps,
        boolean money,
        Set<PlantId> pinned,
        Set<StopId> without,
        Set<StopId> sameAir,
        List<Set<PlantId>> together) {
    /** Whatever helps. */
    public static final Dials OPEN = most(Integer.MAX_VALUE);

    public Dials {
        if (mostMoves < 0) {
            throw new IllegalArgumentException("fewer than no moves: " + mostMoves);
        }
        pinned = Set.copyOf(pinned);
        without = Set.copyOf(without);
        sameAir = Set.copyOf(sameAir);
        together = together.stream().map(Set::copyOf).toList();
    }

    /** Whatever helps, with so many moves at most. */
    public static Dials most(int moves) {
        return new Dials(moves, true, true, Set.of(), Set.of(), Set.of(), List.of());
    }

    public Dials buying(boolean lampsToo, boolean anything) {
        return new Dials(mostMoves, lampsToo, anything, pinned, without, sameAir, together);
    }

    public Dials pinning(Set<PlantId> plants) {
        return new Dials(mostMoves, lamps, money, plants, without, sameAir, together);
    }

    public Dials leaving(Set<StopId> bare, Set<StopId> airs) {
        return new Dials(mostMoves, lamps, money, pinned, bare, airs, together);
    }

    public Dials keeping(List<Set<PlantId>> plants) {
        return new Dials(mostMoves, lamps, money, pinned, without, sameAir, plants);
    }
}

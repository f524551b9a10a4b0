package mildlantern.plan;

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
 */
public record Dials(int mostMoves, boolean lamps, boolean money, Set<PlantId> pinned, Set<StopId> without) {
    /** Whatever helps. */
    public static final Dials OPEN = new Dials(Integer.MAX_VALUE, true, true, Set.of(), Set.of());

    public Dials {
        if (mostMoves < 0) {
            throw new IllegalArgumentException("fewer than no moves: " + mostMoves);
        }
        pinned = Set.copyOf(pinned);
        without = Set.copyOf(without);
    }
}

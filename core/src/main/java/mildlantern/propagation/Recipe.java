package mildlantern.propagation;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import mildlantern.plant.Season;
import mildlantern.quantity.Range;

/**
 * How a kind is multiplied in one way.
 *
 * @param way the way
 * @param when the seasons for it
 * @param takes share of those that usually grow on, 0 to 1
 * @param rootWeeks weeks until roots hold
 * @param callus whether a cut dries before it is set
 * @param cover whether it stands under a cover until it roots
 * @param size an offset's least size, share of its mother's; 0 where that says nothing
 * @param parts least number of growths or leaves in each part
 * @param lengthCm of the cutting, cm
 * @param medium id of what it roots in, or {@code water}
 * @param potWeeks weeks until it gets a pot of its own; 0 where it gets one at once
 */
public record Recipe(
        Way way,
        Set<Season> when,
        double takes,
        Range rootWeeks,
        boolean callus,
        boolean cover,
        double size,
        OptionalInt parts,
        Optional<Range> lengthCm,
        String medium,
        int potWeeks) {
    /** What a cutting roots in that stands in no medium. */
    public static final String WATER = "water";
}

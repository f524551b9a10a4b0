package mildlantern.handwork;

import java.util.List;
import java.util.Optional;
import mildlantern.message.MessageKey;

/**
 * The part that may be cut, and its plant.
 *
 * @param aim what for
 * @param twig what the twig showed at each step down from its tip, as far as it was tested
 * @param roots whether firm, light roots were found, where the whole twig is dead and somebody looked
 * @param part how the cane, sheath or stem looks
 * @param flowering whether the plant is in bud or in flower
 * @param leaves how many leaves it has; 0 where that is not known
 */
public record CutState(CutAim aim, List<Wood> twig, Optional<Boolean> roots, Part part, boolean flowering, int leaves) {
    public CutState {
        twig = List.copyOf(twig);
    }

    /** How a cane, a sheath or a stem looks. */
    public enum Part implements MessageKey {
        GREEN_LEAFY,
        GREEN_BARE,
        SHRIVELLED,
        YELLOW,
        DRY,
        SOFT
    }
}

package mildlantern.handwork;

import java.util.OptionalInt;
import mildlantern.message.MessageKey;
import mildlantern.quantity.Range;

/**
 * What is done with a damaged leaf.
 *
 * @param deed the deed
 * @param because its reason
 * @param cut where the cut goes
 * @param atOnce how many of the leaves today; fewer than look so where it would be too much at once
 * @param rest how many are left for another day
 * @param restInDays days until then, where some are left
 * @param outgrows weeks in which this kind replaces such a leaf
 */
public record LeafDeed(
        Deed deed, Because because, Cut cut, int atOnce, int rest, OptionalInt restInDays, Range outgrows) {
    /** The deeds, from the least. */
    public enum Deed implements MessageKey {
        KEEP,
        TRIM,
        /** The sick part with a margin of sound leaf; the leaf stays. */
        CUT_OUT,
        TAKE_OFF
    }

    /** Why. */
    public enum Because implements MessageKey {
        /** It is at rest and still feeds the plant. */
        STILL_FEEDS,
        /** Only its margin is dead; the rest feeds the plant. */
        DEAD_MARGIN,
        /** The new growth lives on it. */
        FEEDS_NEW_GROWTH,
        /** The plant has too few to lose one. */
        TOO_FEW,
        /** It passes on to others. */
        GOES_ON,
        /** It no longer feeds the plant. */
        SPENT,
        /** The plant draws back what is in it, and lets go by itself. */
        DRAWS_BACK,
        /** What is scarred stays so; no cut mends it. */
        SCAR_STAYS
    }

    /** Where the cut goes. */
    public enum Cut implements MessageKey {
        NONE,
        /** Along the leaf's shape, leaving a thread of brown. */
        ALONG_SHAPE,
        /** Into sound tissue, a finger's width past what is sick. */
        INTO_SOUND,
        /** At its base, with a blade; never into the heart. */
        AT_BASE,
        /** At the sheath that holds the stem. */
        AT_SHEATH,
        /** Its stalk at the stem. */
        AT_STEM,
        /** Pulled off sideways, with its whole base. */
        SIDEWAYS,
        /** The frond at the ground, beside the crown. */
        AT_GROUND,
        /** The trap alone; the leaf behind it stays. */
        TRAP_ALONE
    }
}

package mildlantern.potting;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.message.MessageKey;
import mildlantern.quantity.Range;

/**
 * What is done at a pot.
 *
 * @param deed the deed
 * @param because its reason
 * @param when when it is done
 * @param from the first day for it, where it waits for one
 * @param potCm the pot that it goes into, cm across, where it gets another
 * @param other what the other school would do, where both are right
 * @param trimShare most share of living roots that may come off; 0 for dead ones only
 * @param after what it needs afterwards
 */
public record PotDeed(
        Deed deed,
        Because because,
        When when,
        Optional<LocalDate> from,
        OptionalDouble potCm,
        Optional<Deed> other,
        double trimShare,
        After after) {
    /** The deeds. */
    public enum Deed implements MessageKey {
        LEAVE,
        /** Slip the ball out and look at the roots before anything is decided. */
        LOOK,
        /** Stand it in water until the ball is wet through. */
        SOAK,
        TOP_UP,
        /** Poke holes through a dense ball. */
        HOLES,
        /** The next pot, with fresh medium around the ball. */
        POT_ON,
        /** Roots are trimmed, and it goes back into the same pot. */
        SAME_POT,
        /** Old medium and dead roots off, fresh medium, the same pot. */
        FRESH,
        /** The same, into a pot that the roots left can drink dry. */
        SMALLER;

        /** Whether it is a repotting that the record keeps. */
        public boolean repots() {
            return this == POT_ON || this == SAME_POT || this == FRESH || this == SMALLER;
        }
    }

    /** Why. */
    public enum Because implements MessageKey {
        ON_A_MOUNT,
        ROOTS_ROT,
        SOUR,
        FEW_ROOTS,
        JUST_POTTED,
        /** A cutting that has rooted gets a pot of its own. */
        CUTTING_ROOTED,
        TOO_DENSE,
        ROOTS_CIRCLE,
        ROOTS_FILL,
        SPENT,
        DRIES_FAST,
        /** It dries fast, and its roots have room: the air or the place takes the water. */
        DRIES_BY_AIR,
        REPELS,
        SHRUNK,
        LIKES_CROWD,
        /** The medium is as old as it may last: look at it when growth starts. */
        SOON,
        HAS_ROOM
    }

    /** When. */
    public enum When {
        NOW,
        /** From a day on: when its kind takes it best. */
        FROM,
        AFTER_BLOOM,
        /** It is left, and looked at again from a day on. */
        AGAIN,
        NOT_KNOWN
    }

    /**
     * What a plant needs afterwards.
     *
     * @param waterDays days until the first water; 0 for at once
     * @param shadeDays days out of the sun
     * @param feedDays days without feed
     */
    public record After(Range waterDays, int shadeDays, int feedDays) {}
}

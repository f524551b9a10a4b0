package mildlantern.propagation;

import java.time.LocalDate;
import mildlantern.message.MessageKey;

/**
 * One step on the way to a new plant.
 *
 * @param what what is done
 * @param day when
 */
public record Step(What what, LocalDate day) {
    /** What is done. */
    public enum What implements MessageKey {
        /** It is cut, parted, sown or layered. */
        MAKE,
        /** The cut is dry: it is set on the medium. */
        SET,
        WATER,
        /** Pull gently: does it hold? */
        ROOTS,
        /** The cover comes off by and by. */
        UNCOVER,
        POT
    }
}

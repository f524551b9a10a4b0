package mildlantern.quarantine;

import mildlantern.message.MessageKey;

/** Why a plant stands alone for so long. */
public enum AloneReason implements MessageKey {
    /** An arrival on which nothing was found: so many days. */
    USUAL,
    /** In this cold nothing grows up, and so nothing shows itself: no clock ends it. */
    COLD,
    /** As long as a missed survivor needs to show: so many days after the last use or find. */
    REBOUND,
    /** A disease: so many days after the last use or find. */
    DISEASE,
    /** Nothing cures it: no clock ends it. */
    INCURABLE,
    /** Nothing was done against it: no clock ends it. */
    NOT_TREATED,
    /** It does not help to keep it apart. */
    NOT_NEEDED
}

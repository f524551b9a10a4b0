package mildlantern.quarantine;

import mildlantern.message.MessageKey;

/** Why a plant stands alone for so long. */
public enum AloneReason implements MessageKey {
    /** Fourteen days from the last new find. */
    USUAL,
    /** In this cold nothing grows up. */
    COLD,
    /** As long as a missed egg takes to grow up: so many days. */
    GROWS_UP,
    /** Longer still than a plant can be kept alone. */
    CAPPED
}

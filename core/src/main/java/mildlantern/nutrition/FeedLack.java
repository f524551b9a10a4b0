package mildlantern.nutrition;

import mildlantern.message.MessageKey;

/** What is wanting for a full feed. */
public enum FeedLack implements MessageKey {
    /** It is for something else: which. */
    LOPSIDED,
    MAIN,
    MICROS,
    CALCIUM_AND_MAGNESIUM,
    CALCIUM
}

package mildlantern.treatment;

import mildlantern.message.MessageKey;

/** What must not be done while a trial runs. */
public enum Hold implements MessageKey {
    FEED,
    REPOT,
    MOVE,
    WATER,
    PRUNE,
    SPRAY
}

package mildlantern.potting;

import mildlantern.message.MessageKey;

/** What a pot shows without being opened. */
public enum PotSign implements MessageKey {
    /** It is dry again in a day or two. */
    DRIES_FAST,
    /** Water runs through and the ball stays dry. */
    RUNS_THROUGH,
    /** It stays wet for far longer than is usual. */
    STAYS_WET,
    SOUR,
    /** The medium has sunk, and the upper roots lie bare. */
    SHRUNK
}

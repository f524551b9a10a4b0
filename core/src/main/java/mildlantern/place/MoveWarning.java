package mildlantern.place;

import mildlantern.message.MessageKey;

/** What is too much for a plant that is moved. */
public enum MoveWarning implements MessageKey {
    /** Warmer by so much at once; so much in a day is a shock. */
    WARMER,
    COLDER,
    /** So many times the light. */
    BRIGHTER,
    DARKER,
    /** So cold nights; what it likes. */
    COLD_NIGHTS
}

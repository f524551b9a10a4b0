package mildlantern.diagnosis;

import mildlantern.message.MessageKey;

/** What a week costs a plant in which nothing is done for it. */
public enum Waiting implements MessageKey {
    NOTHING,
    LITTLE,
    SETBACK,
    DANGER
}

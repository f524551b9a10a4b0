package mildlantern.outcome;

import mildlantern.message.MessageKey;

/** How something stands after a change. */
public enum Verdict implements MessageKey {
    BETTER,
    SAME,
    WORSE,
    CANNOT_TELL
}

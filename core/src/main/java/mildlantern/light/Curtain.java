package mildlantern.light;

import mildlantern.message.MessageKey;

/** What hangs before a window. */
public enum Curtain implements MessageKey {
    NONE,
    NET,
    SHADE
}

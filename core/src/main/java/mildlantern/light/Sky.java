package mildlantern.light;

import mildlantern.message.MessageKey;

/** How the sky is while a meter is read. */
public enum Sky implements MessageKey {
    CLEAR,
    BROKEN,
    OVERCAST
}

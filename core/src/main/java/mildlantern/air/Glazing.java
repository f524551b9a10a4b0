package mildlantern.air;

import mildlantern.message.MessageKey;

/** How a window is glazed. */
public enum Glazing implements MessageKey {
    SINGLE,
    DOUBLE,
    COATED,
    TRIPLE
}

package mildlantern.arrival;

import mildlantern.message.MessageKey;

/** How a plant was wrapped on its way. */
public enum Wrap implements MessageKey {
    BARE,
    /** In paper or a sleeve, the top closed. */
    WRAPPED,
    BOXED
}

package mildlantern.plant;

import mildlantern.message.MessageKey;

/** How strong the usual feed is, against its label. */
public enum FeedStrength implements MessageKey {
    NONE,
    WEAK,
    LABEL,
    STRONG
}

package mildlantern.plant;

import mildlantern.message.MessageKey;

/** What a plant stands in, as far as water passes through it. */
public enum PotKind implements MessageKey {
    CLAY,
    PLASTIC,
    TRAY,
    MOUNT
}

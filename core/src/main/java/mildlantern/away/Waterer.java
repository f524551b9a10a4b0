package mildlantern.away;

import mildlantern.message.MessageKey;

/** Who waters while the grower is away. */
public enum Waterer implements MessageKey {
    NOBODY,
    HELPER,
    RESERVOIRS
}

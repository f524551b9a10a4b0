package mildlantern.plant;

import mildlantern.message.MessageKey;

/** How bright a place is through the day, from dark to direct sun; the order counts. */
public enum Brightness implements MessageKey {
    DARK,
    LOW,
    MEDIUM,
    BRIGHT,
    DIRECT
}

package mildlantern.log;

import mildlantern.message.MessageKey;

/** What a probe says. */
public enum Wetness implements MessageKey {
    DRY,
    MOIST,
    WET
}

package mildlantern.log;

import mildlantern.message.MessageKey;

/** A number that an entry holds within limits. */
enum Amount implements MessageKey {
    WATER,
    WEIGHT,
    NITROGEN,
    GRANULES,
    LEAF,
    POT,
    COUNT
}

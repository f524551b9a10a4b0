package mildlantern.potting;

import mildlantern.message.MessageKey;

/** What media are mixed of. */
public enum Material implements MessageKey {
    PEAT,
    COIR,
    LEAF_MOULD,
    BARK,
    SPHAGNUM,
    PERLITE,
    PUMICE,
    LAVA,
    FIRED_CLAY,
    CLAY_PEBBLES,
    CHARCOAL
}

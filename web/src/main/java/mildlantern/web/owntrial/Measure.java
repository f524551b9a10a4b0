package mildlantern.web.owntrial;

import mildlantern.message.MessageKey;

/** What is measured of each plant at the start and at the end. */
enum Measure implements MessageKey {
    LEAVES,
    LEAF_LENGTH,
    HEIGHT,
    FLOWERS,
    PESTS,
    WEIGHT
}

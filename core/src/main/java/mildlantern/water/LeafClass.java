package mildlantern.water;

import mildlantern.message.MessageKey;

/** How much leaf a plant carries for the pot it stands in, against others of its growth form. */
public enum LeafClass implements MessageKey {
    SPARSE,
    USUAL,
    LUSH
}

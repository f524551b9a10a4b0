package mildlantern.plant;

import mildlantern.message.MessageKey;

/** How far a plant has grown. */
public enum Stage implements MessageKey {
    SEEDLING,
    CUTTING,
    ADULT
}

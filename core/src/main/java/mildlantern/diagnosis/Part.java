package mildlantern.diagnosis;

import mildlantern.message.MessageKey;

/** A part of a plant or its pot on which something can be found, and which can be touched on its plate. */
public enum Part implements MessageKey {
    WHOLE,
    LEAF,
    NEW_LEAF,
    CROWN,
    STEM,
    TWIG,
    CANE,
    OFFSET,
    FLOWER,
    PITCHER,
    MEDIUM,
    POT,
    ROOT
}

package mildlantern.plant;

import mildlantern.message.MessageKey;

/** The five families of plants that the product knows. */
public enum Family implements MessageKey {
    ORCHID,
    BROMELIAD,
    BONSAI,
    CARNIVOROUS,
    POTTED
}

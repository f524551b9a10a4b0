package mildlantern.handwork;

import mildlantern.message.MessageKey;

/** What a plant is cut for. */
public enum CutAim implements MessageKey {
    FULLER,
    /** Bare or dead twigs: how far down are they dead? */
    TWIGS,
    PINCH,
    CANES,
    SHEATHS,
    FLOWERED
}

package mildlantern.propagation;

import mildlantern.message.MessageKey;

/** How a new plant is made. */
public enum Way implements MessageKey {
    /** The clump is parted at its roots. */
    DIVISION,
    /** A young rosette beside its mother. */
    OFFSET,
    /** A young plant on a stem or a runner. */
    PLANTLET,
    /** The top is cut off and rooted; the stump shoots again. */
    BEHEAD,
    TIP_CUTTING,
    STEM_CUTTING,
    LEAF_CUTTING,
    /** A cutting that roots in water. */
    IN_WATER,
    /** Rooted on the plant, in moss around a ring of bark taken off. */
    AIR_LAYER,
    SEED;

    /** Whether the parent is parted, so that it becomes one of several. */
    public boolean parts() {
        return this == DIVISION;
    }
}

package mildlantern.look;

/** How a flower is shaped. */
public enum FlowerShape {
    /** Two broad petals, three narrower ones and a lip. */
    MOTH,
    /** Five narrow petals and a broad lip. */
    LIP,
    /** A pouch under a hood. */
    SLIPPER,
    /** Three long tails. */
    KITE,
    /** A white star with a long spur behind it. */
    COMET,
    /** Many small ones on a stalk. */
    SPIKE,
    /** A leaf-like hood and a finger in it. */
    SPATHE,
    /** Five petals. */
    FIVE,
    /** Six pointed petals opening from a tube. */
    TRUMPET,
    /** Petals turned back like wings. */
    TURNED_BACK,
    /** Coloured leaves about small flowers. */
    BRACTS,
    /** A ball of small stars. */
    BALL,
    /** Many narrow rays. */
    RAYS,
    /** Two lips and a spur. */
    SPURRED,
    /** A tube of overlapping petals. */
    TUBE,
    /** A sword of coloured bracts. */
    QUILL,
    /** Many petals, one in another. */
    DOUBLE
}

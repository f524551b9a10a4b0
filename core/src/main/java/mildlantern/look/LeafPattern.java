package mildlantern.look;

/** What is to be seen on a leaf. */
public enum LeafPattern {
    PLAIN,
    /** Pale or coloured edges. */
    EDGED,
    /** A pale or coloured band along its middle. */
    MIDDLE_BAND,
    /** Pale or coloured veins. */
    VEINED,
    /** Bars across it. */
    BARRED,
    /** Strokes beside the veins, as if painted with a brush. */
    BRUSHED,
    SPOTTED,
    /** Coloured towards its foot. */
    BLUSHED,
    /** White pearls or teeth. */
    PEARLED
}

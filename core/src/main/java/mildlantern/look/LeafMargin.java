package mildlantern.look;

/** The edge of a leaf. */
public enum LeafMargin {
    ENTIRE,
    TOOTHED,
    SPINY,
    WAVY
}

package mildlantern.water;

/** How much leaf a plant carries for the pot it stands in, against others of its growth form. */
public enum LeafClass {
    SPARSE,
    USUAL,
    LUSH
}

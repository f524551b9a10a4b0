package mildlantern.sign;

/** What is shown, so that a sign can be seen on it. */
public enum Scene {
    /** One leaf. */
    LEAF,
    /** Two leaves beside one another. */
    PAIR,
    /** The whole plant, its leaves by age. */
    PLANT,
    /** The newest growth. */
    SHOOT,
    /** A piece of stem, cane or bark. */
    STEM,
    /** A shoot with needles. */
    NEEDLES,
    /** A twig in the hand. */
    TWIG,
    /** A rosette's crown, from above. */
    CROWN,
    /** A plant and what grows beside it. */
    OFFSET,
    /** A swollen cane or bulb. */
    CANE,
    /** A stalk with flowers and buds. */
    FLOWER,
    /** A pitcher or a trap. */
    TRAP,
    /** A pot, cut open. */
    POT,
    /** Roots out of their pot. */
    ROOTS,
    /** How it went over time. */
    TIME
}

package mildlantern.look;

/** How a leaf is shaped. */
public enum LeafShape {
    /** Widest above its middle, with lines along it. */
    OBLONG,
    /** Long with even sides. */
    STRAP,
    /** Long and pointed, widest in its middle. */
    LANCE,
    HEART,
    /** A heart whose lobes point backwards. */
    ARROW,
    ROUND,
    OVATE,
    /** Narrow, arching, ending in a long point. */
    GRASS,
    /** Stiff and upright. */
    SWORD,
    /** Waisted, like a lyre. */
    FIDDLE,
    /** A heart with holes and slits. */
    HOLED,
    /** Five lobes. */
    LOBED,
    /** Deep fingers from one point, toothed. */
    PALMATE,
    /** Several leaves from the end of one stalk. */
    FINGERS,
    /** Pairs of leaflets along a rib. */
    LEAFLETS,
    /** Pairs of narrow leaflets along a rib, as of a palm. */
    PLUMES,
    /** Small wedges along hair-thin ribs. */
    WEDGES,
    /** Forked like antlers. */
    ANTLERS,
    /** Thick, round and smooth. */
    PAD,
    /** Thick, narrow, ending in a point. */
    AWL,
    /** Thick, widest near its end. */
    PLUMP,
    /** A stalk that ends in a round blade. */
    PADDLE,
    /** Tufts of long needles. */
    NEEDLES,
    /** Scales that lie close on the twig. */
    SCALES,
    /** Very small and oval. */
    TINY
}

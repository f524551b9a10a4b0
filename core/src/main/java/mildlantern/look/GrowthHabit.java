package mildlantern.look;

/** How a plant of a growth form carries itself, where plants of that form differ. */
public enum GrowthHabit {
    USUAL,
    /** Leaves in two ranks along a stem, one above another, roots in the air. */
    RANKED,
    /** Canes that each bear one leathery leaf. */
    ONE_LEAVED,
    /** Canes with broad pleated leaves. */
    PLEATED,
    /** A tuft without canes. */
    TUFT,
    /** Long runners with plantlets. */
    RUNNERS,
    /** A bulb or tuber that stands out of the medium. */
    BULB,
    /** Hanging over the rim. */
    TRAILING,
    /** Flat jointed stems instead of leaves. */
    JOINTED,
    /** Round thin stems instead of leaves. */
    STRANDS,
    /** Stalks straight out of the medium, with leaflets. */
    STALKS,
    /** Pairs of thick leaves grown into a stone. */
    STONES,
    /** Flat on the ground. */
    FLAT,
    /** An upright trunk with tiers of branches. */
    TIERED,
    /** A trunk that leans to one side. */
    LEANING,
    /** Squat jugs with ribs and a toothed mouth. */
    JUGS,
    /** Hoods with a forked tongue, mouth facing down. */
    HOODED,
    /** Open cones with a small spoon at the top. */
    CONES,
    /** Upright, leafy and thread-thin. */
    UPRIGHT
}

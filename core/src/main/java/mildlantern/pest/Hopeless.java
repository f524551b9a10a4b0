package mildlantern.pest;

/** What an adviser says of a pest that no treatment of a pot plant brings under control. */
public enum Hopeless {
    /** The plant goes into the bin, before it gives the pest to others. */
    BIN,
    /** What shows it comes off, and the plant lives with the rest. */
    LIVE_WITH
}

package mildlantern.log;

/** What is counted. */
public enum Counted {
    LEAVES,
    PESTS,
    FLOWERS,
    BUDS,
    OFFSETS
}

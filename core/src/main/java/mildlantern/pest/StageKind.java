package mildlantern.pest;

/** What a stage of a pest does: what a means can do to it depends on that. */
public enum StageKind {
    EGG,
    YOUNG,
    /** A resting stage that does not feed. */
    PUPA,
    ADULT
}

package mildlantern.plant;

/** How strong the usual feed is, against its label. */
public enum FeedStrength {
    NONE,
    WEAK,
    LABEL,
    STRONG
}

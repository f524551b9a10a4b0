package mildlantern.plant;

/** What a plant stands in, as far as water passes through it. */
public enum PotKind {
    CLAY,
    PLASTIC,
    TRAY,
    MOUNT
}

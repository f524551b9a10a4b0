package mildlantern.water;

/** What a pot is made of, as far as water passes through it. */
public enum Wall {
    CLAY,
    PLASTIC,
    TRAY,
    MOUNT
}

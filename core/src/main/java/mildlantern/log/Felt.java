package mildlantern.log;

/** How the medium was found before it was watered. */
public enum Felt {
    STILL_WET,
    READY,
    BONE_DRY
}

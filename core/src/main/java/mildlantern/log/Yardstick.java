package mildlantern.log;

/** What a pot's weight stands for, where it is a yardstick. */
public enum Yardstick {
    WET_THROUGH,
    BONE_DRY
}

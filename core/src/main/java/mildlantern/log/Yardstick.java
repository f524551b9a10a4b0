package mildlantern.log;

import mildlantern.message.MessageKey;

/** What a pot's weight stands for, where it is a yardstick. */
public enum Yardstick implements MessageKey {
    WET_THROUGH,
    BONE_DRY
}

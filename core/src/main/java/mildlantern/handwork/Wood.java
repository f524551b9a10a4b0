package mildlantern.handwork;

import mildlantern.message.MessageKey;

/** What a twig shows when it is bent, and its bark scratched with a nail. */
public enum Wood implements MessageKey {
    /** It bends, and is green and moist under the bark. */
    GREEN,
    /** It snaps, and is brown and dry under the bark. */
    BROWN
}

package mildlantern.web.stop;

import mildlantern.message.MessageKey;
import mildlantern.web.words.Wording;

/** What a stop is. */
public enum StopKind implements MessageKey {
    SILL,
    SHELF,
    RAIL,
    BENCH,
    CABINET,
    BOG_TRAY,
    OUTDOORS,
    ISOLATION;

    public String words() {
        return Wording.of(this);
    }
}

package mildlantern.web.plantpage;

import java.util.List;
import mildlantern.log.LogKind;
import mildlantern.message.MessageKey;

/** A line of the strip of time: which entries stand on it, and the glyph before it. */
enum StripLane implements MessageKey {
    FED("food", LogKind.FED, LogKind.TRAP_FED, LogKind.GRANULES),
    MOVED(
            "root",
            LogKind.MOVED,
            LogKind.REPOTTED,
            LogKind.ARRIVED,
            LogKind.BROUGHT_IN,
            LogKind.PUT_OUT,
            LogKind.SPLIT,
            LogKind.PROPAGATED),
    TREATED("case", LogKind.SPRAYED, LogKind.PRUNED),
    SEEN("look", LogKind.LOOKED, LogKind.COUNTED, LogKind.NOTED, LogKind.GROWTH_SEEN, LogKind.PHASE_SAID),
    PHOTOS("look", LogKind.PHOTO);

    private final String glyph;
    private final List<LogKind> kinds;

    StripLane(String glyph, LogKind... kinds) {
        this.glyph = glyph;
        this.kinds = List.of(kinds);
    }

    String glyph() {
        return glyph;
    }

    List<LogKind> kinds() {
        return kinds;
    }
}

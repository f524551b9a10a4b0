package mildlantern.web.log;

import java.util.Optional;
import mildlantern.plant.EventKind;
import org.jspecify.annotations.Nullable;

/** What the record of a plant can note. Some of it speaks for or against causes. */
public enum LogKind {
    ARRIVED("came here", EventKind.ACQUIRED),
    LOOKED("looked at, fine", null),
    WATERED("watered", null),
    FED("fed", EventKind.FED),
    TRAP_FED("fed through its traps", null),
    GRANULES("granules laid", null),
    PROBED("probed", null),
    WEIGHED("weighed", null),
    MOVED("moved", EventKind.MOVED),
    SHIFTED("shifted on its stop", null),
    BROUGHT_IN("brought in", EventKind.BROUGHT_IN),
    PUT_OUT("put outdoors", EventKind.PUT_OUT),
    REPOTTED("repotted", EventKind.REPOTTED),
    SPRAYED("treated", EventKind.SPRAYED),
    PRUNED("pruned", null),
    CUP_EMPTIED("cup emptied", null),
    COUNTED("counted", null),
    NEW_LEAF("new leaf measured", null),
    BLOOM_OPENED("bloom opened", null),
    BLOOM_ENDED("bloom ended", null),
    PHOTO("photo taken", null),
    NOTED("note", null),
    CHILLED("chilled", EventKind.CHILLED),
    FORCED("forced to flower", EventKind.FORCED_FLOWERING),
    SHADE_LOST("lost its shade", EventKind.SHADE_LOST),
    LEFT_ALONE("left alone", EventKind.AWAY),
    SPLIT("split", null),
    PROPAGATED("propagated", null),
    RETIRED("given away or retired", null),
    LOST("lost", null),
    PUT_OFF("not today", null),
    UNDONE("taken back", null);

    private final String words;
    private final Optional<EventKind> event;

    LogKind(String words, @Nullable EventKind event) {
        this.words = words;
        this.event = Optional.ofNullable(event);
    }

    public String words() {
        return words;
    }

    /** The event that the diagnosis hears of, if it does. */
    public Optional<EventKind> event() {
        return event;
    }

    static LogKind of(EventKind kind) {
        for (LogKind happening : values()) {
            if (happening.event.filter(kind::equals).isPresent()) {
                return happening;
            }
        }
        throw new IllegalArgumentException("no entry for " + kind);
    }
}

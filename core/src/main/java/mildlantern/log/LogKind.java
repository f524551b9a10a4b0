package mildlantern.log;

import java.util.Optional;
import mildlantern.plant.EventKind;
import org.jspecify.annotations.Nullable;

/** What a log can note. Some of it is an event that speaks for or against causes. */
public enum LogKind {
    ARRIVED(EventKind.ACQUIRED),
    LOOKED,
    WATERED,
    FED(EventKind.FED),
    TRAP_FED,
    GRANULES,
    PROBED,
    WEIGHED,
    MOVED(EventKind.MOVED),
    SHIFTED,
    BROUGHT_IN(EventKind.BROUGHT_IN),
    PUT_OUT(EventKind.PUT_OUT),
    REPOTTED(EventKind.REPOTTED),
    SPRAYED(EventKind.SPRAYED),
    PRUNED,
    CUP_EMPTIED,
    COUNTED,
    NEW_LEAF,
    BLOOM_OPENED,
    BLOOM_ENDED,
    GROWTH_SEEN,
    PHASE_SAID,
    PHOTO,
    NOTED,
    CHILLED(EventKind.CHILLED),
    FORCED(EventKind.FORCED_FLOWERING),
    SHADE_LOST(EventKind.SHADE_LOST),
    STORM(EventKind.STORM),
    HEATING_ON(EventKind.HEATING_ON),
    LEFT_ALONE(EventKind.AWAY),
    SPLIT,
    PROPAGATED,
    RETIRED,
    LOST,
    PUT_OFF,
    UNDONE;

    private final Optional<EventKind> event;

    LogKind() {
        this(null);
    }

    LogKind(@Nullable EventKind event) {
        this.event = Optional.ofNullable(event);
    }

    /** The event that the diagnosis hears of, if it is one. */
    public Optional<EventKind> event() {
        return event;
    }

    /** The kind of entry that notes an event. */
    public static LogKind of(EventKind event) {
        for (LogKind kind : values()) {
            if (kind.event.filter(event::equals).isPresent()) {
                return kind;
            }
        }
        throw new IllegalArgumentException("no entry for " + event);
    }
}

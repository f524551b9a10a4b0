package mildlantern.web.collection;

import java.util.Optional;
import mildlantern.plant.EventKind;
import org.jspecify.annotations.Nullable;

/** What the record of a plant can note. Some of it speaks for or against causes. */
public enum HappeningKind {
    ARRIVED("came here", EventKind.ACQUIRED),
    LOOKED("looked at, fine", null),
    WATERED("watered", null),
    FED("fed", EventKind.FED),
    PROBED("probed", null),
    MOVED("moved", EventKind.MOVED),
    BROUGHT_IN("brought in", EventKind.BROUGHT_IN),
    PUT_OUT("put outdoors", EventKind.PUT_OUT),
    REPOTTED("repotted", EventKind.REPOTTED),
    SPRAYED("sprayed", EventKind.SPRAYED),
    CHILLED("chilled", EventKind.CHILLED),
    FORCED("forced to flower", EventKind.FORCED_FLOWERING),
    SHADE_LOST("lost its shade", EventKind.SHADE_LOST),
    LEFT_ALONE("left alone", EventKind.AWAY);

    private final String words;
    private final Optional<EventKind> event;

    HappeningKind(String words, @Nullable EventKind event) {
        this.words = words;
        this.event = Optional.ofNullable(event);
    }

    public String words() {
        return words;
    }

    /** The event that the diagnosis hears of, if it does. */
    Optional<EventKind> event() {
        return event;
    }
}

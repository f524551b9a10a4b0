package mildlantern.web.task;

import java.util.Set;
import mildlantern.log.LogEntry;
import mildlantern.message.MessageKey;

/** What is to be done by hand on a day. */
public enum HandTask implements MessageKey {
    CUT_BACK,
    PINCH,
    LOOK_AT_CUT,
    REPOT,
    WATER_AFTER_POTTING,
    OUT_OF_SHADE,
    LOOK_AT_POT,
    FEED_AGAIN,
    SET_CUTTING,
    WATER_CUTTING,
    /** Pull gently: does it hold? */
    ROOTS,
    UNCOVER,
    POT_CUTTING,
    COMPARE,
    REST_BEGINS,
    /** It rests, and its nights are too warm for that. */
    REST_COOLER,
    /** Its rest is due, and it is kept growing. */
    KEPT_FROM_REST,
    WARMER_NIGHTS,
    GROWTH_BEGINS,
    BRING_IN,
    PUT_OUT;

    /** What a plant's year asks for. */
    public static final Set<HandTask> OF_THE_YEAR =
            Set.of(REST_BEGINS, REST_COOLER, KEPT_FROM_REST, WARMER_NIGHTS, GROWTH_BEGINS);

    /** What the nights ahead ask for. */
    public static final Set<HandTask> OF_THE_NIGHTS = Set.of(BRING_IN, PUT_OUT);

    /** The first water after a dry time. */
    static final Set<HandTask> WATERS = Set.of(WATER_AFTER_POTTING, WATER_CUTTING);

    /** What is written down when it was done by a press. */
    LogEntry entry() {
        return this == PINCH
                ? new LogEntry.Pruned()
                : WATERS.contains(this) ? LogEntry.Watered.through() : new LogEntry.Noted();
    }

    /** Whether it is answered on a page of its own and not by a press. */
    boolean answered() {
        return !path("").isEmpty();
    }

    /** The page that it is answered on. */
    String path(String plant) {
        return switch (this) {
            case ROOTS -> plant + "/new-plants";
            case REPOT -> plant + "/pot";
            case POT_CUTTING -> plant + "/pot?said=true&roots=ROOM";
            case CUT_BACK -> plant + "/cut";
            case COMPARE -> "/own-trials";
            case REST_BEGINS, REST_COOLER, KEPT_FROM_REST, WARMER_NIGHTS, BRING_IN, PUT_OUT -> plant + "/year";
            default -> plant;
        };
    }
}

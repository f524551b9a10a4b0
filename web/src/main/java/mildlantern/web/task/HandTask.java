package mildlantern.web.task;

import java.util.Set;
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
    COMPARE;

    /** The first water after a dry time. */
    static final Set<HandTask> WATERS = Set.of(WATER_AFTER_POTTING, WATER_CUTTING);

    /** Whether it is answered on a page of its own and not by a press. */
    boolean answered() {
        return this == ROOTS || this == REPOT || this == CUT_BACK || this == COMPARE || this == POT_CUTTING;
    }

    /** The page that it is answered on. */
    String path(String plant) {
        return switch (this) {
            case ROOTS -> plant + "/new-plants";
            case REPOT -> plant + "/pot";
            case POT_CUTTING -> plant + "/pot?said=true&roots=ROOM";
            case CUT_BACK -> plant + "/cut";
            case COMPARE -> "/own-trials";
            default -> plant;
        };
    }
}

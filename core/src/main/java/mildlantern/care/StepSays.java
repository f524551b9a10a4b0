package mildlantern.care;

import mildlantern.message.MessageKey;

/** A step of a move, and what no step can spare the plant. */
public enum StepSays implements MessageKey {
    /** To a stop. */
    TO,
    /** To a stop, behind a shade. */
    TO_BEHIND,
    SHADE_AWAY,
    SHADE_ONLY,
    /** From one temperature to another at once. */
    WARMTH_SHOCK,
    LIGHT_SHOCK,
    COLD_NIGHTS
}

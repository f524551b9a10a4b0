package mildlantern.round;

/** How brightly a stop calls. */
public enum Lamp {
    /** Nothing to do. */
    OUT,
    /** Routine: a look, a daily check. */
    LOW,
    /** Judgement is needed. */
    BRIGHT
}

package mildlantern.pest;

import mildlantern.message.MessageKey;

/** What a course is to reach. */
public enum Aim implements MessageKey {
    /** Fewer than half an animal is expected to move about after the last use, which comes after everything hidden at the start has shown itself. */
    CONTROL,
    /** Less than five in a hundred that any is left, spots counted in that every use misses. */
    ERADICATE;

    /** Moving animals that are expected at most. */
    public static final double MOVING = 0.5;

    /** Chance that any is left, at most. */
    public static final double RISK = 0.05;
}

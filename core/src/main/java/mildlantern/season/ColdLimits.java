package mildlantern.season;

import mildlantern.message.MessageKey;

/**
 * What cold takes of a kind in a pot in one night, and what comes again.
 *
 * @param leaves °C below which its top is lost
 * @param roots °C below which its roots are
 */
public record ColdLimits(double leaves, double roots) {
    /** What a night took. */
    public enum Harm implements MessageKey {
        NONE,
        /** Leaves and soft shoots die; it comes again from its roots. */
        TOP,
        /** The roots froze, whatever the top looks like. */
        ROOTS
    }

    /**
     * What a night takes.
     *
     * @param celsius its lowest temperature, °C
     */
    public Harm after(double celsius) {
        if (celsius < roots) {
            return Harm.ROOTS;
        }
        return celsius < leaves ? Harm.TOP : Harm.NONE;
    }
}

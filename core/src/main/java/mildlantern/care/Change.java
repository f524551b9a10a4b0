package mildlantern.care;

import java.util.Optional;
import java.util.Set;
import mildlantern.message.Message;
import mildlantern.place.StopId;

/**
 * One change of a plant's care.
 *
 * @param kind which sort
 * @param words what to do
 * @param reason why, with the figures
 * @param cost what it costs
 * @param gain by how much the plant's misses shrink
 * @param others by how much those of its neighbours shrink; below 0 where they grow
 * @param worth gain and what it does to others, less its effort
 * @param answers the needs that it meets better
 * @param helped what it would do to others on the stop
 * @param stop where it goes, for a move
 */
public record Change(
        Kind kind,
        Message words,
        Message reason,
        Message cost,
        double gain,
        double others,
        double worth,
        Set<Need.Kind> answers,
        Message helped,
        Optional<StopId> stop) {
    /** The same change where such changes did more or less than the book expects; 1 as in the book. */
    Change learned(double factor) {
        double more = gain * (factor - 1);
        return new Change(kind, words, reason, cost, gain + more, others, worth + more, answers, helped, stop);
    }

    /** Sorts of change. */
    public enum Kind {
        MOVE,
        LAMP,
        HUMIDIFIER,
        WATER,
        FEED,
        FLUSH,
        RHYTHM,
        /** A net before the glass. */
        SHADE,
        /** Warmer or cooler nights of a room. */
        HEATING
    }
}

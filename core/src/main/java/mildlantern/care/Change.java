package mildlantern.care;

import java.util.Optional;
import mildlantern.place.StopId;

/**
 * One change of a plant's care.
 *
 * @param kind which sort
 * @param words what to do, as an instruction
 * @param reason why, with the figures
 * @param cost what it costs, in words
 * @param gain by how much the plant's misses shrink
 * @param others by how much those of its neighbours shrink; below 0 where they grow
 * @param worth gain and what it does to others, less its effort
 * @param helped what it would do to others on the stop, in words; empty where nothing
 * @param stop where it goes, for a move
 */
public record Change(
        Kind kind,
        String words,
        String reason,
        String cost,
        double gain,
        double others,
        double worth,
        String helped,
        Optional<StopId> stop) {
    /** Sorts of change. */
    public enum Kind {
        MOVE,
        LAMP,
        HUMIDIFIER,
        WATER,
        FEED,
        FLUSH,
        RHYTHM
    }
}

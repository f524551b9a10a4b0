package mildlantern.place;

import java.util.UUID;

/** Which stop. */
public record StopId(UUID value) {
    /** A new one that no other has. */
    public static StopId fresh() {
        return new StopId(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static StopId of(String text) {
        return new StopId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

package mildlantern.web.platform;

import java.util.UUID;

/** Which planned task. */
public record TaskId(UUID value) {
    /** A new one that no other has. */
    public static TaskId fresh() {
        return new TaskId(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static TaskId of(String text) {
        return new TaskId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

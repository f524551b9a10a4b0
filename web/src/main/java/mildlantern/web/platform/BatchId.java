package mildlantern.web.platform;

import java.util.UUID;

/** What was written together, and can be taken back together. */
public record BatchId(UUID value) {
    /** A new one that no other has. */
    public static BatchId fresh() {
        return new BatchId(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static BatchId of(String text) {
        return new BatchId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

package mildlantern.web.platform;

import java.util.UUID;

/** Which entry of a log. */
public record EntryId(UUID value) {
    /** A new one that no other has. */
    public static EntryId fresh() {
        return new EntryId(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static EntryId of(String text) {
        return new EntryId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

package mildlantern.web.platform;

import java.util.UUID;

/** Which entry of a log. */
public record EntryId(UUID value) {
    /** A new one that no other has. */
    public static EntryId fresh() {
        return new EntryId(UUID.randomUUID());
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

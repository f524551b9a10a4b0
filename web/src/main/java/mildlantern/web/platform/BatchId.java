package mildlantern.web.platform;

import java.util.UUID;

/** What was written together, and can be taken back together. */
public record BatchId(UUID value) {
    /** A new one that no other has. */
    public static BatchId fresh() {
        return new BatchId(UUID.randomUUID());
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

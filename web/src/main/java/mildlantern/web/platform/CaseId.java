package mildlantern.web.platform;

import java.util.UUID;

/** Which case of a plant. */
public record CaseId(UUID value) {
    /** A new one that no other has. */
    public static CaseId fresh() {
        return new CaseId(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static CaseId of(String text) {
        return new CaseId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

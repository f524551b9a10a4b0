package mildlantern.web.treatment;

import java.util.UUID;

/** Which step of a course. */
public record StepId(UUID value) {
    /** A new one that no other has. */
    public static StepId fresh() {
        return new StepId(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static StepId of(String text) {
        return new StepId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

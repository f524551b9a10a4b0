package mildlantern.web.platform;

import java.util.UUID;

/** Which course of treatment. */
public record CourseId(UUID value) {
    /** A new one that no other has. */
    public static CourseId fresh() {
        return new CourseId(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static CourseId of(String text) {
        return new CourseId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

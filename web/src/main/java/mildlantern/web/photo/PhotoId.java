package mildlantern.web.photo;

import java.util.UUID;

/** Which photo. */
public record PhotoId(UUID value) {
    /** A new one that no other has. */
    public static PhotoId fresh() {
        return new PhotoId(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static PhotoId of(String text) {
        return new PhotoId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

package mildlantern.web.platform;

import java.util.UUID;

/** Which showing of a form: sent twice, it is stored once. */
public record FormKey(UUID value) {
    /** A new one that no other has. */
    public static FormKey fresh() {
        return new FormKey(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static FormKey of(String text) {
        return new FormKey(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

package mildlantern.web.treatment;

import java.util.UUID;

/** Which of the grower's own products. */
public record ProductId(UUID value) {
    /** A new one that no other has. */
    public static ProductId fresh() {
        return new ProductId(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static ProductId of(String text) {
        return new ProductId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

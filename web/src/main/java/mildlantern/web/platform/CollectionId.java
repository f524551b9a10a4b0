package mildlantern.web.platform;

import java.util.UUID;

/** Which house, that is: whose collection. Every stored row belongs to one. */
public record CollectionId(UUID value) {
    /** A new one that no other has. */
    public static CollectionId fresh() {
        return new CollectionId(UUID.randomUUID());
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

package mildlantern.plant;

import java.util.UUID;

/** Which plant. */
public record PlantId(UUID value) {
    /** A new one that no other has. */
    public static PlantId fresh() {
        return new PlantId(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static PlantId of(String text) {
        return new PlantId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

package mildlantern.plant;

import java.util.UUID;

/** Which plant. */
public record PlantId(UUID value) {
    /** A new one that no other has. */
    public static PlantId fresh() {
        return new PlantId(UUID.randomUUID());
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

package mildlantern.web.climate;

import java.util.UUID;

/** Which sensor. */
public record SensorId(UUID value) {
    /** A new one that no other has. */
    public static SensorId fresh() {
        return new SensorId(UUID.randomUUID());
    }

    /**
     * Reads an id as {@link #toString} writes it.
     *
     * @throws IllegalArgumentException if it is none
     */
    public static SensorId of(String text) {
        return new SensorId(UUID.fromString(text));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

package mildlantern.web.climate;

import java.util.UUID;

/** Which sensor. */
public record SensorId(UUID value) {
    /** A new one that no other has. */
    public static SensorId fresh() {
        return new SensorId(UUID.randomUUID());
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

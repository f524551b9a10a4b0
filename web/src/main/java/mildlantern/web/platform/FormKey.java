package mildlantern.web.platform;

import java.util.UUID;

/** Which showing of a form: sent twice, it is stored once. */
public record FormKey(UUID value) {
    /** A new one that no other has. */
    public static FormKey fresh() {
        return new FormKey(UUID.randomUUID());
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

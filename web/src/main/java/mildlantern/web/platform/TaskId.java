package mildlantern.web.platform;

import java.util.UUID;

/** Which planned task. */
public record TaskId(UUID value) {
    @Override
    public String toString() {
        return value.toString();
    }
}

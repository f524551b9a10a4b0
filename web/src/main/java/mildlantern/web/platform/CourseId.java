package mildlantern.web.platform;

import java.util.UUID;

/** Which course of treatment. */
public record CourseId(UUID value) {
    @Override
    public String toString() {
        return value.toString();
    }
}

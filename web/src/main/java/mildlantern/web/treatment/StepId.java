package mildlantern.web.treatment;

import java.util.UUID;

/** Which step of a course. */
public record StepId(UUID value) {
    /** A new one that no other has. */
    public static StepId fresh() {
        return new StepId(UUID.randomUUID());
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

package mildlantern.web.platform;

import java.util.UUID;

/** Which case of a plant. */
public record CaseId(UUID value) {
    /** A new one that no other has. */
    public static CaseId fresh() {
        return new CaseId(UUID.randomUUID());
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

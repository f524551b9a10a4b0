package mildlantern.web.treatment;

import java.util.UUID;

/** Which of the grower's own products. */
public record ProductId(UUID value) {
    @Override
    public String toString() {
        return value.toString();
    }
}

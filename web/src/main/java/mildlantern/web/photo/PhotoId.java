package mildlantern.web.photo;

import java.util.UUID;

/** Which photo. */
public record PhotoId(UUID value) {
    @Override
    public String toString() {
        return value.toString();
    }
}

package mildlantern.web.photo;

import java.time.LocalDate;
import java.util.UUID;

/** A photo in a list. */
public record PhotoLine(PhotoId id, LocalDate day, String caption) {
    /** As a query reads it. */
    public PhotoLine(UUID id, LocalDate day, String caption) {
        this(new PhotoId(id), day, caption);
    }
}

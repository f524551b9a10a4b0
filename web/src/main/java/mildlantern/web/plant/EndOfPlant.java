package mildlantern.web.plant;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** Whether a plant is still kept, and if not, since when and why. */
@Embeddable
public record EndOfPlant(
        @Enumerated(EnumType.STRING) Plant.State state,
        @Nullable LocalDate endedOn,
        @Nullable String endedCause) {
    static final EndOfPlant NONE = new EndOfPlant(Plant.State.ALIVE, null, null);
}

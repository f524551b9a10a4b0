package mildlantern.web.plant;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import mildlantern.plant.PlantId;
import mildlantern.treatment.CareSetting;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import org.jspecify.annotations.Nullable;

/**
 * A line of a care sheet with its reason. The latest line of a setting holds; the older ones are its history.
 *
 * @param troubleCase the case that led to it; null where none did
 * @param since from when it holds
 * @param writtenAt when it was written
 */
public record CareEntry(
        CollectionId collection,
        PlantId plant,
        @Nullable CaseId troubleCase,
        CareSetting setting,
        String text,
        String reason,
        LocalDate since,
        OffsetDateTime writtenAt) {
    /** A line for a plant. */
    public CareEntry(
            Plant plant,
            @Nullable CaseId troubleCase,
            CareSetting setting,
            String text,
            String reason,
            LocalDate since,
            OffsetDateTime writtenAt) {
        this(plant.collection(), plant.id(), troubleCase, setting, text, reason, since, writtenAt);
    }
}

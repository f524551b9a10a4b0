package mildlantern.round;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * What the round needs to know of a plant.
 *
 * @param id the plant
 * @param lookedOn when it was last looked at
 * @param inIsolationSince since when it stands alone, if it does
 * @param trouble its open case, if it has one
 */
public record PlantToday(
        UUID id, Optional<LocalDate> lookedOn, Optional<LocalDate> inIsolationSince, Optional<Trouble> trouble) {

    /**
     * An open case.
     *
     * @param openedOn when it was opened
     * @param lookAgainOn the day to look again, once a trial runs
     * @param pausedUntil the day until which it rests, where it does
     */
    public record Trouble(LocalDate openedOn, Optional<LocalDate> lookAgainOn, Optional<LocalDate> pausedUntil) {}
}

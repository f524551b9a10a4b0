package mildlantern.round;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;

/**
 * What the round needs to know of a plant.
 *
 * @param id the plant
 * @param upkeep when its routine is due
 * @param inIsolationSince since when it stands alone, if it does
 * @param trouble its open case, if it has one
 * @param catchingNear whether a plant at its stop has something catching
 * @param feedHeld whether it must not be fed now
 * @param cupInTheCold whether it holds water in its cup where the night is cold
 */
public record PlantToday(
        UUID id,
        Upkeep upkeep,
        Optional<LocalDate> inIsolationSince,
        Optional<Trouble> trouble,
        boolean catchingNear,
        boolean feedHeld,
        boolean cupInTheCold) {

    /**
     * An open case.
     *
     * @param openedOn when it was opened
     * @param lookAgainOn the day to look again, once a trial runs
     * @param pausedUntil the day until which it rests, where it does
     */
    public record Trouble(LocalDate openedOn, Optional<LocalDate> lookAgainOn, Optional<LocalDate> pausedUntil) {}
}

package mildlantern.round;

import java.time.LocalDate;
import java.util.Optional;
import mildlantern.message.Message;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.IsolationClock;

/**
 * What the round needs to know of a plant.
 *
 * @param id the plant
 * @param schedule when its routine is due
 * @param alone the clock of its standing alone, if it does or should
 * @param trouble its open case, if it has one
 * @param step the step of a course that is due on it, as an instruction
 * @param move the step of a move that is due on it, as an instruction
 * @param feed how it is fed next
 * @param asked a look that was asked for because it stood near something catching
 * @param catchingNear whether a plant at its stop has something catching
 * @param feedHeld whether it must not be fed now
 * @param tipOut why water must be tipped out of it before the night, if it must
 */
public record PlantToday(
        PlantId id,
        CareSchedule schedule,
        Optional<IsolationClock> alone,
        Optional<Trouble> trouble,
        Optional<String> step,
        Optional<String> move,
        Optional<Message> feed,
        Optional<AskedLook> asked,
        boolean catchingNear,
        boolean feedHeld,
        Optional<DueReason> tipOut) {
    /** A plant that is not on its way to another stop, and of whose feed nothing more is said. */
    public PlantToday(
            PlantId id,
            CareSchedule schedule,
            Optional<IsolationClock> alone,
            Optional<Trouble> trouble,
            Optional<String> step,
            Optional<AskedLook> asked,
            boolean catchingNear,
            boolean feedHeld,
            Optional<DueReason> tipOut) {
        this(
                id,
                schedule,
                alone,
                trouble,
                step,
                Optional.empty(),
                Optional.empty(),
                asked,
                catchingNear,
                feedHeld,
                tipOut);
    }

    /**
     * A look that was asked for.
     *
     * @param on the day on which it was asked for; a look from that day on answers it
     * @param why it was asked for
     */
    public record AskedLook(LocalDate on, Message why) {}

    /**
     * An open case.
     *
     * @param openedOn when it was opened
     * @param lookAgainOn the day to look again, once a trial runs
     * @param pausedUntil the day until which it rests, where it does
     */
    public record Trouble(LocalDate openedOn, Optional<LocalDate> lookAgainOn, Optional<LocalDate> pausedUntil) {}
}

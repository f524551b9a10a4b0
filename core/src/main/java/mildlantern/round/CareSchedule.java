package mildlantern.round;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import mildlantern.message.MessageKey;

/**
 * When the routine of one plant is due. Reckoned whenever something is written down of it; days that pass need no new reckoning.
 *
 * @param water when to look into the pot; missing where nothing was watered yet
 * @param watered when it was last watered
 * @param looked when it was last looked at
 * @param lookOn the day chosen for the next look
 * @param fed when it was last fed
 * @param feedOn the day chosen for the next feed, where it is to be fed
 * @param putOff the day on which it was last put off
 */
public record CareSchedule(
        Optional<WaterCheck> water,
        Optional<LocalDate> watered,
        Optional<LocalDate> looked,
        LocalDate lookOn,
        Optional<LocalDate> fed,
        Optional<LocalDate> feedOn,
        Optional<LocalDate> putOff) {

    /** Work of the routine. */
    public enum Work implements MessageKey {
        WATER,
        FEED,
        LOOK
    }

    /**
     * The day of each work that the routine asks for. A plant in a case is looked at and fed as its case says, and one that must not be fed is not.
     *
     * @param inCase whether it has an open case
     * @param feedHeld whether it must not be fed now
     */
    public Map<Work, LocalDate> days(boolean inCase, boolean feedHeld) {
        Map<Work, LocalDate> days = new EnumMap<>(Work.class);
        water.ifPresent(check -> days.put(Work.WATER, check.on()));
        if (!inCase) {
            days.put(Work.LOOK, lookOn);
            feedOn.filter(day -> !feedHeld).ifPresent(day -> days.put(Work.FEED, day));
        }
        return days;
    }

    /**
     * The next look into the pot.
     *
     * @param on the day chosen for it
     * @param early from this day it may be dry
     * @param likely it is likely dry on this day
     * @param late by this day it is almost surely dry
     * @param pourMl what to pour on that day, mL: what wets it through, or a little for a plant that rests dry
     * @param cycleDays days it takes from a soak
     * @param tray whether a tray or reservoir is to be filled rather than a pot felt
     * @param resting whether it is a little water for a plant that rests dry
     */
    public record WaterCheck(
            LocalDate on,
            LocalDate early,
            LocalDate likely,
            LocalDate late,
            int pourMl,
            double cycleDays,
            boolean tray,
            boolean resting) {}
}

package mildlantern.web.routine;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.message.Message;
import mildlantern.nutrition.FeedPlan;
import mildlantern.nutrition.NextFeed;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.plant.PlantRecord;
import mildlantern.round.CareSchedule;
import mildlantern.water.WaterOutlook;
import mildlantern.web.plant.Plant;

/**
 * What was last reckoned of a plant: when its routine is due, and how its pot dries.
 *
 * @param plant the plant
 * @param stop where it stands
 * @param reckonedOn the day of reckoning
 * @param schedule when its routine is due
 * @param pourMl what to pour when it wants water, mL: what wets it through, or a little for a plant that rests dry
 * @param cycleDays days from wet through to wanting water, as learned
 * @param expectedDays the same for a usual plant of its kind in this pot and place
 * @param fullness share of the water left on the day of reckoning, 0 to 1
 * @param factor its own thirst against its kind's
 * @param factorSpread doubt of that, as standard deviation of the logarithm
 * @param observations from how many readings
 * @param measured whether one of them was a probe or a weight
 * @param earlyShare share of the latest waterings that came before they were wanted
 * @param feed how it is fed next, where it is
 * @param turnsOn the day from which its time of the year may be another, and it is to be reckoned anew
 */
public record ScheduleRow(
        PlantId plant,
        StopId stop,
        LocalDate reckonedOn,
        CareSchedule schedule,
        int pourMl,
        double cycleDays,
        double expectedDays,
        boolean tray,
        double fullness,
        double factor,
        double factorSpread,
        int observations,
        boolean measured,
        OptionalDouble earlyShare,
        Optional<Feed> feed,
        LocalDate turnsOn) {

    /**
     * How a plant is fed next.
     *
     * @param way where the feed goes
     * @param mgNitrogen strength of the mix, mg/L
     * @param ml how much of the mix; 0 for a usual watering
     * @param counts pitchers or leaves; 0 at the roots
     * @param gently whether it begins again after a pause
     */
    public record Feed(FeedPlan.Way way, double mgNitrogen, double ml, int counts, boolean gently) {
        /** How the plant is fed. */
        public Message how() {
            return NextFeed.how(way, mgNitrogen, counts, ml, gently);
        }
    }

    static ScheduleRow of(
            Plant plant,
            LocalDate today,
            CareSchedule schedule,
            WaterOutlook outlook,
            boolean tray,
            Optional<NextFeed> next,
            LocalDate turnsOn) {
        return new ScheduleRow(
                plant.id(),
                plant.stop(),
                today,
                schedule,
                schedule.water().map(CareSchedule.WaterCheck::pourMl).orElse((int) Math.round(outlook.wetThroughMl())),
                outlook.cycleDays(),
                outlook.expectedDays(),
                tray,
                outlook.fullness(),
                outlook.thirst(),
                outlook.spread(),
                outlook.observations(),
                outlook.measured(),
                outlook.earlyShare(),
                next.map(it -> new Feed(it.way(), it.mgNitrogen(), it.ml(), it.counts(), it.gently())),
                turnsOn);
    }

    /** How the pot dries, for the diagnosis; only where something was watered. A tray tells nothing of the roots. */
    Optional<PlantRecord.Drying> drying() {
        return schedule.water().isEmpty() || tray
                ? Optional.empty()
                : Optional.of(new PlantRecord.Drying(
                        cycleDays, expectedDays, observations, factorSpread, measured, earlyShare));
    }
}

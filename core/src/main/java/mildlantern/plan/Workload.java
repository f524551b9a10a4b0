package mildlantern.plan;

import java.util.HashMap;
import java.util.Map;
import mildlantern.place.StopId;

/**
 * What a plan asks for.
 *
 * @param minutes of work until it is carried out
 * @param minutesAWeek from then on
 * @param kwhAMonth what lamps and heating use more in a month, kWh
 */
public record Workload(double minutes, double minutesAWeek, double kwhAMonth) {
    static Workload of(Weighed weighed, HousePlan plan, PlanKnowledge knowledge) {
        PlanKnowledge.Minutes takes = knowledge.minutes;
        double minutes = 0;
        double aWeek = 0;
        double kwh = 0;
        for (Household.Housed housed : weighed.house().plants()) {
            StopId to = plan.stops().getOrDefault(housed.plant().id(), housed.stop());
            if (!to.equals(housed.stop())) {
                minutes += weighed.bySteps(housed, to) ? takes.bySteps() : takes.move();
            }
        }
        Map<String, RoomAir> airs = new HashMap<>();
        for (Map.Entry<StopId, Fitting> entry : plan.fittings().entrySet()) {
            Fitting fitting = entry.getValue();
            minutes += fitting.hangs() ? takes.setUp() : 0;
            kwh += weighed.offers().lampKwhAMonth(weighed.spot(entry.getKey()), fitting);
            airs.put(weighed.house().around().room(entry.getKey()), fitting.air());
        }
        for (RoomAir air : airs.values()) {
            minutes += (air.humidifier() ? takes.setUp() : 0) + (air.nights() == 0 ? 0 : takes.setUp());
            aWeek += air.humidifier() ? takes.humidifierAWeek() : 0;
            kwh += knowledge.nightKwhAMonth(air.nights());
        }
        boolean fetched = !plan.softer().isEmpty() && !weighed.house().around().softWater();
        return new Workload(minutes, aWeek + (fetched ? takes.waterAWeek() : 0), kwh);
    }
}

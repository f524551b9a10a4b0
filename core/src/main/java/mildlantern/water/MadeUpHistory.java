package mildlantern.water;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.function.Predicate;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.Logged;
import mildlantern.log.Way;
import mildlantern.log.Wetness;
import mildlantern.plant.WaterSource;

/**
 * Makes up what a keeper would have written down of a plant, by following its pot day by day with the water balance under a thirst
 * that the product is not told. For demonstrations, load and checks of the learning.
 */
public final class MadeUpHistory {
    /** Moisture changes over the depth of a pot: top drier, bottom wetter by so much. */
    private static final double OVER_DEPTH = 0.18;

    private static final double DAY_TO_DAY = 0.1;
    private static final double VISITED = 0.8;

    private final WaterKnowledge knowledge;

    public MadeUpHistory(WaterKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    /**
     * How a plant is kept.
     *
     * @param thirst its own factor against its kind's usual one, above 0
     * @param everyDays watered by the calendar every so many days; by need where it is missing
     * @param lookEvery days between looks, about
     * @param feedEvery days between feeds in growth, about; missing where it is not fed
     * @param probes share of visits to a pot that is due at which it is probed, 0 to 1
     * @param water what it is watered with
     */
    public record Manner(
            double thirst,
            OptionalDouble everyDays,
            double lookEvery,
            OptionalDouble feedEvery,
            double probes,
            WaterSource water) {}

    /**
     * Makes up a log.
     *
     * @param plant the plant and its pot
     * @param manner how it is kept
     * @param climate where it stood, day by day
     * @param feeds the days on which it is in growth and fed
     * @param from first day
     * @param until last day
     * @param chance where everything accidental comes from
     */
    public List<Logged> of(
            PotOfPlant plant,
            Manner manner,
            ClimateOfDay climate,
            Predicate<LocalDate> feeds,
            LocalDate from,
            LocalDate until,
            Random chance) {
        PotWater pot = knowledge.pot(plant);
        double factor = Math.exp(knowledge.usualLogThirst(plant.profile())) * manner.thirst();
        List<Logged> log = new ArrayList<>();
        Held water = pot.full();
        double dryDays = 0;
        LocalDate watered = from;
        LocalDate looked = from.minusDays(chance.nextInt((int) Math.max(1, manner.lookEvery())));
        LocalDate fed = from;
        log.add(new Logged(
                from,
                new LogEntry.Watered(OptionalInt.empty(), Optional.of(manner.water()), way(pot), Optional.empty())));
        for (LocalDate day = from.plusDays(1); !day.isAfter(until); day = day.plusDays(1)) {
            water = pot.after(water, climate.on(day), factor * Math.exp(DAY_TO_DAY * chance.nextGaussian()), 1);
            dryDays = pot.used(water) >= 1 ? dryDays + 1 : 0;
            boolean visited = chance.nextDouble() < VISITED || day.getDayOfWeek() == DayOfWeek.SUNDAY;
            if (!visited) {
                continue;
            }
            boolean due = manner.everyDays().isPresent()
                    ? ChronoUnit.DAYS.between(watered, day)
                            >= manner.everyDays().getAsDouble()
                    : dryDays > (chance.nextDouble() < 0.2 ? 1 : 0);
            if ((due || nearlyDue(pot, water)) && pot.reservoirMl() == 0 && chance.nextDouble() < manner.probes()) {
                log.add(new Logged(day, probe(pot.moisture(water.mediumMl()), chance)));
            }
            if (due) {
                int ml = poured(pot.toWetThroughMl(water.mediumMl()), chance);
                Optional<Felt> found = found(pot, water, chance);
                boolean counted = chance.nextDouble() < 0.85;
                log.add(new Logged(
                        day,
                        new LogEntry.Watered(
                                counted ? OptionalInt.of(ml) : OptionalInt.empty(),
                                Optional.of(manner.water()),
                                way(pot),
                                found)));
                water = pot.pour(water, ml).held();
                watered = day;
                if (manner.feedEvery().isPresent()
                        && feeds.test(day)
                        && ChronoUnit.DAYS.between(fed, day)
                                >= manner.feedEvery().getAsDouble()) {
                    log.add(new Logged(
                            day,
                            new LogEntry.Fed(
                                    Optional.empty(),
                                    OptionalDouble.of(plant.profile().feedMgN().middle()))));
                    fed = day;
                }
            }
            if (ChronoUnit.DAYS.between(looked, day) >= manner.lookEvery() - 1 + chance.nextInt(3)) {
                log.add(new Logged(day, new LogEntry.Looked()));
                looked = day;
            }
        }
        return log;
    }

    private static Way way(PotWater pot) {
        return pot.reservoirMl() > 0 ? Way.RESERVOIR : Way.ABOVE;
    }

    private static boolean nearlyDue(PotWater pot, Held water) {
        return pot.moisture(water.mediumMl()) < pot.moisture(pot.thresholdMl()) + 0.12;
    }

    /** Growers pour about what it takes, in round figures. */
    private static int poured(double exact, Random chance) {
        double about = exact * (0.95 + 0.2 * chance.nextDouble());
        int step = about < 200 ? 10 : about < 1000 ? 20 : 100;
        return (int) Math.max(step, Math.round(about / step) * step);
    }

    private static Optional<Felt> found(PotWater pot, Held water, Random chance) {
        if (pot.reservoirMl() > 0 || chance.nextDouble() > 0.25) {
            return Optional.empty();
        }
        double moisture = pot.moisture(water.mediumMl());
        if (moisture < 0.08) {
            return Optional.of(Felt.BONE_DRY);
        }
        return moisture > pot.moisture(pot.thresholdMl()) + 0.3 ? Optional.of(Felt.STILL_WET) : Optional.empty();
    }

    private static LogEntry.Probed probe(double moisture, Random chance) {
        double felt = moisture + 0.05 * chance.nextGaussian();
        return new LogEntry.Probed(wetness(felt - OVER_DEPTH), wetness(felt), wetness(felt + OVER_DEPTH));
    }

    private static Wetness wetness(double moisture) {
        return moisture < 0.28 ? Wetness.DRY : moisture < 0.72 ? Wetness.MOIST : Wetness.WET;
    }
}

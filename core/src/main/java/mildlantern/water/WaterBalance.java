package mildlantern.water;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.log.Felt;
import mildlantern.log.LogEntry;
import mildlantern.log.Logged;
import mildlantern.log.Way;
import org.apache.commons.statistics.distribution.NormalDistribution;

/**
 * Retells what the water in one pot did, from its log, and learns the plant's own factor on the way.
 *
 * <p>Estimator: the pot is followed from the first watering of the log under each of a grid of factors at once (the prior is
 * lognormal round the kind's mean). Each probe, weight, "still wet" or "bone dry" multiplies the weight of a factor by how likely the
 * observation was under it: a normal density round the reckoned moisture, mixed with a share of slips of the pen that say
 * nothing, so that one wrong entry cannot outweigh the rest. The water followed under each factor is then drawn to what was
 * observed, by the gain of a scalar Kalman filter, as far as the entry is believed to be no slip. Between observations the factor may
 * drift. A watering without an amount is taken to have wet the ball through.
 */
public final class WaterBalance {
    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);

    /** Density of an entry that says nothing: even over all that a reading can say, from a little below dry to a little above full. */
    private static final double ANY_VALUE = 1 / 1.4;

    /** The band that is shown leaves out a tenth of the doubt on either side. */
    private static final double OUTSIDE = 0.1;

    private final WaterKnowledge knowledge;

    public WaterBalance(WaterKnowledge knowledge) {
        this.knowledge = knowledge;
    }

    /**
     * Retells a log.
     *
     * @param plant the plant and its pot
     * @param log its entries, in any order; waterings and readings are used
     * @param scale what the pot weighs wet through and bone dry, where both are known
     * @param climate the climate of each day from the first watering to today, and of today for the days to come
     * @param today the day up to which it is told; what happened today counts
     */
    public WaterEstimate estimate(
            PotOfPlant plant, List<Logged> log, Optional<Scale> scale, ClimateOfDay climate, LocalDate today) {
        return new Estimating(plant, log, scale, climate, today).estimated();
    }

    /**
     * What an observation said.
     *
     * @param fullness the share that it stands for
     * @param believed how far it is believed to be no slip, 0 to 1
     */
    public record Seen(LocalDate day, double fullness, double believed) {}

    private final class Estimating {
        private final PotWater pot;
        private final Optional<Scale> scale;
        private final ClimateOfDay climate;
        private final LocalDate today;
        private final List<Logged> log;
        private final double usualLog;
        private final Factor factor;
        private final double[] water;
        private final double[] dryFor;
        private final List<DayOfWater> curve = new ArrayList<>();
        private final List<Seen> seen = new ArrayList<>();
        private boolean measured;
        private int judged;
        private int early;

        Estimating(PotOfPlant plant, List<Logged> log, Optional<Scale> scale, ClimateOfDay climate, LocalDate today) {
            this.pot = knowledge.pot(plant);
            this.scale = scale;
            this.climate = climate;
            this.today = today;
            this.log = PotLog.until(today, log);
            this.usualLog = knowledge.usualLogFactor(plant.profile());
            this.factor = new Factor(usualLog, knowledge.factorSpread);
            this.water = new double[factor.points()];
            this.dryFor = new double[factor.points()];
        }

        WaterEstimate estimated() {
            int next = 0;
            while (next < log.size() && start(log.get(next).entry()).isEmpty()) {
                next++;
            }
            if (next == log.size()) {
                return new WaterEstimate(List.of(), List.of(), WaterOutlook.unknown(pot, expectedDays()));
            }
            Arrays.fill(water, start(log.get(next).entry()).getAsDouble());
            for (LocalDate day = log.get(next).day(); !day.isAfter(today); day = day.plusDays(1)) {
                double[] before = water.clone();
                while (next < log.size() && log.get(next).day().equals(day)) {
                    take(log.get(next), day);
                    next++;
                }
                note(day, before);
                if (day.isBefore(today)) {
                    dry(climate.on(day));
                }
            }
            return new WaterEstimate(List.copyOf(curve), List.copyOf(seen), outlook());
        }

        /** What the pot is taken to hold before an entry, mL; empty where the entry tells nothing to start from. */
        private OptionalDouble start(LogEntry entry) {
            if (entry instanceof LogEntry.Watered) {
                return OptionalDouble.of(pot.thresholdMl());
            }
            if (entry instanceof LogEntry.Probed probed) {
                return OptionalDouble.of(pot.waterAt(knowledge.readings.moisture(probed)));
            }
            return entry instanceof LogEntry.Weighed weighed && scale.isPresent()
                    ? OptionalDouble.of(scale.get().share(weighed.grams()) * pot.capacityMl())
                    : OptionalDouble.empty();
        }

        private void dry(Climate weather) {
            PotWater.Pull pull = pot.pull(weather);
            for (int i = 0; i < water.length; i++) {
                water[i] = pot.after(water[i], pull, factor.factor[i], 1);
                dryFor[i] = water[i] <= pot.thresholdMl() ? dryFor[i] + 1 : 0;
            }
            factor.drift(knowledge.driftPerDay * knowledge.driftPerDay);
        }

        private void take(Logged logged, LocalDate day) {
            if (logged.entry() instanceof LogEntry.Watered watered) {
                watered.found().ifPresentOrElse(found -> felt(found, day), () -> unmarked(watered));
                pour(watered, day);
            } else if (logged.entry() instanceof LogEntry.Probed probed) {
                measured = true;
                observe(day, knowledge.readings.moisture(probed), knowledge.readings.probeSpread());
            } else if (logged.entry() instanceof LogEntry.Weighed weighed) {
                scale.ifPresent(known -> {
                    if (pot.reservoirMl() == 0) {
                        measured = true;
                        double waterMl = known.share(weighed.grams()) * pot.capacityMl();
                        observe(day, pot.moisture(waterMl), knowledge.readings.weightSpread());
                    }
                });
            }
        }

        private void pour(LogEntry.Watered watered, LocalDate day) {
            if (ChronoUnit.DAYS.between(day, today) <= knowledge.earlyDays) {
                judged++;
                double wanted = pot.moisture(pot.thresholdMl());
                double leftNow = pot.moisture(factor.mean(water));
                boolean refill = pot.reservoirMl() > 0;
                if (!refill && leftNow > wanted + knowledge.earlyMargin) {
                    early++;
                }
            }
            for (int i = 0; i < water.length; i++) {
                water[i] = watered.ml().isPresent()
                        ? pot.pour(water[i], watered.ml().getAsInt()).waterMl()
                        : pot.topMl();
                dryFor[i] = 0;
            }
        }

        /** What was felt before watering: a half-line of moisture rather than a value. */
        private void felt(Felt found, LocalDate day) {
            Readings readings = knowledge.readings;
            double wanted = pot.moisture(pot.thresholdMl());
            if (found == Felt.READY) {
                observe(day, wanted, readings.probeSpread());
                return;
            }
            double[] likelihood = new double[water.length];
            double edge = found == Felt.STILL_WET ? Math.min(0.95, wanted + readings.stillWet()) : readings.boneDry();
            for (int i = 0; i < water.length; i++) {
                double z = (moistureOf(i) - edge) / readings.feltSpread();
                double chance = NORMAL.cumulativeProbability(found == Felt.STILL_WET ? z : -z);
                likelihood[i] = (1 - knowledge.wrongShare) * chance + knowledge.wrongShare / 2;
            }
            factor.observe(likelihood);
            seen.add(new Seen(day, pot.fullness(pot.waterAt(edge)), 1));
        }

        /** Most who water think that it was time, and many water by the calendar: a watering of which nothing is said tells a little. */
        private void unmarked(LogEntry.Watered watered) {
            if (pot.reservoirMl() > 0 || watered.way() == Way.RESERVOIR) {
                return;
            }
            double wanted = pot.moisture(pot.thresholdMl());
            double[] likelihood = new double[water.length];
            for (int i = 0; i < water.length; i++) {
                double z = (pot.moisture(water[i]) - wanted) / knowledge.readings.unmarkedSpread();
                likelihood[i] =
                        knowledge.readings.unmarkedTells() * NORMAL.density(z) / knowledge.readings.unmarkedSpread()
                                + (1 - knowledge.readings.unmarkedTells()) * ANY_VALUE;
            }
            factor.observe(likelihood);
        }

        private double moistureOf(int i) {
            return pot.reservoirMl() > 0 && water[i] > pot.capacityMl()
                    ? 1 + (water[i] - pot.capacityMl()) / pot.reservoirMl()
                    : pot.moisture(water[i]);
        }

        private void observe(LocalDate day, double moisture, double spread) {
            double doubt = knowledge.readings.reckoningSpread();
            double total = Math.hypot(spread, doubt);
            double gain = doubt * doubt / (total * total);
            double[] likelihood = new double[water.length];
            double[] right = new double[water.length];
            for (int i = 0; i < water.length; i++) {
                double z = (moisture - pot.moisture(water[i])) / total;
                double sound = (1 - knowledge.wrongShare) * NORMAL.density(z) / total;
                likelihood[i] = sound + knowledge.wrongShare * ANY_VALUE;
                right[i] = sound / likelihood[i];
            }
            factor.observe(likelihood);
            double believed = factor.mean(right);
            for (int i = 0; i < water.length; i++) {
                double drawn = pot.moisture(water[i]) + gain * right[i] * (moisture - pot.moisture(water[i]));
                if (water[i] <= pot.capacityMl()) {
                    water[i] = Math.max(0, Math.min(pot.capacityMl(), pot.waterAt(drawn)));
                }
            }
            seen.add(new Seen(day, pot.fullness(Math.max(0, pot.waterAt(Math.min(1, moisture)))), believed));
        }

        private void note(LocalDate day, double[] before) {
            double[] full = new double[before.length];
            Arrays.setAll(full, i -> pot.fullness(before[i]));
            curve.add(new DayOfWater(
                    day,
                    factor.mean(full),
                    factor.quantile(full, OUTSIDE),
                    factor.quantile(full, 1 - OUTSIDE),
                    pot.fullness(factor.mean(water))));
        }

        private double expectedDays() {
            return pot.daysToDry(pot.topMl(), climate.on(today), Math.exp(usualLog));
        }

        private WaterOutlook outlook() {
            PotWater.DryDown down = pot.dryDown(pot.pull(climate.on(today)));
            double[] days = new double[water.length];
            double[] cycles = new double[water.length];
            for (int i = 0; i < water.length; i++) {
                // Days that it has been dry already count towards those that it is to stay so.
                days[i] = down.days(water[i], factor.factor[i]) - dryFor[i];
                cycles[i] = down.days(pot.topMl(), factor.factor[i]);
            }
            double cycle = factor.quantile(cycles, 0.5);
            double noise = knowledge.dayToDay * cycle;
            double now = factor.mean(water);
            return new WaterOutlook(
                    true,
                    quantile(days, OUTSIDE, NORMAL.inverseCumulativeProbability(OUTSIDE) * noise),
                    factor.quantile(days, 0.5),
                    quantile(days, 1 - OUTSIDE, NORMAL.inverseCumulativeProbability(1 - OUTSIDE) * noise),
                    quantile(
                            days,
                            knowledge.check.low(),
                            NORMAL.inverseCumulativeProbability(knowledge.check.low()) * noise),
                    quantile(
                            days,
                            knowledge.check.high(),
                            NORMAL.inverseCumulativeProbability(knowledge.check.high()) * noise),
                    pot.fullness(now),
                    pot.fullness(pot.thresholdMl()),
                    pot.toWetThroughMl(now),
                    cycle,
                    expectedDays(),
                    Math.exp(factor.meanLog() - usualLog),
                    factor.spreadLog(),
                    seen.size(),
                    measured,
                    judged >= knowledge.earlyLeast && measured && seen.size() >= knowledge.earlyReadings
                            ? OptionalDouble.of((double) early / judged)
                            : OptionalDouble.empty());
        }

        /** Doubt of the factor and of the day-to-day run add as independent ones do. */
        private double quantile(double[] days, double share, double noise) {
            double middle = factor.quantile(days, 0.5);
            double there = factor.quantile(days, share) - middle;
            return Math.max(0, middle + Math.signum(share - 0.5) * Math.hypot(there, noise));
        }
    }
}

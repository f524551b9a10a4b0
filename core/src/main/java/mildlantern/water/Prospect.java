package mildlantern.water;

import java.time.LocalDate;
import java.util.Arrays;
import mildlantern.quantity.DailyLight;
import mildlantern.quantity.VapourPressureDeficit;
import org.apache.commons.statistics.distribution.NormalDistribution;

/** What a plant's water will come to when nobody waters it, by all that is believed of it. */
public final class Prospect {
    private static final NormalDistribution NORMAL = NormalDistribution.of(0, 1);
    private static final double LEAST_NOISE = 0.4;

    private final double dayToDay;
    private final Belief belief;
    private final PotWater[] pot;
    private final Held[] held;
    private final ClimateOfDay climate;
    private final LocalDate today;

    Prospect(double dayToDay, Belief belief, PotWater[] pot, Held[] held, ClimateOfDay climate, LocalDate today) {
        this.dayToDay = dayToDay;
        this.belief = belief;
        this.pot = pot;
        this.held = held;
        this.climate = climate;
        this.today = today;
    }

    /**
     * How a plant is left.
     *
     * @param soaked wetted through on the last day
     * @param reservoirMl on a wick from a reservoir of so much, mL; 0 for none
     * @param light share of its light that is left, as when it is moved back from the glass
     * @param deficit share of the air's deficit that is left, as when plants stand close together
     */
    public record Left(boolean soaked, double reservoirMl, double light, double deficit) {
        /** As it stands. */
        public static final Left AS_IT_IS = new Left(false, 0, 1, 1);

        /** Wetted through, and nothing else. */
        public static final Left SOAKED = new Left(true, 0, 1, 1);
    }

    /**
     * Follows the plant from the day on which it is left. Until then it is watered as always.
     *
     * @param from the day on which it is left, not before the day of reckoning
     * @param days for how many days it is followed
     */
    public Alone alone(Left left, LocalDate from, int days) {
        double[] wants = new double[held.length];
        double[] harm = new double[held.length];
        Arrays.fill(wants, days + 1.0);
        Arrays.fill(harm, days + 1.0);
        PotWater.Pull[] pulls = pulls(left, from, days);
        for (int i = 0; i < held.length; i++) {
            PotWater in = left.reservoirMl() > 0 ? pot[i].onWick(left.reservoirMl()) : pot[i];
            Held now = left.soaked() ? in.wetThrough(in.full()) : until(from, i);
            double used = in.used(now);
            double hurt = in.harm(now);
            for (int day = 0; day < days && harm[i] > days; day++) {
                if (used >= 1 && wants[i] > days) {
                    wants[i] = day;
                }
                Held next = in.after(now, pulls[day], belief.thirst(i), 1);
                double then = in.used(next);
                if (used < 1 && then >= 1) {
                    wants[i] = day + (1 - used) / (then - used);
                }
                double after = in.harm(next);
                if (after >= 1) {
                    harm[i] = day + Math.max(0, (1 - hurt) / Math.max(1e-9, after - hurt));
                }
                now = next;
                used = then;
                hurt = after;
            }
        }
        return new Alone(wants, harm, days);
    }

    private PotWater.Pull[] pulls(Left left, LocalDate from, int days) {
        PotWater.Pull[] pulls = new PotWater.Pull[days];
        for (int day = 0; day < days; day++) {
            LocalDate on = from.plusDays(day);
            Climate there = climate.on(on);
            // Nobody counts on rain.
            Climate kept = new Climate(
                    new VapourPressureDeficit(there.day().kilopascal() * left.deficit()),
                    new VapourPressureDeficit(there.night().kilopascal() * left.deficit()),
                    new DailyLight(there.light().molPerSquareMetre() * left.light()),
                    there.celsius(),
                    new Climate.Outdoors(0, there.outdoors().windMs()));
            pulls[day] = pot[0].pull(kept).atWork(climate.atWork(on));
        }
        return pulls;
    }

    /** What is there on the day on which it is left, where it is watered until then when it wants it. */
    private Held until(LocalDate from, int i) {
        Held now = held[i];
        for (LocalDate day = today; day.isBefore(from); day = day.plusDays(1)) {
            if (pot[i].used(now) >= 1) {
                now = pot[i].wetThrough(now);
            }
            now = pot[i].after(now, pot[0].pull(climate.on(day)).atWork(climate.atWork(day)), belief.thirst(i), 1);
        }
        return now;
    }

    /** Loss of a day when nothing is short, by its likeliest, mL: what a reservoir must bring. */
    public double lossMl(Left left, LocalDate day) {
        double[] loss = new double[held.length];
        PotWater.Pull pull = pulls(left, day, 1)[0];
        Arrays.setAll(loss, i -> belief.thirst(i) * pull.leafMl() + pull.bareMl());
        return belief.mean(loss);
    }

    /** What wets it through when it wants water, mL. */
    public double wetThroughMl() {
        double[] pour = new double[held.length];
        Arrays.setAll(pour, i -> pot[i].toWetThroughMl(pot[i].thresholdMl()));
        return belief.mean(pour);
    }

    /** What becomes of a plant that is left, with its doubt. */
    public final class Alone {
        private final double[] wants;
        private final double[] harm;
        private final int days;

        private Alone(double[] wants, double[] harm, int days) {
            this.wants = wants;
            this.harm = harm;
            this.days = days;
        }

        /**
         * The days after which it wants water, a share of the doubt below.
         *
         * @return more than the days that were followed where it does not want any by then
         */
        public double wants(double share) {
            return new Doubt(belief, wants, dayToDay * Math.min(days, belief.quantile(wants, 0.5))).at(share);
        }

        /** The chance that it is harmed by so many days, 0 to 1; no more days than were followed. */
        public double chanceOfHarm(double by) {
            double chance = 0;
            for (int i = 0; i < harm.length; i++) {
                chance += belief.weight(i)
                        * (harm[i] > days
                                ? 0
                                : NORMAL.cumulativeProbability(
                                        (by - harm[i]) / Math.max(LEAST_NOISE, dayToDay * harm[i])));
            }
            return chance;
        }

        /** Most whole days for which the chance of harm stays within a share; no more than were followed. */
        public int safeDays(double share) {
            int safe = 0;
            while (safe < days && chanceOfHarm(safe + 1) <= share) {
                safe++;
            }
            return safe;
        }
    }
}

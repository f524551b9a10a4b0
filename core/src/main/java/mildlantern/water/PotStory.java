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

/** One plant's water, told from its log. */
final class PotStory {
    /** The band that is shown leaves out a tenth of the doubt on either side. */
    private static final double OUTSIDE = 0.1;

    private final WaterKnowledge knowledge;
    private final List<PotOn> pots;
    private final List<Logged> log;
    private final ClimateOfDay climate;
    private final LocalDate today;
    private final double usualLog;
    private final Belief belief;
    private final List<DayOfWater> curve = new ArrayList<>();
    private final List<WaterBalance.Seen> seen = new ArrayList<>();
    private final double[] dryFor;
    private final Held[] held;
    private final PotWater[] pot;
    private PotWater usual;
    private Optional<Scale> scale;
    private boolean begun;
    private boolean measured;
    private int judged;
    private int early;

    PotStory(WaterKnowledge knowledge, List<PotOn> pots, List<Logged> log, ClimateOfDay climate, LocalDate today) {
        this.knowledge = knowledge;
        this.pots = pots;
        this.climate = climate;
        this.today = today;
        this.log = PotLog.until(today, log);
        this.usualLog = knowledge.usualLogThirst(pots.get(0).pot().profile());
        this.belief = new Belief(usualLog, knowledge.learning.thirst());
        this.dryFor = new double[belief.points()];
        this.held = new Held[belief.points()];
        this.pot = new PotWater[belief.points()];
        this.usual = knowledge.pot(pots.get(0).pot());
        this.scale = pots.get(0).scale();
    }

    WaterEstimate told() {
        int inPot = 0;
        into(pots.get(0));
        LocalDate day = log.isEmpty() ? today : log.get(0).day();
        int next = 0;
        while (!day.isAfter(today)) {
            while (inPot + 1 < pots.size() && !pots.get(inPot + 1).from().isAfter(day)) {
                inPot++;
                into(pots.get(inPot));
            }
            Held[] before = held.clone();
            boolean beganToday = !begun;
            while (next < log.size() && log.get(next).day().equals(day)) {
                take(log.get(next).entry(), day);
                next++;
            }
            if (begun) {
                note(day, beganToday ? held : before);
                if (day.isBefore(today)) {
                    dry(day);
                }
            }
            day = day.plusDays(1);
        }
        return new WaterEstimate(
                List.copyOf(curve),
                List.copyOf(seen),
                begun ? outlook() : WaterOutlook.unknown(usual, expectedDays()),
                new Prospect(knowledge.dayToDay, belief, pot, begun ? held.clone() : full(), climate, today));
    }

    private Held[] full() {
        return Arrays.stream(pot).map(PotWater::full).toArray(Held[]::new);
    }

    /** The plant comes into a pot; what is in it is known from the next watering or reading on. */
    private void into(PotOn now) {
        usual = knowledge.pot(now.pot());
        scale = now.scale();
        WaterKnowledge.Learning learning = knowledge.learning;
        double weighed = scale.map(it -> Math.log((it.wetGrams() - it.dryGrams()) / usual.capacityMl()))
                .orElse(0.0);
        boolean believable = scale.isPresent() && Math.abs(weighed) < 3 * learning.store();
        belief.into(believable ? weighed : 0, believable ? learning.weighed() : learning.store());
        if (begun) {
            belief.drift(learning.repotted() * learning.repotted());
        }
        for (int i = 0; i < pot.length; i++) {
            pot[i] = usual.storing(belief.store(i));
        }
        Arrays.fill(dryFor, 0);
        begun = false;
    }

    private void take(LogEntry entry, LocalDate day) {
        if (!begun && !begins(entry)) {
            return;
        }
        if (entry instanceof LogEntry.Watered watered) {
            if (begun) {
                watered.found().ifPresentOrElse(found -> felt(found, day), () -> unmarked(watered));
            }
            begun = true;
            pour(watered, day);
        } else if (entry instanceof LogEntry.Probed probed) {
            begun = true;
            measured = true;
            Sight sight = knowledge.sight(probed);
            observe(day, sight, sight.moisture());
        } else if (entry instanceof LogEntry.Weighed weighed && scale.isPresent() && usual.reservoirMl() == 0) {
            begun = true;
            measured = true;
            double moisture = usual.moisture(scale.get().share(weighed.grams()) * usual.capacityMl());
            observe(day, knowledge.readings.sightOfWeight(moisture, knowledge.learning.wrong()), moisture);
        }
    }

    /** Sets what the pot is taken to hold before its first entry; false where the entry tells nothing to start from. */
    private boolean begins(LogEntry entry) {
        OptionalDouble moisture = OptionalDouble.empty();
        if (entry instanceof LogEntry.Watered) {
            moisture = OptionalDouble.of(usual.moisture(usual.thresholdMl()));
        } else if (entry instanceof LogEntry.Probed probed) {
            moisture = OptionalDouble.of(knowledge.sight(probed).moisture());
        } else if (entry instanceof LogEntry.Weighed weighed && scale.isPresent()) {
            moisture = OptionalDouble.of(usual.moisture(scale.get().share(weighed.grams()) * usual.capacityMl()));
        }
        moisture.ifPresent(it -> Arrays.setAll(
                held, i -> new Held(pot[i].waterAt(it), pot[i].full().tissueMl())));
        return moisture.isPresent();
    }

    private void dry(LocalDate day) {
        PotWater.Pull pull = usual.pull(climate.on(day)).atWork(climate.atWork(day));
        for (int i = 0; i < held.length; i++) {
            held[i] = pot[i].after(held[i], pull, belief.thirst(i), 1);
            dryFor[i] = pot[i].used(held[i]) >= 1 ? dryFor[i] + 1 : 0;
        }
        belief.drift(knowledge.learning.drift() * knowledge.learning.drift());
    }

    private void pour(LogEntry.Watered watered, LocalDate day) {
        if (ChronoUnit.DAYS.between(day, today) <= knowledge.early.days()) {
            judged++;
            if (usual.reservoirMl() == 0 && moistureNow() > wanted() + knowledge.early.margin()) {
                early++;
            }
        }
        for (int i = 0; i < held.length; i++) {
            held[i] = watered.ml().isPresent()
                    ? pot[i].pour(held[i], watered.ml().getAsInt()).held()
                    : pot[i].wetThrough(held[i]);
            dryFor[i] = 0;
        }
    }

    private double wanted() {
        return usual.moisture(usual.thresholdMl());
    }

    private double moistureNow() {
        double[] moisture = new double[held.length];
        Arrays.setAll(moisture, this::moisture);
        return belief.mean(moisture);
    }

    private double moisture(int i) {
        return pot[i].moisture(held[i].mediumMl());
    }

    private void felt(Felt found, LocalDate day) {
        double slips = knowledge.learning.wrong();
        double[] likelihood = new double[held.length];
        if (found == Felt.READY || found == Felt.BONE_DRY && usual.livesOnItsStore()) {
            Arrays.setAll(likelihood, i -> knowledge.readings.ready(pot[i].used(held[i]), slips));
            belief.observe(likelihood);
            seen.add(new WaterBalance.Seen(day, usual.fullness(usual.thresholdMl()), 1));
            return;
        }
        Sight sight = knowledge.readings.sightOfFelt(found, wanted(), slips);
        Arrays.setAll(
                likelihood,
                i -> sight.taken(moisture(i), knowledge.readings.doubt(pot[i].used(held[i])))
                        .likelihood());
        belief.observe(likelihood);
        seen.add(
                new WaterBalance.Seen(day, usual.fullness(usual.waterAt(knowledge.readings.edge(found, wanted()))), 1));
    }

    private void unmarked(LogEntry.Watered watered) {
        if (usual.reservoirMl() > 0 || watered.way() == Way.RESERVOIR) {
            return;
        }
        double[] likelihood = new double[held.length];
        Arrays.setAll(likelihood, i -> knowledge.readings.unmarked(moisture(i), wanted()));
        belief.observe(likelihood);
    }

    private void observe(LocalDate day, Sight sight, double says) {
        double[] likelihood = new double[held.length];
        double[] believed = new double[held.length];
        for (int i = 0; i < held.length; i++) {
            Sight.Taken taken = sight.taken(moisture(i), knowledge.readings.doubt(pot[i].used(held[i])));
            likelihood[i] = taken.likelihood();
            believed[i] = taken.believed();
            if (held[i].mediumMl() <= pot[i].capacityMl()) {
                double drawn = Math.max(0, Math.min(pot[i].capacityMl(), pot[i].waterAt(taken.moisture())));
                held[i] = new Held(drawn, held[i].tissueMl());
            }
        }
        belief.observe(likelihood);
        seen.add(new WaterBalance.Seen(
                day, usual.fullness(Math.max(0, usual.waterAt(Math.min(1, says)))), belief.mean(believed)));
    }

    private void note(LocalDate day, Held[] before) {
        double[] full = new double[before.length];
        Arrays.setAll(full, i -> pot[i].fullness(before[i].mediumMl()));
        curve.add(new DayOfWater(
                day,
                belief.mean(full),
                belief.quantile(full, OUTSIDE),
                belief.quantile(full, 1 - OUTSIDE),
                fullnessNow()));
    }

    private double fullnessNow() {
        double[] full = new double[held.length];
        Arrays.setAll(full, i -> pot[i].fullness(held[i].mediumMl()));
        return belief.mean(full);
    }

    /** As today, and without rain: nobody counts on it. */
    private PotWater.Pull ahead() {
        Climate now = climate.on(today);
        return usual.pull(now.in(new Climate.Outdoors(0, now.outdoors().windMs())))
                .atWork(climate.atWork(today));
    }

    private double expectedDays() {
        return usual.daysToDry(usual.full(), ahead(), Math.exp(usualLog));
    }

    private WaterOutlook outlook() {
        PotWater.Pull pull = ahead();
        double[] days = new double[held.length];
        double[] cycles = new double[held.length];
        double[] pour = new double[held.length];
        for (int i = 0; i < held.length; i++) {
            // Days that it has wanted water already count below zero.
            days[i] = pot[i].daysToDry(held[i], pull, belief.thirst(i)) - dryFor[i];
            cycles[i] = pot[i].daysToDry(pot[i].full(), pull, belief.thirst(i));
            pour[i] = pot[i].toWetThroughMl(Math.min(held[i].mediumMl(), pot[i].thresholdMl()));
        }
        double cycle = belief.quantile(cycles, 0.5);
        Doubt doubt = new Doubt(belief, days, knowledge.dayToDay * cycle);
        return new WaterOutlook(
                true,
                doubt.at(OUTSIDE),
                belief.quantile(days, 0.5),
                doubt.at(1 - OUTSIDE),
                doubt.at(knowledge.check.low()),
                doubt.at(knowledge.check.high()),
                fullnessNow(),
                usual.fullness(usual.thresholdMl()),
                belief.mean(pour),
                cycle,
                expectedDays(),
                Math.exp(belief.meanLogThirst() - usualLog),
                belief.spreadLog(cycles),
                seen.size(),
                measured,
                judged >= knowledge.early.least() && measured && seen.size() >= knowledge.early.readings()
                        ? OptionalDouble.of((double) early / judged)
                        : OptionalDouble.empty());
    }
}

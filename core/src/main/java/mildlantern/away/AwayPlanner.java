package mildlantern.away;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import mildlantern.knowledge.Entry;
import mildlantern.knowledge.KnowledgeException;
import mildlantern.knowledge.KnowledgeFiles;
import mildlantern.plant.PlantId;
import mildlantern.water.Prospect;

/**
 * Plans what is done before a grower goes away, and when a helper comes.
 *
 * <p>Each plant gets the least measure that brings its chance of harm under what is accepted. Whoever still is not safe is watered by the helper: on the last
 * day on which all are still safe he waters what wants water by then, and what would not last until the next such day, and so on until the return; no plan
 * with fewer days keeps them all safe, as each visit is as late as can be.
 */
public final class AwayPlanner {
    private static final double EARLY = 0.1;
    private static final double LIKELY = 0.5;

    private final double accepted;
    private final Prospect.Left shade;
    private final Prospect.Left group;
    private final double spare;
    private final double most;
    private final double roundTo;
    private final int gap;

    private AwayPlanner(Entry file) {
        accepted = file.number("harm", 0.001, 0.5);
        shade = left(file.at("shade"));
        group = left(file.at("group"));
        spare = file.number("reservoir-spare", 1, 3);
        most = file.number("reservoir-most", 100, 50_000);
        roundTo = file.number("round-to", 1, 1000);
        gap = (int) file.number("gap", 1, 30);
    }

    private static Prospect.Left left(Entry entry) {
        return new Prospect.Left(true, 0, entry.number("light", 0, 1), entry.number("deficit", 0.1, 1));
    }

    /**
     * Reads the figures.
     *
     * @throws KnowledgeException if the file is wrong
     */
    public static AwayPlanner load() {
        return new AwayPlanner(KnowledgeFiles.open("away.yaml"));
    }

    /** Whether a plant is in danger if nothing is done; what rests dry is not. */
    public boolean endangers(AwayPlan.Line line) {
        return line.harmAsItIs() > accepted && line.measure() != Measure.KEPT_DRY;
    }

    /** The chance of harm up to which a plant is left to itself. */
    double accepted() {
        return accepted;
    }

    /**
     * Makes the plan.
     *
     * @param leaves the last day on which the grower waters
     * @param back the first on which he waters again, after that
     */
    public AwayPlan plan(List<LeftPlant> plants, LocalDate leaves, LocalDate back, Waterer who) {
        int days = (int) ChronoUnit.DAYS.between(leaves, back);
        List<AwayPlan.Line> lines = new ArrayList<>();
        Map<PlantId, Kept> watered = new HashMap<>();
        for (LeftPlant plant : plants) {
            Prospect.Alone asItIs = plant.prospect().alone(Prospect.Left.AS_IT_IS, leaves, days);
            Kept kept = kept(plant, asItIs, leaves, days, who);
            lines.add(new AwayPlan.Line(
                    plant.id(),
                    leaves.plusDays((long) asItIs.wants(EARLY)),
                    leaves.plusDays((long) asItIs.wants(LIKELY)),
                    asItIs.chanceOfHarm(days),
                    kept.measure(),
                    kept.helped(),
                    kept.reservoirMl(),
                    kept.alone().chanceOfHarm(days)));
            if (kept.helped()) {
                watered.put(plant.id(), kept);
            }
        }
        lines.sort(AwayPlan.MOST_AT_RISK_FIRST);
        return new AwayPlan(List.copyOf(lines), visits(watered, plants, leaves, days));
    }

    private record Kept(Measure measure, boolean helped, int reservoirMl, Prospect.Alone alone) {
        Kept byHelper() {
            return new Kept(measure, true, reservoirMl, alone);
        }
    }

    private Kept kept(LeftPlant plant, Prospect.Alone asItIs, LocalDate leaves, int days, Waterer who) {
        if (plant.wants().daysBetween().isPresent()) {
            return new Kept(Measure.KEPT_DRY, false, 0, asItIs);
        }
        if (asItIs.chanceOfHarm(days) <= accepted && asItIs.wants(LIKELY) > days / 2.0) {
            return new Kept(Measure.NOTHING, false, 0, asItIs);
        }
        List<Measure> ladder = who == Waterer.RESERVOIRS
                ? List.of(Measure.RESERVOIR, Measure.SHADE, Measure.GROUP)
                : List.of(Measure.SHADE, Measure.GROUP, Measure.RESERVOIR);
        Kept best = with(plant, Measure.SOAK, leaves, days);
        for (Measure measure : ladder) {
            boolean seldom = who == Waterer.HELPER && best.alone().safeDays(accepted) >= gap;
            if (!safe(best, days) && !seldom && possible(plant, measure)) {
                best = with(plant, measure, leaves, days);
            }
        }
        return safe(best, days) ? best : best.byHelper();
    }

    private boolean safe(Kept kept, int days) {
        return kept.alone().chanceOfHarm(days) <= accepted;
    }

    private static boolean possible(LeftPlant plant, Measure measure) {
        return switch (measure) {
            case SHADE, GROUP -> !plant.outdoors();
            case RESERVOIR -> plant.wicks();
            default -> true;
        };
    }

    private Kept with(LeftPlant plant, Measure measure, LocalDate leaves, int days) {
        Prospect.Left left = switch (measure) {
            case SHADE -> shade;
            case GROUP -> group;
            default -> Prospect.Left.SOAKED;
        };
        int reservoir = 0;
        if (measure == Measure.RESERVOIR) {
            double wanted = spare * days * plant.prospect().lossMl(Prospect.Left.SOAKED, leaves);
            reservoir = (int) (Math.ceil(Math.min(most, wanted) / roundTo) * roundTo);
            left = new Prospect.Left(true, reservoir, 1, 1);
        }
        return new Kept(measure, false, reservoir, plant.prospect().alone(left, leaves, days));
    }

    /** Each visit as late as all stay safe; whoever wants water by then gets some, and whoever would call for the next visit sooner than need be. */
    private List<AwayPlan.Visit> visits(
            Map<PlantId, Kept> watered, List<LeftPlant> plants, LocalDate leaves, int days) {
        Map<PlantId, Integer> last = new HashMap<>();
        watered.keySet().forEach(id -> last.put(id, 0));
        List<AwayPlan.Visit> visits = new ArrayList<>();
        int day = next(watered, last);
        while (day < days) {
            int now = day;
            int nextAtBest = Math.min(
                    days,
                    now
                            + watered.values().stream()
                                    .mapToInt(this::safeDays)
                                    .min()
                                    .orElse(days));
            List<AwayPlan.Portion> portions = plants.stream()
                    .filter(plant -> watered.containsKey(plant.id()))
                    .filter(plant -> {
                        Kept kept = Objects.requireNonNull(watered.get(plant.id()));
                        int before = Objects.requireNonNull(last.get(plant.id()));
                        return now - before >= kept.alone().wants(LIKELY) || before + safeDays(kept) < nextAtBest;
                    })
                    .map(plant -> new AwayPlan.Portion(
                            plant.id(), rounded(plant.prospect().wetThroughMl())))
                    .toList();
            portions.forEach(portion -> last.put(portion.plant(), now));
            visits.add(new AwayPlan.Visit(leaves.plusDays(now), portions));
            day = next(watered, last);
        }
        return List.copyOf(visits);
    }

    /** The last day on which all are still safe. */
    private int next(Map<PlantId, Kept> watered, Map<PlantId, Integer> last) {
        return watered.entrySet().stream()
                .mapToInt(entry -> Objects.requireNonNull(last.get(entry.getKey())) + safeDays(entry.getValue()))
                .min()
                .orElse(Integer.MAX_VALUE);
    }

    private int safeDays(Kept kept) {
        return Math.max(1, kept.alone().safeDays(accepted));
    }

    private static int rounded(double ml) {
        return (int) Math.max(10, ml < 100 ? Math.rint(ml / 10) * 10 : Math.rint(ml / 50) * 50);
    }
}

package mildlantern.pest;

import java.util.Arrays;
import java.util.List;

/** Expected numbers of one pest, each stage a chain of parts. Changes as time goes on; one reckoning owns it. */
final class Population {
    private final LifeTable table;
    private final double[] parts;
    /** Where each stage begins among the parts; one more than there are stages. */
    private final int[] from;

    private final double[] onward;
    private final double[] kept;
    private final double laid;

    Population(LifeTable table, double celsius) {
        this.table = table;
        List<Stage> stages = table.stages();
        from = new int[stages.size() + 1];
        for (int i = 0; i < stages.size(); i++) {
            from[i + 1] = from[i] + table.parts(stages.get(i));
        }
        parts = new double[from[stages.size()]];
        onward = new double[stages.size()];
        kept = new double[stages.size()];
        double perStep = table.degreeDays(celsius) / LifeTable.STEPS;
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            onward[i] = Math.min(1, perStep * (from[i + 1] - from[i]) / stage.degreeDays());
            kept[i] = Math.pow(1 - stage.lossPerDay(), 1.0 / LifeTable.STEPS);
        }
        laid = table.laysPerDegreeDay() * perStep * table.female();
    }

    /** The stages in the proportion that lasts, as many in all as said. */
    static Population settled(LifeTable table, double celsius, double total) {
        Population population = new Population(table, celsius);
        population.parts[0] = 1;
        double generation = table.degreeDaysToAdult() / Math.max(1, table.degreeDays(celsius));
        int days = (int) Math.min(400, Math.ceil(4 * generation));
        for (int day = 0; day < days; day++) {
            population.day();
            population.scaleTo(1);
        }
        population.scaleTo(total);
        return population;
    }

    /** One female that has just begun to lay. */
    static Population founder(LifeTable table, double celsius) {
        Population population = new Population(table, celsius);
        population.parts[population.from[table.stages().size() - 1]] = 1;
        return population;
    }

    private void scaleTo(double total) {
        double now = total();
        if (now > 0) {
            for (int i = 0; i < parts.length; i++) {
                parts[i] *= total / now;
            }
        } else {
            parts[0] = total;
        }
    }

    void day() {
        for (int i = 0; i < LifeTable.STEPS; i++) {
            step();
        }
    }

    private void step() {
        int laying = onward.length - 1;
        double mothers = 0;
        for (int part = from[laying]; part < from[laying + 1]; part++) {
            mothers += parts[part];
        }
        double born = mothers * laid;
        double arriving = 0;
        for (int stage = 0; stage < onward.length; stage++) {
            double goes = onward[stage];
            double lives = kept[stage];
            for (int part = from[stage]; part < from[stage + 1]; part++) {
                double here = parts[part] * lives;
                double leaving = here * goes;
                parts[part] = here - leaving + arriving;
                arriving = leaving;
            }
        }
        parts[0] += born;
    }

    /** Kills a share of each stage. */
    void kill(double[] shares) {
        for (int stage = 0; stage < shares.length; stage++) {
            double left = 1 - shares[stage];
            for (int part = from[stage]; part < from[stage + 1]; part++) {
                parts[part] *= left;
            }
        }
    }

    double[] byStage() {
        double[] sums = new double[onward.length];
        for (int stage = 0; stage < sums.length; stage++) {
            for (int part = from[stage]; part < from[stage + 1]; part++) {
                sums[stage] += parts[part];
            }
        }
        return sums;
    }

    double total() {
        return Arrays.stream(parts).sum();
    }

    /** How many of those that are noticed. */
    double noticed() {
        double[] byStage = byStage();
        double noticed = 0;
        for (int i = 0; i < byStage.length; i++) {
            if (table.seenStages().contains(table.stages().get(i).name())) {
                noticed += byStage[i];
            }
        }
        return noticed;
    }
}

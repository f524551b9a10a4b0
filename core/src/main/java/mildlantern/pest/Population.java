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

    Population(Population other) {
        table = other.table;
        parts = other.parts.clone();
        from = other.from;
        onward = other.onward;
        kept = other.kept;
        laid = other.laid;
    }

    /**
     * The stages in the proportion that lasts, as many in all as said: the eigenvector of a step, whose parts follow one from another once
     * its factor of growth is known.
     */
    static Population settled(LifeTable table, double celsius, double total) {
        Population population = new Population(table, celsius);
        double low = 1 - 0.9 / LifeTable.STEPS;
        for (double kept : population.kept) {
            low = Math.max(low, kept);
        }
        double high = 2;
        for (int i = 0; i < 100; i++) {
            double middle = (low + high) / 2;
            if (population.fill(middle) > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        population.fill((low + high) / 2);
        double sum = population.total();
        for (int i = 0; i < population.parts.length; i++) {
            population.parts[i] *= total / sum;
        }
        return population;
    }

    /** Fills the parts as they stand when a step multiplies all by the factor; returns how many are born beyond what that asks for. */
    private double fill(double factor) {
        double arriving = 0;
        double mothers = 0;
        for (int stage = 0; stage < onward.length; stage++) {
            double stays = kept[stage] * (1 - onward[stage]);
            for (int part = from[stage]; part < from[stage + 1]; part++) {
                parts[part] = part == 0 ? 1 : arriving / (factor - stays);
                arriving = parts[part] * kept[stage] * onward[stage];
                mothers += stage == onward.length - 1 ? parts[part] : 0;
            }
        }
        return mothers * laid - (factor - kept[0] * (1 - onward[0]));
    }

    /** One female that has just begun to lay. */
    static Population founder(LifeTable table, double celsius) {
        Population population = new Population(table, celsius);
        population.parts[population.from[table.stages().size() - 1]] = 1;
        return population;
    }

    void day() {
        double room = Math.max(0, 1 - total() / table.most());
        for (int i = 0; i < LifeTable.STEPS; i++) {
            step(room);
        }
    }

    /** @param room share of their eggs that females lay as the plant grows crowded */
    private void step(double room) {
        int laying = onward.length - 1;
        double mothers = 0;
        for (int part = from[laying]; part < from[laying + 1]; part++) {
            mothers += parts[part];
        }
        double born = mothers * laid * room;
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

    void scale(double factor) {
        for (int i = 0; i < parts.length; i++) {
            parts[i] *= factor;
        }
    }

    /** Moving stages go to and fro between two places, a share of each in a day. */
    void exchange(Population other, double there, double back) {
        for (int stage = 0; stage < onward.length; stage++) {
            if (moves(stage)) {
                for (int part = from[stage]; part < from[stage + 1]; part++) {
                    double goes = parts[part] * there;
                    double comes = other.parts[part] * back;
                    parts[part] += comes - goes;
                    other.parts[part] += goes - comes;
                }
            }
        }
    }

    private boolean moves(int stage) {
        StageKind kind = table.stages().get(stage).kind();
        return kind == StageKind.YOUNG || kind == StageKind.ADULT;
    }

    /** How many are past the egg and not resting. */
    double moving() {
        double[] byStage = byStage();
        double moving = 0;
        for (int i = 0; i < byStage.length; i++) {
            moving += moves(i) ? byStage[i] : 0;
        }
        return moving;
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

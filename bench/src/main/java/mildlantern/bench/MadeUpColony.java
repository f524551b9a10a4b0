package mildlantern.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import mildlantern.pest.Effect;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Stage;
import mildlantern.pest.StageKind;
import mildlantern.quantity.Range;
import mildlantern.treatment.CourseComposer;

/**
 * One plant's pests, each animal by itself and each die cast: what the planner reckons in expected numbers. Its figures differ from the planner's: each
 * means kills from half to twice as hard as the knowledge base says, and from half to twice as much is missed.
 */
final class MadeUpColony {
    /** Of those that a careful look can find, so many are found. */
    private static final double FOUND = 0.5;

    private static final class Animal {
        private int stage;
        private double grown;
        private double pace;
        private boolean missed;

        private Animal(int stage, double pace, boolean missed) {
            this.stage = stage;
            this.pace = pace;
            this.missed = missed;
        }
    }

    private final LifeTable table;
    private final double celsius;
    private final RandomGenerator dice;
    private final double laying;
    private final double coverage;
    private final double refuge;
    private final Map<Effect, Double> times = new HashMap<>();
    private List<Animal> animals = new ArrayList<>();

    /** Three females that begin to lay. */
    MadeUpColony(LifeTable table, double celsius, RandomGenerator dice) {
        this.table = table;
        this.celsius = celsius;
        this.dice = dice;
        laying = between(table.unsure().laying());
        coverage = 0.8 + 0.17 * dice.nextDouble();
        refuge = CourseComposer.REFUGE * halfToTwice();
        for (int i = 0; i < 3; i++) {
            animals.add(new Animal(table.stages().size() - 1, pace(), false));
        }
    }

    private double between(Range range) {
        return range.low() + dice.nextDouble() * (range.high() - range.low());
    }

    private double halfToTwice() {
        return Math.pow(2, 2 * dice.nextDouble() - 1);
    }

    private double pace() {
        return Math.max(0.3, 1 + table.spread() * dice.nextGaussian());
    }

    /** A day: some die by themselves, the others grow, move and lay. */
    void day() {
        List<Animal> next = new ArrayList<>(animals.size());
        double degreeDays = table.degreeDays(celsius);
        double room = Math.max(0, 1 - animals.size() / table.most());
        double eggs = table.laysPerDegreeDay() * table.female() * degreeDays * laying * room;
        for (Animal one : animals) {
            Stage stage = table.stages().get(one.stage);
            if (dice.nextDouble() < stage.lossPerDay()) {
                continue;
            }
            boolean lays = one.stage == table.stages().size() - 1;
            for (int i = lays ? poisson(eggs) : 0; i > 0; i--) {
                next.add(new Animal(0, pace(), one.missed));
            }
            one.grown += degreeDays * one.pace;
            if (one.grown >= stage.degreeDays()) {
                if (lays) {
                    continue;
                }
                one.grown -= stage.degreeDays();
                one.stage++;
            }
            if (moves(one) && dice.nextDouble() < table.wander()) {
                one.missed = dice.nextDouble() < refuge;
            }
            next.add(one);
        }
        animals = next;
    }

    private int poisson(double mean) {
        double left = Math.exp(-mean);
        int count = 0;
        for (double product = dice.nextDouble(); product > left; product *= dice.nextDouble()) {
            count++;
        }
        return count;
    }

    /** What was used so many days ago does its work. */
    void treat(Effect effect, int daysAgo) {
        double power = times.computeIfAbsent(effect, one -> halfToTwice());
        boolean works = daysAgo >= effect.startsDays() && daysAgo < effect.startsDays() + effect.lastsDays();
        animals.removeIf(one -> {
            boolean met = effect.thorough() || !one.missed && dice.nextDouble() < coverage;
            return daysAgo == 0 && met && dies(effect.atOnce().get(one.stage), power)
                    || works && dies(effect.daily().get(one.stage), power);
        });
    }

    /** What kills so many times as hard leaves the share that lives raised to that power, as in the figures of a house. */
    private boolean dies(Range share, double power) {
        return dice.nextDouble() >= Math.pow(1 - (share.low() + share.high()) / 2, power);
    }

    private boolean moves(Animal one) {
        StageKind kind = table.stages().get(one.stage).kind();
        return kind == StageKind.YOUNG || kind == StageKind.ADULT;
    }

    int moving() {
        return (int) animals.stream().filter(this::moves).count();
    }

    int all() {
        return animals.size();
    }

    /** How many somebody counts who looks closely. */
    int counted() {
        return (int) animals.stream()
                .filter(one -> table.seenStages()
                        .contains(table.stages().get(one.stage).name()))
                .filter(one -> dice.nextDouble() < FOUND)
                .count();
    }
}

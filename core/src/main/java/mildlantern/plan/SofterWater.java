package mildlantern.plan;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import mildlantern.care.Change;
import mildlantern.plant.PlantId;

/** Softer water for those who want it: fetching it is worth what all of them gain together, or nobody gets it. It hangs on no stop. */
final class SofterWater {
    private final Household house;
    private final PlanKnowledge knowledge;
    private final ToDoubleFunction<Household.Housed> weight;

    /** @param weight how much the misses of a plant count */
    SofterWater(Household house, PlanKnowledge knowledge, ToDoubleFunction<Household.Housed> weight) {
        this.house = house;
        this.knowledge = knowledge;
        this.weight = weight;
    }

    /** Plants that are to get it. */
    Set<PlantId> plants() {
        Set<PlantId> softer = new HashSet<>();
        double gain = 0;
        for (Household.Housed housed : house.plants()) {
            double its = gain(housed) - knowledge.waterAPlant;
            if (its > 0) {
                softer.add(housed.plant().id());
                gain += its;
            }
        }
        return gain > fetching() ? softer : Set.of();
    }

    /** What the plants miss for their water, and what softer water costs. */
    double cost(Set<PlantId> softer) {
        double cost = softer.isEmpty() ? 0 : fetching();
        for (Household.Housed housed : house.plants()) {
            cost += weight.applyAsDouble(housed) * housed.hardWater();
            if (softer.contains(housed.plant().id())) {
                cost += knowledge.waterAPlant - gain(housed);
            }
        }
        return cost;
    }

    /** Where such water helped more often than the book says it still takes away no more than there is. */
    private double gain(Household.Housed housed) {
        double factor =
                house.experience().factor(housed.plant().profile().id(), Change.Kind.WATER, Optional.of(housed.stop()));
        return weight.applyAsDouble(housed) * housed.hardWater() * Math.min(1, factor);
    }

    private double fetching() {
        return house.around().softWater() ? 0 : knowledge.anotherWater;
    }
}

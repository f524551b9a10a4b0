package mildlantern.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import mildlantern.care.Spot;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;

/** The order in which plants are carried, so that every place is free when its plant comes. */
public final class MoveOrder {
    private MoveOrder() {}

    /**
     * One carrying.
     *
     * @param aside whether it is taken off its stop first and set down anywhere, as two plants change places
     */
    public record Carry(HousePlan.Fate fate, boolean aside) {}

    /** @return every move of the plan once, and before it a setting aside where there is no other way */
    public static List<Carry> of(Household house, HousePlan plan, HousePlanner planner) {
        Weighed weighed = planner.weigh(house);
        Map<PlantId, Double> size = new HashMap<>();
        Map<StopId, Double> free = new HashMap<>();
        for (Spot spot : house.spots()) {
            free.put(spot.id(), weighed.room(spot));
        }
        for (Household.Housed housed : house.plants()) {
            size.put(housed.plant().id(), housed.boardSquareCm());
            free.merge(housed.stop(), -housed.boardSquareCm(), Double::sum);
        }
        List<HousePlan.Fate> pending = new ArrayList<>(plan.moves());
        List<HousePlan.Fate> aside = new ArrayList<>();
        List<Carry> order = new ArrayList<>();
        while (!pending.isEmpty()) {
            if (!carryWhatFits(pending, aside, free, size, order)) {
                HousePlan.Fate first = pending.stream()
                        .filter(fate -> !aside.contains(fate))
                        .findFirst()
                        .orElse(pending.get(0));
                order.add(new Carry(first, true));
                aside.add(first);
                free.merge(first.from(), size.getOrDefault(first.plant(), 0.0), Double::sum);
            }
        }
        return List.copyOf(order);
    }

    private static boolean carryWhatFits(
            List<HousePlan.Fate> pending,
            List<HousePlan.Fate> aside,
            Map<StopId, Double> free,
            Map<PlantId, Double> size,
            List<Carry> order) {
        boolean any = false;
        for (Iterator<HousePlan.Fate> moves = pending.iterator(); moves.hasNext(); ) {
            HousePlan.Fate fate = moves.next();
            double square = size.getOrDefault(fate.plant(), 0.0);
            boolean allAside = aside.size() == pending.size();
            if (free.getOrDefault(fate.to(), 0.0) + 1e-6 >= square || allAside) {
                order.add(new Carry(fate, false));
                free.merge(fate.to(), -square, Double::sum);
                if (!aside.remove(fate)) {
                    free.merge(fate.from(), square, Double::sum);
                }
                moves.remove();
                any = true;
            }
        }
        return any;
    }
}

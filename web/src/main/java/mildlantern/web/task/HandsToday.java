package mildlantern.web.task;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import mildlantern.plant.PlantId;

/** Work by hand as it stands on a day. */
public final class HandsToday {
    private final LocalDate day;
    private final List<Asked> due;
    private final Map<PlantId, Long> dueByPlant;
    private final Set<PlantId> dry;

    /**
     * @param day the day
     * @param due what is due on it
     * @param dry plants that wait for their first water after a repotting, or while a cut dries
     */
    HandsToday(LocalDate day, List<Asked> due, Set<PlantId> dry) {
        this.day = day;
        this.due = List.copyOf(due);
        this.dry = Set.copyOf(dry);
        dueByPlant = due.stream()
                .flatMap(one -> one.plant().stream())
                .collect(Collectors.groupingBy(plant -> plant, Collectors.counting()));
    }

    public LocalDate day() {
        return day;
    }

    /** What is due. */
    public List<Asked> due() {
        return due;
    }

    /** How much is due on a plant. */
    public int due(PlantId plant) {
        return dueByPlant.getOrDefault(plant, 0L).intValue();
    }

    /** Whether a plant waits for its first water after a repotting, or while a cut dries. */
    public boolean keptDry(PlantId plant) {
        return dry.contains(plant);
    }

    /** All plants that are named. */
    public Set<PlantId> plants() {
        Set<PlantId> all = new HashSet<>(dueByPlant.keySet());
        all.addAll(dry);
        return all;
    }
}

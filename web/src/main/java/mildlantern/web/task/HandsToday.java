package mildlantern.web.task;

import java.time.LocalDate;
import java.util.List;
import mildlantern.plant.PlantId;

/**
 * Work by hand as it stands on a day.
 *
 * @param day the day
 * @param asked what is due, and what is planned for the weeks ahead, by its day
 */
public record HandsToday(LocalDate day, List<Asked> asked) {
    /** What is due. */
    public List<Asked> due() {
        return asked.stream().filter(one -> !one.day().isAfter(day)).toList();
    }

    /** How much is due on a plant. */
    public int due(PlantId plant) {
        return (int) due().stream()
                .filter(one -> one.plant().filter(plant::equals).isPresent())
                .count();
    }

    /** Whether a plant waits for its first water after a repotting, or while a cut dries. */
    public boolean keptDry(PlantId plant) {
        return asked.stream()
                .filter(one -> one.day().isAfter(day))
                .filter(one -> one.what().filter(HandTask.WATERS::contains).isPresent())
                .anyMatch(one -> one.plant().filter(plant::equals).isPresent());
    }

    /** All plants that are named. */
    public List<PlantId> plants() {
        return asked.stream().flatMap(one -> one.plant().stream()).distinct().toList();
    }
}

package mildlantern.web.log;

import java.time.LocalDate;
import java.util.function.ToIntFunction;
import mildlantern.log.Counted;
import mildlantern.log.LogEntry;
import mildlantern.place.StopId;
import mildlantern.web.plant.Plant;
import org.jspecify.annotations.Nullable;

/** What an entry changes of the plant that it is written of. */
public final class Effects {
    private Effects() {}

    /**
     * The plant after an entry.
     *
     * @param day when it happened
     * @param nextPlace where a plant that comes to a stop would stand
     */
    public static Plant after(Plant plant, LocalDate day, LogEntry entry, ToIntFunction<StopId> nextPlace) {
        if (entry instanceof LogEntry.Moved moved) {
            return moved.to()
                    .filter(to -> !to.equals(plant.stop()))
                    .map(to -> plant.standingAt(to, nextPlace.applyAsInt(to)).at(null, null))
                    .orElse(plant);
        } else if (entry instanceof LogEntry.Repotted repotted) {
            return plant.potted(
                            plant.potKind(),
                            diameter(plant, repotted),
                            repotted.medium().orElse(plant.medium()),
                            day)
                    .pot(plant.potHeightCm(), plant.reservoirMl(), day)
                    .weighing(null, null);
        } else if (entry instanceof LogEntry.Weighed weighed) {
            return weighed(plant, weighed);
        } else if (entry instanceof LogEntry.Bloom bloom) {
            return plant.bloomingSince(bloom.opened() ? day : null);
        } else if (entry instanceof LogEntry.Count count) {
            return counted(plant, count);
        }
        return plant;
    }

    private static @Nullable Double diameter(Plant plant, LogEntry.Repotted repotted) {
        return repotted.diameterCm().isPresent()
                ? Double.valueOf(repotted.diameterCm().getAsDouble())
                : plant.potDiameterCm();
    }

    private static Plant weighed(Plant plant, LogEntry.Weighed weighed) {
        return weighed.yardstick()
                .map(as -> switch (as) {
                    case WET_THROUGH -> plant.weighing(weighed.grams(), plant.dryGrams());
                    case BONE_DRY -> plant.weighing(plant.wetGrams(), weighed.grams());
                })
                .orElse(plant);
    }

    private static Plant counted(Plant plant, LogEntry.Count count) {
        return plant.counted(
                count.what() == Counted.LEAVES ? count.number() : plant.leaves(),
                plant.growths(),
                count.what() == Counted.OFFSETS ? count.number() : plant.offsets(),
                count.what() == Counted.FLOWERS ? count.number() : plant.flowers(),
                count.what() == Counted.BUDS ? count.number() : plant.buds());
    }
}

package mildlantern.web.log;

import java.time.LocalDate;
import java.util.Optional;
import mildlantern.log.LogKind;
import mildlantern.place.StopId;
import mildlantern.web.plant.Plant;
import org.jspecify.annotations.NullUnmarked;

/** What of a plant an entry of its log can change, as it was before: kept with the entry, so that it can be taken back. */
@NullUnmarked
public record PlantState(
        StopId stop,
        int place,
        Double planX,
        Double planY,
        Double potDiameterCm,
        String medium,
        LocalDate pottedOn,
        LocalDate mediumSince,
        Integer wetGrams,
        Integer dryGrams,
        int leaves,
        int growths,
        int offsets,
        int flowers,
        int buds,
        LocalDate bloomSince,
        Plant.State state,
        LocalDate endedOn,
        String endedCause) {

    public static PlantState of(Plant plant) {
        return new PlantState(
                plant.stop(),
                plant.placeOnStop(),
                plant.planX(),
                plant.planY(),
                plant.potDiameterCm(),
                plant.medium(),
                plant.pottedOn(),
                plant.mediumSince(),
                plant.wetGrams(),
                plant.dryGrams(),
                plant.leaves(),
                plant.growths(),
                plant.offsets(),
                plant.flowers(),
                plant.buds(),
                plant.bloomSince(),
                plant.state(),
                plant.endedOn(),
                plant.endedCause());
    }

    /** Gives back what an entry of a kind had changed, and only that. */
    public Plant giveBack(LogKind kind, Plant plant) {
        return changed(kind)
                .map(what -> switch (what) {
                    case PLACE -> plant.standingAt(stop, place).at(planX, planY);
                    case POT ->
                        (kind == LogKind.REPOTTED
                                        ? plant.potted(plant.potKind(), potDiameterCm, medium, pottedOn)
                                                .pot(plant.potHeightCm(), plant.reservoirMl(), mediumSince)
                                        : plant)
                                .weighing(wetGrams, dryGrams);
                    case COUNTS -> plant.counted(leaves, growths, offsets, flowers, buds);
                    case BLOOM -> plant.bloomingSince(bloomSince);
                    case LIFE -> plant.ended(state, endedOn, endedCause);
                })
                .orElse(plant);
    }

    /** What of a plant an entry changes. Of two entries that change the same, the later is taken back first. */
    public enum Changed {
        PLACE,
        POT,
        COUNTS,
        BLOOM,
        LIFE
    }

    /** What an entry of this kind changes of the plant, if anything. */
    public static Optional<Changed> changed(LogKind kind) {
        return switch (kind) {
            case MOVED, SHIFTED -> Optional.of(Changed.PLACE);
            case REPOTTED, WEIGHED -> Optional.of(Changed.POT);
            case COUNTED, SPLIT -> Optional.of(Changed.COUNTS);
            case BLOOM_OPENED, BLOOM_ENDED -> Optional.of(Changed.BLOOM);
            case RETIRED, LOST -> Optional.of(Changed.LIFE);
            default -> Optional.empty();
        };
    }
}

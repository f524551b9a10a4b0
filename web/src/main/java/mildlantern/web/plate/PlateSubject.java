package mildlantern.web.plate;

import mildlantern.look.Look;
import mildlantern.plant.GrowthForm;
import mildlantern.plant.PlantId;
import mildlantern.plant.PotKind;
import org.jspecify.annotations.Nullable;

/**
 * What a plate needs to know of a plant.
 *
 * @param id the plant; the same plant is always drawn the same way
 * @param form its growth form
 * @param look what its kind is told by
 * @param vessel what it stands in
 * @param medium id of its medium
 * @param leaves leaves or fronds, 0 where not counted
 * @param growths pitchers or canes, 0 where not counted
 * @param offsets offsets
 * @param flowers open flowers
 * @param buds buds
 */
public record PlateSubject(
        PlantId id,
        GrowthForm form,
        Look look,
        PotKind vessel,
        @Nullable String medium,
        int leaves,
        int growths,
        int offsets,
        int flowers,
        int buds) {}

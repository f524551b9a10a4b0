package mildlantern.care;

import java.util.Optional;
import mildlantern.nutrition.WaterAnalysis;

/**
 * The plant in question.
 *
 * @param here where it stands
 * @param pot what its pot gives
 * @param water what its water holds, by the grower's own analysis where there is one
 * @param feedHeld whether it must not be fed now
 * @param moveHeld whether it must not be moved now
 */
public record Subject(
        Changes.Resident plant,
        Spot here,
        PotGives pot,
        Optional<WaterAnalysis> water,
        boolean feedHeld,
        boolean moveHeld) {}

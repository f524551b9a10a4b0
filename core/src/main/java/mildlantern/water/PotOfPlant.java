package mildlantern.water;

import java.util.OptionalDouble;
import mildlantern.plant.Dryness;
import mildlantern.plant.Medium;
import mildlantern.plant.PotKind;
import mildlantern.plant.Profile;
import mildlantern.quantity.Limits;

/**
 * A plant and what it stands in, as far as water is concerned.
 *
 * @param profile its kind
 * @param dryness how dry it gets before the next watering, at its time of the year
 * @param wall what the pot is made of
 * @param diameterCm across the top, 2 to 200 cm
 * @param heightCm inside, 1 to 200 cm; the usual height for the diameter where it is missing
 * @param medium what it grows in
 * @param leaves how much leaf it carries
 * @param reservoirMl what a reservoir or wick pot holds when full, 0 to 50 000 mL; 0 for none. A bog plant without a reservoir of
 *     its own is taken to stand in a tray
 */
public record PotOfPlant(
        Profile profile,
        Dryness dryness,
        PotKind wall,
        double diameterCm,
        OptionalDouble heightCm,
        Medium medium,
        LeafClass leaves,
        double reservoirMl) {
    /** A plant that gets as dry as its kind does in growth. */
    public PotOfPlant(
            Profile profile,
            PotKind wall,
            double diameterCm,
            OptionalDouble heightCm,
            Medium medium,
            LeafClass leaves,
            double reservoirMl) {
        this(profile, profile.dryness(), wall, diameterCm, heightCm, medium, leaves, reservoirMl);
    }

    /**
     * @throws IllegalArgumentException if a measure is impossible
     */
    public PotOfPlant {
        Limits.require("pot diameter", diameterCm, 2, 200, "cm");
        heightCm.ifPresent(height -> Limits.require("pot height", height, 1, 200, "cm"));
        Limits.require("reservoir", reservoirMl, 0, 50_000, "mL");
    }
}

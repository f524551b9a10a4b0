package mildlantern.care;

import java.util.List;
import mildlantern.place.StopId;
import mildlantern.plant.Dryness;
import mildlantern.plant.Profile;

/**
 * A stop and who stands there.
 *
 * @param gives what it gives
 * @param standing the plants that stand there
 * @param full whether another pot finds no room
 * @param alone whether it is for plants that must stand alone; nothing is proposed there
 * @param inWater whether what stands there stands in water
 * @param boardSquareM its board, m²
 * @param glassCase whether it is a small glass case
 */
public record Spot(
        StopId id,
        String name,
        Gives gives,
        List<Changes.Resident> standing,
        boolean full,
        boolean alone,
        boolean inWater,
        double boardSquareM,
        boolean glassCase) {
    /** The same stop where it gives something else. */
    public Spot giving(Gives other) {
        return new Spot(id, name, other, standing, full, alone, inWater, boardSquareM, glassCase);
    }

    /** Whether a plant of a kind may stand there: only what wants wet feet goes into a tray of water. */
    public boolean dryEnoughFor(Profile kind) {
        return !inWater || kind.dryness() == Dryness.BOG;
    }
}

package mildlantern.away;

import mildlantern.plant.PlantId;
import mildlantern.plant.Wants;
import mildlantern.water.Prospect;

/**
 * A plant that is left.
 *
 * @param prospect what its water will come to
 * @param wants what it wants at its time of the year
 * @param wicks whether its medium draws water up from a wick
 * @param outdoors whether it stands under the open sky, where it is not grouped or shaded by a step back
 */
public record LeftPlant(PlantId id, Prospect prospect, Wants wants, boolean wicks, boolean outdoors) {}

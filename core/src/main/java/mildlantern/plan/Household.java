package mildlantern.plan;

import java.util.List;
import mildlantern.care.Changes.Resident;
import mildlantern.care.Experience;
import mildlantern.care.Spot;
import mildlantern.place.StopId;

/**
 * A house to be planned.
 *
 * @param plants all that stand somewhere
 * @param spots all stops
 * @param experience what changes did in this house
 */
public record Household(List<Housed> plants, List<Spot> spots, Surroundings around, Experience experience) {
    /**
     * A plant of the house.
     *
     * @param plant who, and what it wants at its time of the year
     * @param stop where it stands
     * @param boardSquareCm what it takes up of a board, cm²
     * @param young whether it is a seedling or a cutting
     * @param stays whether it stays where it is: it stands alone, must not be moved now, or the grower says so
     * @param hardWater what it misses for its water, in the measure of a miss; 0 where its water suits it
     */
    public record Housed(
            Resident plant, StopId stop, double boardSquareCm, boolean young, boolean stays, double hardWater) {
        /** The same where it is to stand. */
        public Housed at(StopId other) {
            return new Housed(plant, other, boardSquareCm, young, stays, hardWater);
        }
    }
}

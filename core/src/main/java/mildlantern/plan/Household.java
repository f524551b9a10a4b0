package mildlantern.plan;

import java.util.List;
import java.util.Set;
import mildlantern.care.Changes.Resident;
import mildlantern.care.Experience;
import mildlantern.care.Spot;
import mildlantern.place.StopId;

/**
 * A house to be planned.
 *
 * @param plants all that stand somewhere
 * @param spots all stops
 * @param outdoors stops without a roof: no lamp, no humidifier, no net
 * @param closed stops that no further plant goes to: something catching stands there
 * @param experience what changes did in this house
 */
public record Household(
        List<Housed> plants, List<Spot> spots, Set<StopId> outdoors, Set<StopId> closed, Experience experience) {
    /**
     * A plant of the house.
     *
     * @param plant who, and what it wants at its time of the year
     * @param stop where it stands
     * @param boardSquareCm what it takes up of a board, cm²
     * @param young whether it is a seedling or a cutting
     * @param stays whether it stays where it is: it stands alone, must not be moved now, or the grower says so
     */
    public record Housed(Resident plant, StopId stop, double boardSquareCm, boolean young, boolean stays) {
        /** The same, to be left where it is. */
        public Housed staying() {
            return new Housed(plant, stop, boardSquareCm, young, true);
        }
    }
}

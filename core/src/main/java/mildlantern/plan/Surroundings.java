package mildlantern.plan;

import java.util.Map;
import java.util.Set;
import mildlantern.place.StopId;

/**
 * What else must be known of a house.
 *
 * @param rooms the room of each stop; one whose room is not said has its air for itself
 * @param outdoors stops without a roof: no lamp, no net, no other air
 * @param closed stops that no further plant goes to: something catching stands there
 * @param celsius how warm it is outdoors; no night indoors can be kept cooler than that
 * @param softWater whether any plant of the house gets soft water already
 */
public record Surroundings(
        Map<StopId, String> rooms, Set<StopId> outdoors, Set<StopId> closed, double celsius, boolean softWater) {
    public Surroundings {
        rooms = Map.copyOf(rooms);
        outdoors = Set.copyOf(outdoors);
        closed = Set.copyOf(closed);
    }

    /** The room of a stop, by a name that no other room has. */
    String room(StopId stop) {
        return rooms.getOrDefault(stop, stop.toString());
    }
}

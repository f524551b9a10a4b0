package mildlantern.web.care;

import java.util.List;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;

/** What the page of the whole house as one plan shows. */
final class HousePlanViews {
    private HousePlanViews() {}

    /**
     * @param sum what it does, in a sentence
     * @param sure how near it is to the best
     * @param eased what fewer plants lack with it: before and after
     * @param left plants that still lack something
     */
    record Page(
            Dialled dials,
            String sum,
            String sure,
            List<Eased> eased,
            List<Thing> things,
            List<Move> moves,
            List<Left> left,
            List<Pinned> pinned,
            int plants) {}

    /** What the dials say. */
    record Dialled(String mostMoves, boolean lamps, boolean money, List<PlantId> pin, List<StopId> bare) {}

    /** Of how many plants something is amiss. */
    record Eased(String what, long before, long after) {}

    /** Something to put up at a stop. */
    record Thing(StopId stop, String name, String words, String forWhom) {}

    /** A plant that is carried; number is its place in the order, and 0 for one that is set aside first. */
    record Move(
            int number,
            boolean aside,
            PlantId plant,
            String name,
            String from,
            String to,
            StopId stop,
            String gains,
            FormKey form) {}

    /** A plant that still lacks something. */
    record Left(PlantId plant, String name, String stop, String lacks) {}

    /** A plant that is to stay where it is. */
    record Pinned(PlantId plant, String name) {}
}

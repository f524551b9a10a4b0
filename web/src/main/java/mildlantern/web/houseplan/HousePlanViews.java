package mildlantern.web.houseplan;

import java.util.List;
import java.util.Optional;
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
     * @param drawing the walk before and after
     * @param left plants that still lack something
     * @param ahead what the year will ask next
     * @param lookAfter days after its last step on which a move is looked at
     */
    record Page(
            Dialled dials,
            String sum,
            String sure,
            List<Eased> eased,
            List<Thing> things,
            List<Move> moves,
            Drawing drawing,
            List<Left> left,
            List<Ahead> ahead,
            List<Pinned> pinned,
            int lookAfter) {}

    /**
     * A house that is planned while nobody waits.
     *
     * @param open whether it is being planned
     * @param words how far that is; blank where nothing was asked yet, or it is done
     * @param page the plan, once it was found
     */
    record Work(boolean open, String words, Optional<Page> page) {}

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

    /** A plant that still lacks something, and about until when; blank where no end is in sight. */
    record Left(PlantId plant, String name, String stop, String lacks, String until) {}

    /** What a stop will be for some plants from a day on. */
    record Ahead(String from, String stop, String what, String plants) {}

    /** The walk before and after, drawn; positions in px. */
    record Drawing(int width, int height, int before, int after, List<Band> bands, List<Pot> pots, List<Way> ways) {}

    /** A stop across the drawing. */
    record Band(String name, int y, int height) {}

    /**
     * A plant at its stop.
     *
     * @param state fits or lacks
     * @param leaves the word itself where it is to be carried away
     * @param number of its carrying, or blank
     */
    record Pot(int x, int y, String state, String leaves, String number, String name) {}

    /** How a plant is carried. */
    record Way(String path) {}

    /** A plant that is to stay where it is. */
    record Pinned(PlantId plant, String name) {}
}

package mildlantern.web.houseplan;

import java.util.List;
import java.util.Optional;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.TaskId;

/** What the page of the whole house as one plan shows. */
final class HousePlanViews {
    private HousePlanViews() {}

    /**
     * @param sum what it does, in a sentence
     * @param sure how near it is to the best
     * @param asks what it asks of time and of the meter
     * @param eased what fewer plants lack with it: before and after
     * @param waiting what earlier plans set up and nobody has done yet
     * @param softer plants that are to get softer water
     * @param drawing the walk before and after
     * @param left plants that still lack something
     * @param ahead what the year will ask next
     * @param pinned plants that stay where they are
     * @param together plants that stay together, each line of its own
     * @param neighbours plants that stand beside another, to be kept together
     * @param lookAfter days after its last step on which a move is looked at
     */
    record Page(
            PlanDials dials,
            String sum,
            String sure,
            String asks,
            List<Eased> eased,
            List<Thing> things,
            List<Waiting> waiting,
            List<Named> softer,
            List<Move> moves,
            Drawing drawing,
            List<Left> left,
            List<Ahead> ahead,
            List<Named> pinned,
            List<String> together,
            List<Named> neighbours,
            int lookAfter) {
        /** Whether there is anything to accept. */
        public boolean proposes() {
            return !moves.isEmpty() || !things.isEmpty() || !softer.isEmpty();
        }
    }

    /**
     * A house that is planned while nobody waits.
     *
     * @param open whether it is being planned
     * @param words how far that is; blank where nothing was asked yet, or it is done
     * @param page the plan, once it was found
     */
    record Work(boolean open, String words, Optional<Page> page) {}

    /** Of how many plants something is amiss. */
    record Eased(String what, long before, long after) {}

    /**
     * Something to set up at a stop or in a room.
     *
     * @param sent what the page sends back of it, a line each
     * @param without the address of the plan without it
     */
    record Thing(StopId stop, String name, String words, String forWhom, List<String> sent, String without) {}

    /** Something that was accepted and waits to be set up. */
    record Waiting(TaskId task, StopId stop, String name, String words) {}

    /**
     * A plant that is carried.
     *
     * @param number its place in the order; 0 for one that is set aside first
     * @param gains what was amiss with it, and what will be instead
     * @param stays the address of the plan where it is left
     */
    record Move(
            int number,
            boolean aside,
            PlantId plant,
            String name,
            String from,
            String to,
            StopId stop,
            String gains,
            FormKey form,
            String stays) {}

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

    /** A plant by its name. */
    record Named(PlantId plant, String name) {}
}

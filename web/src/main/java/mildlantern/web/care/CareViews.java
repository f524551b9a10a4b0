package mildlantern.web.care;

import java.util.List;
import java.util.Optional;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.TaskId;
import org.jspecify.annotations.Nullable;

/** What the pages of care show. */
final class CareViews {
    private CareViews() {}

    /** The page of one plant. */
    record Page(
            PlantId plant,
            String name,
            String kind,
            StopId stop,
            String stopName,
            List<Row> needs,
            Optional<Proposal> best,
            List<Proposal> others,
            List<Place> places,
            List<Step> plan,
            List<String> looks,
            Optional<OutcomeViews.Running> running,
            String held,
            FormKey form) {}

    /**
     * A need, drawn.
     *
     * @param from x of the lower end of what it wants
     * @param width of what it wants
     * @param low x of the lowest it got; likewise the highest, and the mark of the mean
     */
    record Row(
            String what,
            String words,
            String gets,
            String said,
            boolean off,
            double from,
            double width,
            double low,
            double high,
            double mark,
            List<Tick> ticks) {}

    /** A figure under a bar. */
    record Tick(double x, String words) {}

    /** A change with its costs, and the steps where it moves. */
    record Proposal(
            String kind,
            String words,
            String reason,
            String cost,
            String others,
            @Nullable StopId stop,
            List<Step> steps,
            List<String> warnings) {}

    /** A step in words. */
    record Step(
            String day,
            String words,
            boolean today,
            @Nullable TaskId task) {}

    /** A stop that was held against its needs. */
    record Place(StopId stop, String name, boolean here, String fits, String room) {}

    /** The page of the collection. */
    record All(List<Line> lines, int shown, int fitting, int all, boolean read, FormKey form) {}

    /** A plant that goes short. */
    record Line(PlantId plant, String name, String kind, String stop, String said, double missed, String change) {}
}

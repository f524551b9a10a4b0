package mildlantern.web.care;

import java.util.List;
import mildlantern.care.Change;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.FormKey;

/** What the pages show of changes and of what became of them. */
final class OutcomeViews {
    private OutcomeViews() {}

    /**
     * A change that runs.
     *
     * @param day of the look
     * @param ready whether that day has come
     * @param leaves what new leaves say; blank where they say nothing
     * @param there whether the plant stands where the change was to bring it
     */
    record Running(
            BatchId plan,
            String words,
            String began,
            String day,
            boolean ready,
            boolean there,
            List<Row> rows,
            String leaves,
            FormKey form) {}

    /** A need of it: what was, what was promised, what is read now, what would be without it, and what that says. */
    record Row(String what, String before, String promised, String now, String without, String said, String verdict) {}

    /** A change that is closed. */
    record Closed(PlantId plant, String name, String words, String began, String said, String verdict, String why) {}

    /** A change that runs, in the list of the collection. */
    record Coming(PlantId plant, String name, String words, String day, boolean ready) {}

    /**
     * What was learned of a kind of change on a kind of plant.
     *
     * @param expected how many of them the book expected to help
     * @param counts by how much such a change counts now, percent of what it would by the book
     */
    record Learned(
            String plantKind,
            String kindName,
            Change.Kind kind,
            String what,
            int helped,
            int seen,
            String expected,
            long counts) {}

    /**
     * The page of the collection.
     *
     * @param bookWeight as how many results what usually helps counts
     * @param taught what counts of pests have taught
     */
    record All(
            List<Coming> coming,
            List<Closed> closed,
            List<Learned> learned,
            long bookWeight,
            List<TreatmentResults.Lesson> taught) {}
}

package mildlantern.web.care;

import java.time.LocalDate;
import java.util.List;
import mildlantern.outcome.Verdict;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CollectionId;

/** What came of treating, for the page of results; told by the room that keeps courses. */
public interface TreatmentResults {
    /** Courses that have ended, in no order. */
    List<Ended> ended(CollectionId collection);

    /** What the counts of the collection have taught. */
    List<Lesson> lessons(CollectionId collection);

    /**
     * A course that has ended.
     *
     * @param words against what, and with what
     * @param why what its counts say
     */
    record Ended(PlantId plant, String words, LocalDate began, Verdict verdict, String why) {}

    /**
     * A figure that counts have moved.
     *
     * @param what which means or pest
     * @param words by how much, from how many counts
     */
    record Lesson(String what, String words) {}
}

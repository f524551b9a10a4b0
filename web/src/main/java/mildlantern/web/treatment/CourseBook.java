package mildlantern.web.treatment;

import java.util.List;
import java.util.Optional;
import mildlantern.plant.PlantId;
import mildlantern.web.platform.CaseId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.NotHere;
import mildlantern.web.routine.Routine;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Finds the courses of a collection, and changes one while nobody else does. */
@Component
class CourseBook {
    private final CourseRepositories.Courses courses;
    private final Routine routine;

    CourseBook(CourseRepositories.Courses courses, Routine routine) {
        this.courses = courses;
        this.routine = routine;
    }

    /** The course of a case that runs now. */
    @Transactional(readOnly = true)
    Optional<StoredCourse> running(CollectionId collection, CaseId caseId) {
        return courses.findByCollectionAndTroubleCaseOrderByStartedOnDesc(collection, caseId).stream()
                .filter(course -> course.state() == StoredCourse.State.RUNNING)
                .findFirst();
    }

    StoredCourse find(CollectionId collection, CourseId id) {
        return courses.findByCollectionAndId(collection, id.value()).orElseThrow(() -> new NotHere("course"));
    }

    /** Changes a course as it is now, while its plant is held: two who tick in the same moment tick one after the other. */
    <T, X extends Exception> T onCourse(CollectionId collection, CourseId id, Changing<T, X> changing) throws X {
        PlantId plant = courses.plantOf(collection.value(), id.value())
                .map(PlantId::new)
                .orElseThrow(() -> new NotHere("course"));
        return routine.change(collection, List.of(plant), () -> changing.of(find(collection, id)));
    }

    interface Changing<T, X extends Exception> {
        T of(StoredCourse course) throws X;
    }
}

package mildlantern.web.treatment;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import mildlantern.treatment.Course;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import org.springframework.stereotype.Component;

/** Plans the rest of a course anew, from what was done and seen. */
@Component
class CourseReplans {
    private final CourseRepositories.Steps steps;
    private final Plants plants;
    private final CourseComposer composer;
    private final Situations situations;
    private final TreatmentKnowledge knowledge;

    CourseReplans(
            CourseRepositories.Steps steps,
            Plants plants,
            CourseComposer composer,
            Situations situations,
            TreatmentKnowledge knowledge) {
        this.steps = steps;
        this.plants = plants;
        this.composer = composer;
        this.situations = situations;
        this.knowledge = knowledge;
    }

    /** Plans what is left anew, from what was really done. */
    void replan(StoredCourse course, LocalDate first) {
        List<StoredStep> all = steps.of(course.collection(), course.id());
        List<CourseComposer.Done> done = all.stream()
                .filter(step -> step.state() == StoredStep.State.DONE && step.uses())
                .sorted(Comparator.comparing(StoredStep::doneOn))
                .flatMap(step -> Stream.concat(step.step().wash().stream(), step.step().means().stream())
                        .map(means -> new CourseComposer.Done(means, step.doneOn())))
                .toList();
        Plant plant = plants.plant(course.collection(), course.plant());
        Course before = course.with(
                all.stream()
                        .filter(step -> step.state() != StoredStep.State.DONE || step.uses())
                        .map(StoredStep::step)
                        .toList(),
                knowledge);
        Course anew = composer.replan(situations.request(course, plant, first, List.of()), before, done, first);
        all.stream()
                .filter(step -> step.state() == StoredStep.State.PLANNED && !opening(step))
                .forEach(steps::delete);
        anew.steps().forEach(step -> steps.save(new StoredStep(course, step)));
        course.planned(anew);
    }

    /** Steps that a plan made anew does not lay down again. */
    static boolean opening(StoredStep step) {
        return step.phase() == Course.Phase.ISOLATE
                || step.phase() == Course.Phase.ANTS
                || step.phase() == Course.Phase.CLEAN
                || step.phase() == Course.Phase.TEST;
    }
}

package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import mildlantern.log.LogEntry;
import mildlantern.treatment.Course;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.BatchId;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.WrittenForms;
import mildlantern.web.routine.RecordWriter;
import mildlantern.web.routine.TakeBack;
import mildlantern.web.stop.Stop;
import mildlantern.web.stop.Stops;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Ticks the steps of a course, and takes a tick back: what was done goes into the record. */
@Service
@Transactional
class CourseTicks {
    private final CourseRepositories.Steps steps;
    private final Plants plants;
    private final Stops stops;
    private final RecordWriter log;
    private final TreatmentKnowledge knowledge;
    private final UsedMeans used;
    private final WrittenForms forms;
    private final Clock clock;
    private final TakeBack takeBack;
    private final CourseBook courseBook;
    private final CourseReplans courseReplans;

    CourseTicks(
            CourseRepositories.Steps steps,
            Plants plants,
            Stops stops,
            RecordWriter log,
            TreatmentKnowledge knowledge,
            UsedMeans used,
            WrittenForms forms,
            Clock clock,
            TakeBack takeBack,
            CourseBook courseBook,
            CourseReplans courseReplans) {
        this.steps = steps;
        this.plants = plants;
        this.stops = stops;
        this.log = log;
        this.knowledge = knowledge;
        this.used = used;
        this.forms = forms;
        this.clock = clock;
        this.takeBack = takeBack;
        this.courseBook = courseBook;
        this.courseReplans = courseReplans;
    }

    /**
     * Writes down what became of a step, and plans anew if that changes anything.
     *
     * @param how what became of it
     * @param on the day on which it was done
     */
    public void tick(
            CollectionId collection,
            CourseId courseId,
            StepId stepId,
            FormKey form,
            StoredStep.State how,
            LocalDate on) {
        courseBook.onCourse(collection, courseId, course -> {
            StoredStep step = step(course, stepId);
            boolean fresh = forms.firstTime(collection, form) && step.state() == StoredStep.State.PLANNED;
            if (fresh) {
                tick(course, step, form, how, on);
            }
            return fresh;
        });
    }

    private void tick(StoredCourse course, StoredStep step, FormKey form, StoredStep.State how, LocalDate on) {
        LocalDate today = LocalDate.now(clock);
        LocalDate day = on.isAfter(today) || on.isBefore(course.startedOn()) ? today : on;
        step.became(how, day, new BatchId(form.value()));
        if (how == StoredStep.State.DONE) {
            record(course, step, day, new BatchId(form.value()));
        }
        if (step.phase() == Course.Phase.RELEASE && how == StoredStep.State.DONE) {
            course.end(StoredCourse.State.RELEASED, day);
            return;
        }
        boolean asPlanned = how == StoredStep.State.DONE && day.equals(step.onDay());
        if (!asPlanned && step.uses()) {
            LocalDate first = how == StoredStep.State.DONE
                    ? today
                    : later(today, step.onDay().plusDays(1));
            courseReplans.replan(course, first);
        }
    }

    private StoredStep step(StoredCourse course, StepId stepId) {
        return steps.findByCollectionAndId(course.collection(), stepId.value())
                .filter(step -> step.course().equals(course.id()))
                .orElseThrow(() -> new NotHere("step"));
    }

    static LocalDate later(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }

    /** What was done stands in the plant's record too. */
    private void record(StoredCourse course, StoredStep step, LocalDate day, BatchId batch) {
        Plant plant = plants.plant(course.collection(), course.plant());
        List<RecordWriter.Line> lines = new ArrayList<>();
        switch (step.phase()) {
            case ISOLATE ->
                isolationStop(plant)
                        .ifPresent(stop -> lines.add(RecordWriter.Line.of(new LogEntry.Moved(
                                Optional.of(plant.stop()),
                                Optional.of(stop.id()),
                                OptionalDouble.empty(),
                                OptionalDouble.empty()))));
            case LOOK, TEST -> lines.add(RecordWriter.Line.of(new LogEntry.Looked()));
            case CLEAN, ACT, REPEAT ->
                knowledge
                        .find(String.valueOf(step.means()))
                        .ifPresent(means -> lines.add(
                                new RecordWriter.Line(used.chosen(course.collection(), means), means.name())));
            case RELEASE -> {
                // Where it goes back to is the grower's to say, on the plan of its stop.
            }
        }
        if (!lines.isEmpty()) {
            log.write(course.collection(), course.plant(), day, lines, Optional.of(batch));
        }
    }

    private Optional<Stop> isolationStop(Plant plant) {
        List<Stop> walk = stops.walk(plant.collection());
        boolean alone = walk.stream().anyMatch(stop -> stop.id().equals(plant.stop()) && stop.isolation());
        return alone ? Optional.empty() : walk.stream().filter(Stop::isolation).findFirst();
    }

    /** Takes back what was written of a step, with its entries in the record. */
    @Transactional(rollbackFor = TakeBack.CannotTakeBack.class)
    public void takeBack(CollectionId collection, CourseId courseId, StepId stepId) throws TakeBack.CannotTakeBack {
        courseBook.onCourse(collection, courseId, course -> {
            StoredStep step = step(course, stepId);
            boolean written = step.state() != StoredStep.State.PLANNED;
            if (written) {
                takeBack(course, step);
            }
            return written;
        });
    }

    private void takeBack(StoredCourse course, StoredStep step) throws TakeBack.CannotTakeBack {
        if (step.batch() != null && step.state() == StoredStep.State.DONE) {
            takeBack.batch(course.collection(), step.batch());
        }
        boolean used = step.uses();
        if (course.state() == StoredCourse.State.RELEASED) {
            course.end(StoredCourse.State.RUNNING, null);
        }
        step.became(StoredStep.State.PLANNED, step.onDay(), null);
        if (used) {
            // What a plan made anew lays down itself would stand there twice; the opening steps it does not.
            if (!CourseReplans.opening(step)) {
                steps.delete(step);
            }
            courseReplans.replan(course, LocalDate.now(clock));
        }
    }
}

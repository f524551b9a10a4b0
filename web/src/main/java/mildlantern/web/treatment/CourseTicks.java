package mildlantern.web.treatment;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import mildlantern.log.Counted;
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
import mildlantern.web.words.Wording;
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
    private final CourseService finds;

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
            CourseReplans courseReplans,
            CourseService finds) {
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
        this.finds = finds;
    }

    /**
     * Writes down what became of a step, and plans anew if that changes anything.
     *
     * @param how what became of it
     * @param on the day on which it was done
     * @param counted how many were counted at a look
     * @return why it was not written down, where it was not
     */
    public Optional<String> tick(
            CollectionId collection,
            CourseId courseId,
            StepId stepId,
            FormKey form,
            StoredStep.State how,
            LocalDate on,
            OptionalDouble counted) {
        return courseBook.onCourse(collection, courseId, course -> {
            StoredStep step = step(course, stepId);
            boolean fresh = forms.firstTime(collection, form) && step.state() == StoredStep.State.PLANNED;
            if (!fresh) {
                return Optional.empty();
            }
            if (how == StoredStep.State.DONE && step.phase() == Course.Phase.RELEASE && !cleanTwice(course)) {
                return Optional.of(Wording.say("treatment.course-ticks.two-clean-looks"));
            }
            tick(course, step, form, how, on, counted);
            return Optional.empty();
        });
    }

    /** Whether both looks after the last use found nothing; a disease is let go by its one look. */
    private boolean cleanTwice(StoredCourse course) {
        return steps.of(course.collection(), course.id()).stream()
                .filter(step -> step.phase() == Course.Phase.LOOK)
                .filter(step -> step.look() == Course.LookFor.NONE || step.look() == Course.LookFor.STILL_NONE)
                .allMatch(step -> step.state() == StoredStep.State.DONE);
    }

    private void tick(
            StoredCourse course,
            StoredStep step,
            FormKey form,
            StoredStep.State how,
            LocalDate on,
            OptionalDouble counted) {
        LocalDate today = LocalDate.now(clock);
        LocalDate day = on.isAfter(today) || on.isBefore(course.startedOn()) ? today : on;
        step.became(how, day, new BatchId(form.value()));
        if (how == StoredStep.State.DONE) {
            record(course, step, day, new BatchId(form.value()), counted);
        }
        if (step.phase() == Course.Phase.RELEASE && how == StoredStep.State.DONE) {
            course.end(StoredCourse.State.RELEASED, day);
            return;
        }
        if (step.phase() == Course.Phase.LOOK && how == StoredStep.State.DONE) {
            looked(course, step, counted);
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

    /** What a look found: a find after the last use asks for more; a count on the way teaches the house, and where what is left of the plan falls short
     * of its aim then, another means is looked for at once. */
    private void looked(StoredCourse course, StoredStep step, OptionalDouble counted) {
        if (counted.isEmpty()) {
            return;
        }
        step.counted((int) Math.round(counted.getAsDouble()));
        boolean shouldBeNone = step.look() == Course.LookFor.NONE || step.look() == Course.LookFor.STILL_NONE;
        if (shouldBeNone && step.counted() > 0) {
            finds.found(course, counted);
        } else if (step.look() == Course.LookFor.FEWER && course.counted() != null) {
            courseReplans.replan(course, LocalDate.now(clock));
            if (step.counted() > 0 && course.fallsShort()) {
                finds.found(course, counted);
            }
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
    private void record(StoredCourse course, StoredStep step, LocalDate day, BatchId batch, OptionalDouble counted) {
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
            case LOOK, TEST, ANTS ->
                lines.add(RecordWriter.Line.of(
                        counted.orElse(0) > 0
                                ? new LogEntry.Count(Counted.PESTS, (int) Math.round(counted.getAsDouble()))
                                : new LogEntry.Looked()));
            case CLEAN, ACT, REPEAT ->
                Stream.concat(step.step().wash().stream(), step.step().means().stream())
                        .flatMap(id -> knowledge.find(id).stream())
                        .forEach(means -> lines.add(
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
        step.counted(null);
        if (used) {
            // What a plan made anew lays down itself would stand there twice; the opening steps it does not.
            if (!CourseReplans.opening(step)) {
                steps.delete(step);
            }
            courseReplans.replan(course, LocalDate.now(clock));
        }
    }
}

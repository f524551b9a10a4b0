package mildlantern.web.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mildlantern.pest.Application;
import mildlantern.pest.LifeTable;
import mildlantern.pest.Outlook;
import mildlantern.pest.Pests;
import mildlantern.treatment.Course;
import mildlantern.treatment.CourseComposer;
import mildlantern.treatment.CourseRequest;
import mildlantern.treatment.HouseFigures;
import mildlantern.treatment.TreatmentKnowledge;
import mildlantern.web.care.TreatmentResults;
import mildlantern.web.plant.Plant;
import mildlantern.web.words.DayFormat;
import mildlantern.web.words.Percent;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Component;

/** What a course expects to be seen, held against what was counted. */
@Component
class CourseOutlooks {
    /** A count that so few courses would bring is worse than expected. */
    private static final double WORSE = 0.1;

    private static final int AFTER = 7;

    private final Situations situations;
    private final CourseComposer composer;
    private final Pests pests;
    private final TreatmentKnowledge knowledge;
    private final HouseLearning learning;

    CourseOutlooks(
            Situations situations,
            CourseComposer composer,
            Pests pests,
            TreatmentKnowledge knowledge,
            HouseLearning learning) {
        this.situations = situations;
        this.composer = composer;
        this.pests = pests;
        this.knowledge = knowledge;
        this.learning = learning;
    }

    /**
     * What can be said of a course.
     *
     * @param from its first day
     * @param outlook what will be noticed
     * @param counted whether the numbers are counts; otherwise only shares mean something
     * @param worse what was counted far above, and why that may be
     */
    record Said(LocalDate from, Outlook outlook, boolean counted, Optional<String> worse) {
        /** What a step should find. */
        Optional<String> expects(Course.Step step) {
            if (step.phase() != Course.Phase.LOOK) {
                return Optional.empty();
            }
            int day = (int) Math.max(0, Math.min(outlook.days(), ChronoUnit.DAYS.between(from, step.on())));
            if (step.look().filter(look -> look != Course.LookFor.FEWER).isPresent()) {
                return Optional.of(Wording.say("treatment.course-outlooks.expect-none"));
            }
            return Optional.of(
                    counted
                            ? Wording.say(
                                    "treatment.course-outlooks.expect",
                                    Math.round(outlook.middle(day)),
                                    Math.round(outlook.low(day)),
                                    Math.round(outlook.high(day)))
                            : Wording.say("treatment.course-outlooks.expect-share", Percent.of(outlook.fewer(day))));
        }
    }

    /** Of a course that is only thought of. */
    Optional<Said> of(CourseRequest request, Course course) {
        return pests.find(course.disorder()).map(pest -> {
            LifeTable here = request.figures().here(pest);
            List<Application> all = composer.applications(request, here, course.from(), course.steps());
            return new Said(
                    course.from(),
                    CourseComposer.clock(request, here).outlook(all, days(course.from(), course.steps())),
                    request.counted().isPresent(),
                    Optional.empty());
        });
    }

    /** Of a running course: what was done on its day, and what is planned. */
    Optional<Said> of(StoredCourse course, Plant plant, List<StoredStep> all, LocalDate today) {
        return pests.find(course.disorder()).map(pest -> {
            CourseRequest request = situations.request(course, plant, today, List.of());
            LifeTable here = request.figures().here(pest);
            List<Course.Step> steps = all.stream()
                    .filter(step -> step.state() == StoredStep.State.DONE || step.state() == StoredStep.State.PLANNED)
                    .map(StoredStep::done)
                    .toList();
            List<Application> uses = composer.applications(request, here, course.startedOn(), steps);
            return new Said(
                    course.startedOn(),
                    CourseComposer.clock(request, here).outlook(uses, days(course.startedOn(), steps)),
                    course.counted() != null,
                    worse(course, plant, all, pest, today));
        });
    }

    /** The last count, where fewer than one of ten courses would bring it by the figures of the knowledge base. */
    private Optional<String> worse(
            StoredCourse course, Plant plant, List<StoredStep> all, LifeTable pest, LocalDate today) {
        Optional<StoredStep> last = all.stream()
                .filter(step -> step.counted() != null && !step.doneOn().isBefore(course.startedOn()))
                .max(Comparator.comparing(StoredStep::doneOn));
        if (last.isEmpty() || course.counted() == null) {
            return Optional.empty();
        }
        CourseRequest asked = situations.request(course, plant, today, List.of());
        CourseRequest book = new CourseRequest(
                asked.disorder(),
                asked.situation(),
                asked.style(),
                asked.aim(),
                asked.from(),
                asked.severe(),
                asked.counted(),
                asked.coverage(),
                asked.labels(),
                HouseFigures.NONE,
                List.of());
        List<Course.Step> before = all.stream()
                .filter(step -> step.state() == StoredStep.State.DONE
                        && step.doneOn().isBefore(last.get().doneOn()))
                .map(StoredStep::done)
                .toList();
        List<Application> uses = composer.applications(book, pest, course.startedOn(), before);
        int day = (int) ChronoUnit.DAYS.between(course.startedOn(), last.get().doneOn());
        Outlook outlook = CourseComposer.clock(book, pest).outlook(uses, day);
        if (outlook.chanceOf(day, last.get().counted()) >= WORSE) {
            return Optional.empty();
        }
        return Optional.of(Wording.say(
                "treatment.course-outlooks.worse",
                DayFormat.LONG.format(last.get().doneOn()),
                last.get().counted(),
                Math.round(outlook.middle(day))));
    }

    private static int days(LocalDate from, List<Course.Step> steps) {
        return (int) Math.max(
                14,
                AFTER
                        + steps.stream()
                                .filter(step -> step.phase() != Course.Phase.RELEASE)
                                .mapToLong(step -> ChronoUnit.DAYS.between(from, step.on()))
                                .max()
                                .orElse(0));
    }

    /** The drawing of a running course. */
    Optional<CourseDrawing.Picture> picture(StoredCourse course, Said said, List<StoredStep> all, LocalDate today) {
        if (!said.counted()) {
            return Optional.empty();
        }
        List<CourseDrawing.Counted> counts = new ArrayList<>();
        counts.add(new CourseDrawing.Counted(0, (int) Math.round(course.counted())));
        all.stream()
                .filter(step -> step.counted() != null && !step.doneOn().isBefore(course.startedOn()))
                .forEach(step -> counts.add(new CourseDrawing.Counted(day(course, step.doneOn()), step.counted())));
        List<Integer> uses = all.stream()
                .filter(step -> step.uses() && step.state() != StoredStep.State.MISSED)
                .map(step -> day(course, step.doneOn() == null ? step.onDay() : step.doneOn()))
                .filter(day -> day >= 0 && day <= said.outlook().days())
                .toList();
        String unit = pests.find(course.disorder()).map(LifeTable::unit).orElse("");
        return Optional.of(new CourseDrawing(said.outlook(), said.from(), counts).draw(counts, uses, today, unit));
    }

    private static int day(StoredCourse course, LocalDate on) {
        return (int) ChronoUnit.DAYS.between(course.startedOn(), on);
    }

    /** What the counts of this house have taught about what a course uses. */
    List<TreatmentResults.Lesson> learned(StoredCourse course, Plant plant, LocalDate today) {
        HouseFigures figures =
                situations.request(course, plant, today, List.of()).figures();
        Stream<TreatmentResults.Lesson> kills = course.choice().turns().stream()
                .map(Course.Turn::means)
                .distinct()
                .flatMap(means -> learning.kills(figures, means).stream());
        return Stream.concat(kills, learning.grows(figures, course.disorder()).stream())
                .toList();
    }
}

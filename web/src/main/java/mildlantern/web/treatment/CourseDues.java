package mildlantern.web.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import mildlantern.pest.Pests;
import mildlantern.plant.PlantId;
import mildlantern.quarantine.IsolationClock;
import mildlantern.web.plant.Plant;
import mildlantern.web.plant.Plants;
import mildlantern.web.platform.CollectionId;
import mildlantern.web.platform.CourseId;
import mildlantern.web.words.Wording;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What courses ask of today's round: steps that are due, and looks at plants that stood near. */
@Service
@Transactional(readOnly = true)
public class CourseDues {
    private final CourseRepositories.Courses courses;
    private final CourseRepositories.Steps steps;
    private final CourseRepositories.Contacts contacts;
    private final Plants plants;
    private final Outbreaks outbreaks;
    private final Pests pests;
    private final StepWords words;

    CourseDues(
            CourseRepositories.Courses courses,
            CourseRepositories.Steps steps,
            CourseRepositories.Contacts contacts,
            Plants plants,
            Outbreaks outbreaks,
            Pests pests,
            StepWords words) {
        this.courses = courses;
        this.steps = steps;
        this.contacts = contacts;
        this.plants = plants;
        this.outbreaks = outbreaks;
        this.pests = pests;
        this.words = words;
    }

    /**
     * What courses ask for.
     *
     * @param steps the course step due, by plant, in words
     * @param looks the look asked for, by plant: since when, and why in words
     * @param clocks how long plants under treatment stand alone
     */
    public record Asked(Map<PlantId, Step> steps, Map<PlantId, Look> looks, Map<PlantId, IsolationClock> clocks) {
        /** No course runs. */
        static final Asked NOTHING = new Asked(Map.of(), Map.of(), Map.of());

        /** All plants that are named. */
        public List<PlantId> plants() {
            List<PlantId> all = new ArrayList<>(steps.keySet());
            all.addAll(looks.keySet());
            all.addAll(clocks.keySet());
            return all.stream().distinct().toList();
        }
    }

    /** A step that is due. */
    public record Step(CourseId course, String words) {}

    /** A look that is asked for. */
    public record Look(LocalDate since, String words) {}

    /** What all running courses of a collection ask for. */
    public Asked today(CollectionId collection, LocalDate today) {
        List<StoredCourse> running = courses.findByCollectionAndState(collection, StoredCourse.State.RUNNING);
        if (running.isEmpty()) {
            return Asked.NOTHING;
        }
        Map<CourseId, StoredCourse> byId =
                running.stream().collect(Collectors.toMap(StoredCourse::id, Function.identity()));
        Map<PlantId, Step> due = new LinkedHashMap<>();
        for (StoredStep step :
                steps.findByCollectionAndCourseInAndState(collection, byId.keySet(), StoredStep.State.PLANNED)) {
            StoredCourse course = byId.get(step.course());
            if (course != null && !step.onDay().isAfter(today)) {
                due.merge(course.plant(), new Step(course.id(), words(course, step, today)), (one, other) -> one);
            }
        }
        Map<PlantId, Look> looks = new HashMap<>();
        List<ContactLook> asked = contacts.findByCollectionAndCourseIn(collection, byId.keySet()).stream()
                .filter(look -> look.askedOn().isPresent())
                .toList();
        if (!asked.isEmpty()) {
            List<PlantId> sources = running.stream().map(StoredCourse::plant).toList();
            Map<PlantId, String> names =
                    plants.plants(collection, sources).stream().collect(Collectors.toMap(Plant::id, Plant::name));
            for (ContactLook look : asked) {
                StoredCourse course = byId.get(look.course());
                if (course != null) {
                    String words = Wording.say(
                            "treatment.course-dues.stood-which-has-turn",
                            Wording.of(look.nearness()),
                            names.getOrDefault(course.plant(), Wording.say("treatment.course-dues.a-plant")),
                            days(look.days()),
                            outbreaks.causeName(course.disorder()).toLowerCase(Locale.ROOT));
                    looks.merge(
                            look.plant(),
                            new Look(look.askedOn().orElse(today), words),
                            (one, other) -> one.since().isAfter(other.since()) ? one : other);
                }
            }
        }
        Map<CourseId, List<StoredStep>> all = steps.findByCollectionAndCourseIn(collection, byId.keySet()).stream()
                .collect(Collectors.groupingBy(StoredStep::course));
        Map<PlantId, IsolationClock> clocks = running.stream()
                .filter(course -> outbreaks.isolates(course.disorder()))
                .collect(Collectors.toMap(
                        StoredCourse::plant,
                        course -> outbreaks.clock(course, all.getOrDefault(course.id(), List.of())),
                        (one, other) -> one));
        return new Asked(due, looks, clocks);
    }

    /**
     * A step that comes up.
     *
     * @param words what to do
     */
    public record ComingStep(StepId step, CourseId course, PlantId plant, LocalDate day, String words) {}

    /** The steps of all running courses of a collection until a day. */
    public List<ComingStep> coming(CollectionId collection, LocalDate until) {
        Map<CourseId, StoredCourse> running =
                courses.findByCollectionAndState(collection, StoredCourse.State.RUNNING).stream()
                        .collect(Collectors.toMap(StoredCourse::id, Function.identity()));
        List<ComingStep> coming = new ArrayList<>();
        for (StoredStep step : running.isEmpty()
                ? List.<StoredStep>of()
                : steps.findByCollectionAndCourseInAndState(collection, running.keySet(), StoredStep.State.PLANNED)) {
            StoredCourse course = running.get(step.course());
            if (course != null && !step.onDay().isAfter(until)) {
                coming.add(new ComingStep(
                        step.id(),
                        course.id(),
                        course.plant(),
                        step.onDay(),
                        words.what(step.step(), pests.find(course.disorder()), List.of())));
            }
        }
        return coming;
    }

    private String words(StoredCourse course, StoredStep step, LocalDate today) {
        long late = ChronoUnit.DAYS.between(step.onDay(), today);
        return words.what(step.step(), pests.find(course.disorder()), List.of())
                + (late > 0
                        ? Wording.say(
                                "treatment.course-dues.was-due",
                                (late == 1 ? "yesterday" : Wording.say("treatment.course-dues.days-ago", late)))
                        : "");
    }

    static String days(int days) {
        return days == 1 ? "1 day" : Wording.say("treatment.course-dues.days", days);
    }
}
